# What a sauce says of itself. Common practice: what coats a spoon is tenths of a millimetre to a few.
RSpec.describe Restauro::Families::Sauce do
  let(:family) { described_class.new(catalogue) }

  def texts(recipe) = answer(recipe).steps.map(&:text)

  it "melts butter for an emulsion over warm water, and leaves oil as it is" do
    found = ["200 g butter", "200 ml sunflower oil"].map do |fat|
      texts("Sauce of yolks\n3 egg yolks\n#{fat}\n1 tbsp lemon juice").grep(/\AMelt 200 g butter/).length
    end
    expect(found).to eq [1, 0]
  end

  it "gives a film on the spoon in millimetres" do
    sauce = family.predict(family.read(read("30 g flour\n30 g butter\n480 ml milk")), family.options)
    expect(sauce.film_of(2.0, 8.0)).to be_between(0.1, 3)
  end

  it "takes a binder that only thickens, gum, for a thickener, and salt for none" do
    roles = family.read(read("1 g xanthan gum\n2 g salt\n500 ml milk")).ingredients.map(&:role)
    expect(roles).to eq %w[thickener seasoning liquid]
  end

  it "boils no cream down that thickens in the oven" do
    cream = "Potatoes\n500 ml double cream\n2 cloves garlic\n"
    boiled = ["", "Bake at 180C for 40 minutes."].map do |step|
      Restauro::Families::Sauce::Reduction.cream?(family.read(read("#{cream}#{step}")), family.options, catalogue)
    end
    expect(boiled).to eq [true, false]
  end

  it "compares the one it recommends with the others, never with itself" do
    column = Struct.new(:words, :score, :traits, :cost)
    trait = Struct.new(:minutes, :risks, :holds, :freezes)
    quick, slow = [[5, 1.0], [20, 2.0]].map do |minutes, score|
      column.new("roux", score, trait.new(minutes, [], 1.0, "holds"), nil)
    end
    expect(described_class::Comparison.recommend([slow, quick])).to eq [quick, "Roux: it is the quickest."]
  end
end
