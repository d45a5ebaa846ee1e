# What the steps of a dough tell the cook to do in the pot and at the board.
RSpec.describe Restauro::Families::Dough do
  steps = ->(spec, text, **choices) { spec.answer(text, **choices).steps }
  words = ->(spec, kind, text, **choices) {
  steps[spec, text, **choices].select { |s|
  s.kind == kind
}.map(&:look_for).join(" ")
}
  noodles = "Tagliatelle\n300 g flour\n3 eggs"
  dumplings = "Dumplings\n300 g flour\n2 eggs\n60 ml water"
  ravioli = "Ravioli\nDough:\n300 g flour\n3 eggs\nFilling:\n250 g ricotta"

  it "leaves the cook free while the water comes to the boil, and only then" do
    boil = steps[self, noodles].select { |step| step.kind == "boil" }
    free = boil.reject(&:attended)
    expect([boil.length > 2, free.map { |step| step.text[/to a rolling boil/] }]).to eq [true, ["to a rolling boil"]]
  end

  it "stirs a dough once, swirls the pot of dumplings, and leaves alone what a gum holds" do
    told = [
      words[self, "boil", noodles, school: "egg"],
      words[self, "boil", dumplings, school: "egg", family: "pasta", shape: "dumpling"],
      words[self, "boil", noodles, school: "gum"]
    ]
    expect(told).to match [/one stir with a wooden spoon/, /swirl the pot/, /a gum is brittle while it is hot/]
    expect(told.map { |text| text.scan(/one stir|swirl|brittle/).length }).to eq [1, 1, 1]
  end

  it "lays a second round on where two are sealed, and folds one" do
    told = %w[pair folded].map do |seal|
      steps[self, ravioli, seal: seal].map(&:text).find { |said| said.include?("of filling on") }[/filling on .*?press/]
    end
    expect(told).to match [/on each pair, .*lay a second round on/, /on each, .*fold in half/]
  end

  it "oils the board by a share of what is in the dough, not of nothing" do
    found = answer("Noodles\n300 g flour\n3 eggs", hands: "oil")
    oil = found.lines.find { |line| line.ingredient == "neutral_oil" }
    expect(oil.grams.value).to be_within(0.3).of((300 + 150) * Restauro::Constants.fetch(:dough, :bench_oil_share))
  end

  it "offers what stands on the shelf before what is listed, and both" do
    keys = answer(noodles, offer: %w[teff_flour]).then { |all| all.parts[all.dish.main].swap.alternatives.map(&:keys) }
    expect(keys.first).to include("teff_flour")
    expect(keys.reject { |all| all.include?("teff_flour") }.uniq.length).to be > 2
  end

  it "names the water of another way where there is any, and never a gram of nothing" do
    others = answer("Dumplings\n300 g flour\n120 ml water").then { |all| all.parts[all.dish.main].swap.alternatives }
    expect(others.map { |other| other.amounts.map(&:first) }).to all(include("water"))
    expect(others.flat_map { |other| other.amounts.map(&:last) }).to all(be >= 1)
  end
end
