# How a batter's water and flour are weighed out: by sums.
RSpec.describe Restauro::Families::Batter do
  catalogue = Reference::Helpers::CATALOGUE
  batter = Restauro::Families.fetch("batter", catalogue)
  swapped = ->(spec, text, **choices) { batter.swap(batter.read(spec.read(text)), batter.options(**choices)) }
  no_liquid = [Restauro::InvalidInput, /no liquid was read to thin/]

  describe "without anything poured" do
    grated = "Cakes\n100 g plain flour\n2 eggs\n500 g courgettes, grated"

    it "leaves grated vegetables and egg as wet as they are" do
      swap = swapped[self, grated]
      expect(swap.ours.recipe.ingredients.map(&:role)).not_to include("liquid")
    end

    it "does not where the cook wants another thickness" do
      expect { swapped[self, grated, target: 1.5] }.to raise_error(*no_liquid)
    end

    it "does not where nothing binds it" do
      expect { swapped[self, "Fish batter\n100 g plain flour\n500 g cod"] }.to raise_error(*no_liquid)
    end

    it "does not where nothing watery is in it" do
      expect { swapped[self, "Cakes\n100 g plain flour\n3 eggs\n30 g ham"] }.to raise_error(*no_liquid)
    end
  end

  it "weighs out less flour where eggs wet it more than its thickness allows" do
    swap = swapped[self, "Pancakes\n60 g plain flour\n4 eggs\n10 ml milk", with: %w[white_rice_flour], target: 1.6]
    expect(swap.ours.ratio.value).to be_within(0.02).of(1.6)
    expect(swap.flours.sum { |line| line.grams.value }).to be > 60
  end

  it "counts the surface of spoonfuls by how many there are" do
    ours = swapped[self, "Corn fritters\n180 g self-raising flour\n220 ml milk\n1 egg\n300 g sweetcorn",
                   piece: Restauro::Heat::Piece.parse("batter cube 30 mm", catalogue)].ours
    count, area = ours.pieces
    expect(count).to be > 3
    expect(area / count).to eq ours.options.piece.size.last
  end

  it "says that its wetness cannot be told where no flour has an amount" do
    codes = batter.predict(batter.read(read("Batter\n200 ml milk\n1 egg")), batter.options).warnings.map(&:code)
    expect(codes).to include("ratio_unknown")
  end

  it "keeps the thickness of a batter that holds no gluten" do
    swap = swapped[self, "Batter for cod\n100 g rice flour\n50 g cornflour\n200 ml soda water"]
    expect([swap.kept, swap.replaced]).to eq [true, []]
  end
end
