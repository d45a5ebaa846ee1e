# Which lines are a crust's and which its filling's, and what is drawn and said of a filling that sets cold.
RSpec.describe Restauro::Families::Crust do
  crust = Restauro::Families.fetch("crust", Reference::Helpers::CATALOGUE)
  swapped = ->(spec, text) { crust.swap(crust.read(spec.read(text)), crust.options) }
  inside = ->(spec, text) do
    crust.read(spec.read(text)).lines.select { |line| line.part == described_class::Parts::NAME }.map(&:text)
  end
  texts = ->(spec, text) { crust.steps(swapped[spec, text]).map(&:text).join("\n") }
  pastry = "200 g plain flour\n100 g butter\n50 ml water"

  describe described_class::Parts do
    it "takes what stands before a crust with a heading for its filling" do
      found = inside[self, "Apple tart\n4 apples\n50 g sugar\nFor the crust\n#{pastry}"]
      expect(found).to eq ["4 apples", "50 g sugar"]
    end

    it "leaves what stands before any heading in the crust, where its flour stands there" do
      found = inside[self, "Apple tart\n200 g plain flour\n100 g butter\nFor the crust\n50 ml water"]
      expect(found).to eq []
    end

    it "puts nuts with a fat and eggs of their own into a dough that is whole without them" do
      found = inside[self, "Almond tart\n#{pastry}\n150 g ground almonds\n100 g butter\n2 eggs"]
      expect(found).to eq ["150 g ground almonds", "100 g butter", "2 eggs"]
    end

    it "leaves nuts without a fat of their own in the dough" do
      expect(inside[self, "Almond pastry\n#{pastry}\n150 g ground almonds\n2 eggs"]).to eq []
    end
  end

  it "lays paper on a cream that was boiled, against a skin" do
    cream = "Banana cream tart\n#{pastry}\nFor the filling\n500 ml milk\n4 egg yolks\n100 g sugar\n" \
            "40 g cornflour\nChill"
    expect(texts[self, cream]).to include "paper on its surface against a skin"
  end

  it "lays none on what was never boiled" do
    cake = "Cheesecake\n200 g digestive biscuits\n100 g butter\nFor the filling\n400 g cream cheese\n" \
           "200 ml double cream\n100 g sugar\nChill overnight"
    expect(texts[self, cake]).to match(/fridge until it has set\.$/)
  end

  it "draws the filling from when it goes into the oven" do
    swap = swapped[self, "Plum pie\n#{pastry}\n600 g plums\n80 g sugar\nBake 40 minutes at 190C"]
    expect(described_class::Picture.new(swap).to_h[:bake][:filling].first.first).to eq 0.0
  end
end
