# What a sauce tells of its thickener, its minutes and its mending: common practice.
RSpec.describe Restauro::Families::Sauce do
  told = ->(swap) { described_class::Cautions.of_sauce(swap.ours).join(" ") }
  simmered = ->(swap) { swap.ours.cooking.send(:simmer_s) / 60.0 }
  white = "White sauce\n50 g butter\n50 g flour\n600 ml milk"

  it "warns of gum that is wetted slowly in a slurry alone: in fat the grains stand apart" do
    swaps = %w[slurry roux].map { |school| swap(white, school: school, with: %w[blend_with_gum]) }
    expect(swaps.map { |one| told[one].include?("gum in it clumps") }).to eq [true, false]
  end

  # Flour and what boils with eggs want two minutes; a starch alone one.
  {
    "a starch alone" => [white, %w[corn_starch], 1.0],
    "a flour" => [white, %w[white_rice_flour], 2.0],
    "a flour and a starch" => [white, %w[white_rice_flour corn_starch], 2.0],
    "a starch with eggs" => ["Custard\n500 ml milk\n4 egg yolks\n80 g sugar\n40 g flour", %w[corn_starch], 2.0]
  }.each do |name, (text, with, minutes)|
    it("boils a slurry of #{name} for #{minutes.round} min") do
      expect(simmered[swap(text, school: "slurry", with: with)]).to eq minutes
    end
  end

  it "gives the slurry that mends a thin sauce in grams and in spoons" do
    move = sauce.rescue(read(white), sauce.options, observed: 3.0, target: 6.2).moves.find { |one|
  one.kind.to_s == "slurry"
}
    expect(move.text).to match(/\AStir [\d.]+ g maize starch \(.*(?:tsp|tbsp).*\) into [\d.]+ g cold water\./)
  end

  it "leaves the lid off where nothing is said of one" do
    expect(sauce.options.lid).to be false
  end
end

# A sauce with what it is for, and what a recipe says of its oven.
RSpec.describe Restauro::Dishes do
  serve = ->(found) { found.steps.select { |step| step.kind == "serve" }.map(&:text).join(" ") }
  sauce = "\nSauce\n25 g butter\n25 g flour\n400 ml stock"

  it "keeps a sauce beside what is crisp, and pours it over what is not", :long do
    crisp = answer("Schnitzel with sauce\n4 pork escalopes, 120 g\n60 g flour\n2 eggs\n120 g breadcrumbs#{sauce}",
                   oil: Restauro::Heat::Frying.parse("175C shallow"))
    soft = answer("Gnocchi with sauce\n800 g riced potato\n200 g flour\n1 egg#{sauce}")
    expect([serve[crisp], serve[soft]]).to match [
      /beside it, or over it at the last moment/,
      /over it at the table/
    ]
    expect(serve[soft]).not_to include("beside it")
  end

  crumbs = ->(spec, grams, milk) do
    dish = spec.answer("Cauliflower gratin\n50 g butter\n50 g flour\n#{milk} ml milk\n#{grams} g breadcrumbs").dish
    dish.parts.length
  end

  # Twice the weight of the crumbs and more is a sauce under them.
  it "strews crumbs behind a sauce as its top, by what there is of either" do
    expect([crumbs[self, 60, 600], crumbs[self, 200, 300]]).to eq [2, 1]
  end
end
