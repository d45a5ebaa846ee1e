# How much more of a recipe, as cooks say it.
RSpec.describe Restauro::Recipes::ScaleWish do
  reader = Reference::Helpers::READERS["us"]
  sauce = ->(spec) { spec.read("White sauce\nServes 4\n50 g butter\n50 g flour\n500 g milk\n100 g milk") }
  factor = ->(spec, text) { described_class.new(text, reader).factor(sauce[spec]) }

  {
    "2" => 2.0, "1.5" => 1.5, "1 1/2" => 1.5, "½" => 0.5, "3x" => 3.0, "x2" => 2.0, "1½" => 1.5,
    "double" => 2.0, "Twice the recipe" => 2.0, "half" => 0.5, "half the recipe" => 0.5, "a quarter of it" => 0.25,
    "two" => 2.0, "one and a half times the recipe" => 1.5, "2 times" => 2.0, "" => 1.0, "  " => 1.0,
    "serves 6" => 1.5, "for 2" => 0.5, "for 8 people" => 2.0, "10 servings" => 2.5, "2 portions" => 0.5,
    "1200 g milk" => 2.0, "25 g butter" => 0.5
  }.each do |text, times|
    it "makes #{times} times as much of '#{text}'" do
      expect(factor[self, text]).to be_within(1e-9).of(times)
    end
  end

  it "goes by the area of two pans" do
    expect(factor[self, "8x8 in to 9x13 in"]).to be_within(1e-6).of(117.0 / 64)
  end

  it "goes by the area of two rounds, whichever is larger" do
    expect(factor[self, "26 cm round into 20 cm round"]).to be_within(1e-6).of((20.0 / 26)**2)
  end

  it "hears what is to be used up, and scales nothing by itself" do
    one = described_class.new("use up the sorghum flour", reader)
    expect([one.use_up, one.factor(sauce[self]), one.ingredient_named(one.use_up)])
      .to eq ["sorghum flour", 1.0, "sorghum_flour"]
  end

  {
    "a lot" => /not understood: 'a lot'; type 2, serves 6/,
    "300 g sugar" => /there is no weighed sugar in the recipe/,
    "8x8 in" => /not understood/
  }.each do |text, words|
    it "says what it does not take: #{text}" do
      expect { factor[self, text] }.to raise_error(Restauro::InvalidInput, words)
    end
  end

  it "asks for the servings that a recipe does not tell" do
    bare = read("White sauce\n50 g butter\n50 g flour\n500 g milk")
    expect { described_class.new("serves 6", reader).factor(bare) }
      .to raise_error(Restauro::InvalidInput, /does not say how many it serves/)
  end
end
