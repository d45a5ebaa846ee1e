# The pot and the hands: weights by hand, pieces of every shape, and what holds a dough without its wheat.
RSpec.describe "A dough in hand and in the pot" do
  families = %w[pasta gnocchi].to_h { |key| [key, Restauro::Families.fetch(key, Reference::Helpers::CATALOGUE)] }
  swapped = ->(spec, key, text, **choices) { families[key].swap(spec.read(text), families[key].options(**choices)) }
  steps = ->(spec, key, text, **choices) { families[key].steps(swapped[spec, key, text, **choices]).map(&:text) }
  noodles = "300 g flour\n3 eggs"
  parcels = "Parcels\nDough:\n300 g flour\n3 eggs\nFilling:\n400 g ricotta"

  it "gives the pot the dough and its filling, less what is left of it" do
    ours = swapped[self, "pasta", parcels].ours
    by_hand = ours.grams - ours.plan.left_g + ours.filling_each_g * ours.plan.pieces
    expect(ours.boiling.boiled_g).to be_within(1e-6).of(by_hand)
  end

  it "weighs a piece as its share of what is boiled" do
    ours = swapped[self, "pasta", parcels].ours
    expect(ours.boiling.piece_g * ours.plan.pieces).to be_within(1e-6).of(ours.boiling.boiled_g)
  end

  it "says all at once where one batch takes them all, and how many where not" do
    few, many = ["60 g flour\n1 egg", "900 g flour\n9 eggs"].map { |text| steps[self, "pasta", text, litres: 3].join }
    expect([few, many]).to match([/All at once: the pot/, /\d+ at a time, \d+ batches: the pot/])
  end

  it "counts trays, one of them alone in the singular" do
    one, more =
      ["100 g flour\n1 egg", "900 g flour\n9 eggs"].map { |text| steps[self, "pasta", text].grep(/tray/).first }
    expect([one, more]).to match([/: 1 tray\./, /: \d+ trays\./])
  end

  it "mends what sticks with flour, by balance" do
    swap = swapped[self, "pasta", noodles, school: "psyllium"]
    drier = families["pasta"].mend(swap, trouble: "sticks").first
    by_hand = Restauro::Hydration::WaterRatio.of(swap.ours.weights + [[drier.ingredient, drier.grams]])
    expect([drier.lands_at, drier.lands_at / swap.ours.ratio.value])
      .to match([be_within(0.01).of(by_hand), be_within(0.005).of(0.92)])
  end

  it "gels psyllium in water where there is water, else in the egg or the purée" do
    watered, egged =
      ["300 g flour\n150 ml water", "300 g flour\n5 eggs"].map do |text|
        steps[self, "pasta", text, school: "psyllium"].grep(/psyllium husk into/).first
      end
    expect([watered, egged]).to match([/into \d+ g water/, /into (?:\d+ g water|the purée or the beaten egg)/])
  end

  it "asks for no root where there is none" do
    refused = swapped[self, "gnocchi", "500 g ricotta\n120 g flour\n1 egg", school: "curd"].refused
    expect(refused.transform_keys(&:key)["root"]).to eq "there is no root in this dough"
  end

  it "adds no second curd to a dough of curd" do
    swap = swapped[self, "gnocchi", "500 g ricotta\n120 g flour\n1 egg", school: "curd"]
    expect([swap.binder, swap.ours.recipe.ingredients.count { |line| line.role == "cheese" }]).to eq [nil, 1]
  end

  it "refuses a dough whose own root may not be eaten, and not one whose filling holds it" do
    own = -> { swapped[self, "gnocchi", "1 kg potatoes\n300 g flour\n1 egg", without: %w[raw_potato raw_squash]] }
    expect(&own).to raise_error(Restauro::InvalidInput, /what this dough is made of/)
  end

  describe "shaped by hand" do
    ears = "Orecchiette\n300 g semolina\n150 ml warm water"
    strings = "Pici\n300 g plain flour\n150 ml water"

    it "cuts ears as long as their rope is thick, and presses them thin" do
      plan = swapped[self, "pasta", ears].ours.plan
      expect([plan.thickness_mm, plan.path_mm]).to eq [12.0, 4.0]
    end

    it "weighs an ear as a cylinder as long as it is thick" do
      ours = swapped[self, "pasta", ears].ours
      volume_cm3 = Math::PI * 1.2**3 / 4
      density = ours.food.density(Restauro::Constants.fetch(:boil, :start_celsius)) / 1000
      expect(ours.plan.piece_g).to be_within(1e-6).of(volume_cm3 * density)
    end

    it "lays strings in nests, ears side by side" do
      trays = [ears, strings].map { |text| swapped[self, "pasta", text].ours.plan }
      expect(trays.map { |plan| [plan.shape, plan.trays] }).to eq [["thumbed", 2], ["strings", 1]]
    end

    it "boils a thin string sooner than a thick one" do
      thin, thick = [4.0, 7.0].map { |mm| swapped[self, "pasta", strings, rope_mm: mm].ours.boiling.minutes }
      expect(thin).to be < thick
    end

    it "needs less stretch than a thin sheet" do
      needs = [ears, strings, noodles].map { |text| swapped[self, "pasta", text].ours.stretch_needed }
      expect(needs.first(2)).to all(be < needs.last)
    end

    it "keeps the shape that is asked for over the one that is told" do
      expect(swapped[self, "pasta", ears, shape: "strings"].ours.options.shape).to eq "strings"
    end
  end

  describe "its liquids" do
    it "solves thin milk anew and keeps rich cream" do
      milk, cream =
        ["100 ml milk", "3 tbsp double cream"].map { |wet| swapped[self, "pasta", "300 g flour\n2 eggs\n#{wet}"].ours }
      keys = [milk, cream].map { |ours| ours.recipe.ingredients.map(&:ingredient) }
      expect(keys).to match([not_include("whole_milk"), include("heavy_cream")])
    end

    it "counts what it keeps: richer, it takes less water" do
      plain, rich =
        ["", "\n60 g sour cream"].map { |more| swapped[self, "pasta", "400 g flour\n1 egg\n150 ml water#{more}"] }
      expect(rich.liquid.grams.value).to be < plain.liquid.grams.value
    end

    it "lands on the target with what it keeps" do
      swap = swapped[self, "pasta", "400 g flour\n1 egg\n150 ml water\n60 g sour cream"]
      expect(swap.ours.ratio.value).to be_within(0.01).of(swap.target)
    end
  end
end
