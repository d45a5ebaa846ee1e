RSpec.describe Restauro::Families::Breading do
  family = Restauro::Families.fetch("breading", Reference::Helpers::CATALOGUE)
  recipe =
    "Celeriac schnitzels in a crumb coat\n800 g celeriac, in 12 mm slices\n4 tbsp plain flour\n2 eggs\n150 g " \
"breadcrumbs\n1 tsp salt"
  at = {
    piece: Restauro::Heat::Piece.parse("celeriac slice 12 mm", Reference::Helpers::CATALOGUE),
    oven: Restauro::Kitchen::OvenTemperature.parse("200C")
  }.freeze
  swapped = ->(spec, **choices) { family.swap(spec.read(recipe), family.options(**choices)) }

  it("leaves no wheat in the coat") do
    expect(
      swapped[self].ours.recipe.lines.select(&:ingredient).map { |l| catalogue.fetch(l.ingredient).gluten }
    ).not_to include("contains")
  end
  it("is as thick as wheat's within a tenth") do
    expect(swapped[self].then { |s| s.ours.coat_m / s.wheat.coat_m }).to be_within(0.1).of(1)
  end

  it "is as thick as wheat's where the crumbs do not go round, or are more than lie on it" do
    found = [20, 60, 400].map do |grams|
      swap = family.swap(read(recipe.sub("150 g breadcrumbs", "#{grams} g breadcrumbs")), family.options(**at))
      swap.ours.coat_m / swap.wheat.coat_m
    end
    expect(found).to all(be_within(0.05).of(1))
  end

  it "weighs the layers for the pieces there are" do
    swap = swapped[self, **at]
    count, area = swap.ours.pieces
    # By hand: a 90 x 70 x 12 mm slice is 75.6 cm3, about 78 g: 10 slices; two faces and a rim, 0.0164 m2 each.
    expect([count, area / count]).to match([10, be_within(0.0002).of(0.0164)])
    crumb = swap.ours.layers.find { |layer| layer.name == "crumb" }
    expect(swap.ours.needed(crumb)).to be_within(1).percent_of(1000 * crumb.kg_m2 * area * 1.15)
  end

  it("takes what the cupboard has") do
    expect(swapped[self, with: %w[chickpea_flour cornmeal]].coats.map(&:ingredient)).to eq %w[chickpea_flour cornmeal]
  end
  it("binds without egg for who eats none") do
    expect(swapped[self, without: %w[egg]].ours.recipe.lines.map(&:ingredient)).to include("flax_meal")
  end
  it("offers other crumbs, and how to make them") do
    expect(swapped[self, **at].alternatives.map { |a| [a.names.first, a.from.length > 10] }).to include(
      ["corn flakes", true],
      ["ground nuts", true]
    )
  end
  it("leaves nuts out for who must") do
    expect(swapped[self, without: %w[tree_nut]].alternatives.flat_map(&:keys)).not_to include("ground_nuts")
  end

  it "every diet leaves a coat or a plain sentence", :long do
    Restauro::Diets.all.each do |diet|
      expect(swapped[self, without: [diet.key]].coats.map(&:role)).to include("flour", "crumb")
    rescue Restauro::InvalidInput => e
      expect(e.message).to match(/leave out less/)
    end
  end

  it "salts watery pieces first, and says how much water comes out" do
    steps = family.steps(swapped[self, **at])
    expect(steps.map { |s| [s.text, s.look_for].compact.join(" ") }.join(" ")).to match(
      /Salt the slices.*about 40 g of water/
    ).and match(/press/).and match(/Rest the pieces/).and match(/Bake at 200 °C/)
  end

  it("has no target of its own") do
    expect { family.options(target: "thick") }.to raise_error(Restauro::InvalidInput, /thickness/)
  end
  it("says what it lacks") do
    expect { family.swap(read("400 g celeriac\n1 egg"), family.options) }.to raise_error(
      Restauro::InvalidInput,
      /breadcrumbs/
    )
  end
end
