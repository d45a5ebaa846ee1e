# What a sauce is like to live with, held to sums by hand and to what practice says of each thickener (common practice).
RSpec.describe Restauro::Families::Sauce::Traits do
  traits = ->(spec, text, **choices) { described_class.of(spec.swap(text, **choices)) }
  milk = "40 g butter\n40 g plain flour\n500 ml milk"

  it "says its fat in g to 100 g of all that is in it" do
    swapped = swap(milk, with: %w[corn_starch])
    grams = swapped.ours.recipe.ingredients.select(&:counted?).to_h { |line| [line.ingredient, line.grams.value] }
    fat = grams.sum { |key, g| g * catalogue.fetch(key).fat_pct / 100 }
    expect(described_class.of(swapped).fat_pct).to be_within(0.05).of(100 * fat / grams.values.sum)
  end

  it "says that potato starch thins when it is held, and that maize keeps" do
    potato, maize =
      %w[potato_starch corn_starch].map { |key| traits[self, "30 g plain flour\n500 ml stock", with: [key]] }
    expect([potato.risks, maize.risks]).to match([include("thins when held"), not_include("thins when held")])
  end

  it "says that potato starch keeps less of its body on the hob than maize" do
    potato, maize =
      %w[potato_starch corn_starch].map { |key| traits[self, "30 g plain flour\n500 ml stock", with: [key]].holds }
    expect(potato).to be < maize
  end

  it "says that a thick sauce of maize cuts when it is cold, and a thin one does not" do
    thick, thin = %w[very_thick thin].map { |grade| traits[self, milk, with: %w[corn_starch], target: grade].slices }
    expect([thick, thin]).to eq [true, false]
  end

  it "takes the worst of two thickeners: a blend weeps where its starch would hold" do
    alone, both =
      [%w[tapioca_starch], %w[tapioca_starch corn_starch]].map { |keys| traits[self, milk, with: keys].freezes }
    expect([alone, both]).to eq %w[holds weeps]
  end

  it "says that starch dry into what is hot lumps, and cold liquid onto a roux does not" do
    dry, cold = [{school: "slurry", pour: "dry_into_hot"}, {school: "roux", pour: "cold_at_once"}].map do |choices|
      traits[self, milk, with: %w[corn_starch], **choices].risks
    end
    expect([dry, cold]).to match([include("lumps"), not_include("lumps")])
  end

  it "names two thickeners' tastes once each" do
    tastes = traits[self, milk, with: %w[sorghum_flour corn_starch]].taste
    expect(tastes.split(", ").uniq.length).to eq tastes.split(", ").length
  end
end

# Two or three swaps side by side: which are shown, and what is said of the best.
RSpec.describe Restauro::Families::Sauce::Comparison do
  columns = ->(spec, text, options: {}, **choices) do
    described_class.new(spec.sauce, spec.read(text), spec.sauce.options(**options), **choices).columns
  end
  milk = "40 g butter\n40 g plain flour\n500 ml milk"

  it "shows the chosen one, its best alternative, and the other way of working" do
    shown = columns[self, milk]
    expect(shown.map { |column| column.swap.school }).to eq %w[roux roux slurry]
  end

  it "calls a column by its thickeners and its way of working" do
    expect(columns[self, milk].first.words).to eq "one-for-one blend and maize starch, roux"
  end

  it "shows three different ways, none twice" do
    shown = columns[self, milk].map { |column| [column.swap.school, column.swap.thickeners.map(&:ingredient).sort] }
    expect(shown.uniq).to eq shown
  end

  it "knows no cost of a swap with one price missing" do
    priced = ->(key, _grams) { 1.0 if key == "corn_starch" }
    found = columns[self, milk, others: [["slurry", %w[corn_starch]]], cost: priced]
    expect(found.map(&:cost)).to eq [nil, 1.0]
  end

  it "says which costs least only where every price is known" do
    known = ->(key, grams) { key == "corn_starch" ? grams * 0.001 : grams * 0.01 }
    best = ->(cost) do
      found = columns[self, milk, options: {with: %w[corn_starch]}, others: [["roux", %w[sorghum_flour]]], cost: cost]
      described_class.reasons(found.first, found.drop(1))
    end
    half = ->(key, grams) { known[key, grams] if key == "corn_starch" }
    expect([best[known], best[half]]).to match([include("it costs least"), not_include("it costs least")])
  end

  it "says that one keeps its body only beside another that does not" do
    beside = ->(key) do
      found = columns[
        self, "30 g plain flour\n500 ml stock", options: {with: %w[sorghum_flour]}, others: [["slurry", [key]]]
      ]
      described_class.reasons(found.first, found.drop(1))
    end
    words = %w[potato_starch white_rice_flour].map(&beside)
    expect(words).to match([include("it keeps its body on the hob"), not_include("it keeps its body on the hob")])
  end
end

# What may stand in for a thickener: what is left for who eats, and nothing that does not thicken.
RSpec.describe Restauro::Families::Sauce::Choice do
  it "offers beside a choice only what thickens and may be eaten" do
    offered = swap("40 g butter\n40 g plain flour\n500 ml milk", without: %w[maize]).alternatives.flat_map(&:keys)
    kept = offered.map { |key| catalogue.fetch(key) }
    expect(kept).to all(be_thickens.and(satisfy("without maize") { |one| !one.allergens.include?("maize") }))
  end

  it "never offers the mix that is chosen, in whatever order it is named" do
    chosen = %w[corn_starch blend_with_gum]
    offered = swap("40 g butter\n40 g plain flour\n500 ml milk", with: chosen).alternatives.map { |one| one.keys.sort }
    expect(offered).not_to include(chosen.sort)
  end
end

# What a probe in a sauce should see.
RSpec.describe "The course of a sauce, for a probe" do
  it "begins when the liquid is in, at nought minutes, and only gets later" do
    _, points, = sauce.expected(swap("40 g butter\n40 g plain flour\n500 ml milk"))
    minutes = points.map(&:first)
    expect([minutes.first, minutes.each_cons(2).all? { |a, b| b > a }]).to eq [0.0, true]
  end

  it "ends at the boil's own heat" do
    _, points, most = sauce.expected(swap("40 g butter\n40 g plain flour\n500 ml milk"))
    expect(points.map(&:last).max).to be_within(0.2).of(most)
  end
end
