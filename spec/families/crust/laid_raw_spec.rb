# frozen_string_literal: true

# What goes on a crust as it is, and what a pan cooks first. Common practice.
RSpec.describe Restauro::Families::Crust::LaidRaw do
  said = ->(spec, steps) do
    list = "250 g flour\n125 ml water\n200 g creme fraiche\n2 onions\n150 g bacon"
    described_class.said?(spec.read("Thin tart\n#{list}\n#{steps}", system: "metric"))
  end

  {
    "Spread with the cream, scatter the onions and the bacon over it. Bake 12 minutes." => true,
    "Fry the bacon, scatter it over. Bake 12 minutes." => false,
    "Soften the onions. Spread the cream, scatter the bacon. Bake." => false,
    "Zwiebeln und Speck darauf verteilen. 12 Minuten backen." => false,
    "Roll out the dough. Bake until the bacon is golden." => false,
    "Scatter the bacon. Bake until the onions are golden." => true
  }.each do |steps, raw|
    it("is #{raw} of '#{steps}'") { expect(said[self, steps]).to be raw }
  end

  it "is said of the things by their own names in their own tongue" do
    text = "Flammkuchen\n250 g Mehl\n125 ml Wasser\n2 Zwiebeln\n150 g Speck\nZwiebeln und Speck verteilen. Backen."
    expect(described_class.said?(read(text, system: "metric"))).to be true
  end

  it "lays no minced meat on raw, whatever is said" do
    line = read("Tart\n250 g flour\n300 g minced beef").ingredients.last
    expect([described_class.of?(line, true)]).to eq [false]
  end

  it "lays slices of tomato on raw, whatever is said" do
    line = read("Tart\n250 g flour\n3 tomatoes, sliced").ingredients.last
    expect([described_class.of?(line, nil)]).to eq [true]
  end
end
