# How a family reads what it is given: which way, which lines go where, what is left to choose from.
RSpec.describe Restauro::Families do
  family = ->(key) { described_class.fetch(key, Reference::Helpers::CATALOGUE) }
  part = ->(spec, text, **choices) {
  spec.answer(text, system: "uk", **choices).then { |all|
  all.parts[all.dish.main]
}
}
  step = ->(found, words) { found.steps.find { |one| one.text.match?(words) } }

  describe Restauro::Families::Sauce do
    it "may be asked for a grade or a number, and nothing else" do
      expect(%w[thick 7.5 blue].map { |value| family["sauce"].texture?(value) }).to eq [true, true, false]
    end

    school = ->(spec, text) {
  described_class::Formula.from(spec.sauce.read(spec.read(text, system: "uk")), spec.catalogue).school
}

    {
      "Roux\n40 g butter\n30 g cornflour\n500 ml milk" => "roux",
      "Sauce\n40 g butter\n30 g cornflour\n500 ml milk" => "slurry",
      "Roux\n30 g cornflour\n500 ml milk" => "slurry",
      "Sauce\n40 g butter\n30 g plain flour\n500 ml milk" => "roux",
      "Sauce\n30 g plain flour\n500 ml milk" => "slurry",
      "Sauce\n40 g butter\n30 g plain flour\n500 ml milk\nMake a slurry of the flour" => "slurry"
    }.each do |text, way|
      it("makes a #{way} of #{text.lines.map(&:strip).join(", ")}") { expect(school[self, text]).to eq way }
    end

    it "puts a roux together with fat around the grains, a slurry with water or nothing" do
      ways = %w[roux slurry].to_h { |way| [way, described_class::LumpRisk.of(way)] }
      expect(ways).to eq("roux" => %w[cold_at_once portions hot_at_once],
                         "slurry" => %w[slurry_thread slurry_at_once dry_into_hot])
      expect(ways.map { |way, pours| pours.include?(described_class::LumpRisk.usual(way)) }).to all be true
    end

    it "stews fruit in its own juice, and boils it in what is poured on it" do
      own = part[self, "Plum sauce\n500 g plums\n60 g sugar\n1 tbsp cornflour"]
      poured = part[self, "Plum sauce\n500 g plums\n200 ml apple juice\n60 g sugar\n1 tbsp cornflour"]
      expect([own, poured].map { |found|
  found.steps.map(&:text).grep(/lid on, low; stir now and then/).length
}).to eq [1, 0]
    end

    it "wets a starch with its own share of cold water, a gum with a flour's, and no flour" do
      wet = ->(key) { described_class::Formula.water_for(catalogue.fetch(key), 10.0) / 10.0 }
      starch, flour = %i[slurry_water_starch slurry_water_flour].map { |name| Restauro::Constants.fetch(:sauce, name) }
      expect(%w[corn_starch xanthan_gum sorghum_flour].map(&wet)).to eq [starch, flour, 0.0]
    end

    it "shows the spoon of the moment that is asked for" do
      ours = part[self, "Sauce\n40 g butter\n40 g flour\n500 ml milk"].swap.ours
      last = ours.course.last.seconds
      at = ->(seconds) { described_class::LookFors.at(ours, seconds) }
      expect([at[last].celsius, at[0].celsius]).to match [be_within(0.5).of(ours.pan_celsius), be < 40]
      expect(at[last].viscosity.value).to be_within(1).percent_of(ours.course.last.viscosity_pa_s)
    end

    it "holds against a swap only what is not at hand, where anything is", :long do
      milk = "40 g butter\n40 g plain flour\n500 ml milk"
      score = ->(at_hand) do
        described_class::Comparison.new(sauce, read(milk), sauce.options(with: %w[corn_starch]),
at_hand: at_hand).columns.first.score
      end
      expect(score[[]]).to eq score[%w[corn_starch]]
      expect(score[%w[sorghum_flour]]).to be > score[%w[corn_starch]]
    end

    it "lets wine bubble before cream is boiled down in it" do
      texts = part[self, "Wine cream\n150 ml white wine\n400 ml double cream"].steps.map(&:text)
      wine, down = ["white wine; let it bubble", "Boil it down"].map do |words|
        texts.index { |text| text.include?(words) }
      end
      expect(wine).to be < down
    end
  end

  describe Restauro::Families::Crust do
    it "leaves the schools that who eats can eat" do
      left, out = family["crust"].schools(family["crust"].options(style: "rolled", without: ["egg"]))
      expect([left.map(&:key), out.map(&:key)]).to eq [%w[gum psyllium seed], ["egg"]]
    end

    it "is a crumble while no more wets it than a spoonful" do
      style = ->(water) {
  part[self, "Plum crumble\n200 g plain flour\n100 g butter\n#{water} ml water\n600 g plums"].swap.ours.style.key
}
      expect([style[0], style[15], style[60]]).to eq %w[crumble crumble rolled]
    end

    it "puts its own sheet in for wheat's and keeps the headings of a list out of it" do
      found = part[self, "Leek pie\nIngredients\n1 sheet puff pastry\n400 g leeks\nMethod\nBake at 200C for 30 minutes"]
      expect(found.lines.map(&:ingredient)).to start_with("gf_puff_sheet").or include("gf_puff_sheet")
      expect(found.lines.map(&:text)).to not_include("Ingredients", "Method")
    end
  end

  describe Restauro::Families::Dough do
    let(:found) { part[self, "Tagliatelle\nIngredients\n200 g plain flour\n100 g strong white flour\n3 eggs"] }

    it "puts all that is new in the first flour's place, nothing in the second's" do
      first, second = found.pairs.select { |wheat, _| wheat.role == "flour" }
      expect([first.last.map(&:role).first, second.last]).to eq ["flour", []]
      expect(first.first.text).to include("plain flour")
    end

    it "keeps no heading of the list" do
      expect(found.pairs.map { |wheat, _| wheat.text.strip }).to not_include("Ingredients")
    end
  end

  describe Restauro::Families::Batter do
    it "says how far a batter that came out wrong is from right, and what puts it there" do
      swap = part[self, "Pancakes\n150 g plain flour\n300 ml milk\n2 eggs"].swap
      thick, thin = [0.7, 1.4].map { |times| described_class::Rescue.moves(swap, swap.target * times, catalogue).first }
      expect([thick.kind, thin.kind]).to eq %w[dilute thicken]
      expect([thick.lands_at, thin.lands_at]).to all be_within(3).percent_of(swap.target)
      expect(described_class::Rescue.moves(swap, swap.target, catalogue)).to eq []
    end

    it "dips what is dipped, not what it is served with" do
      text = "Fish in batter\n4 cod fillets\n150 g plain flour\n200 ml soda water\nTo serve: 1 lemon, 200 g peas"
      found = part[self, text, oil: 180]
      dipped = found.steps.find { |one| one.kind == "fry" && one.text.include?("dip") }
      expect(dipped.uses.map(&:text)).to eq ["4 cod fillets"]
      expect(step[found, /\AServe with/].uses.map(&:text)).to eq ["1 lemon", "200 g peas"]
    end

    it "says that a middle is never done only where it is neither done nor burnt" do
      codes = ->(celsius) do
        oven = Restauro::Kitchen::OvenTemperature.parse("#{celsius}C")
        found = part[self, "Cauliflower in batter\n600 g cauliflower\n150 g plain flour\n220 ml water", oven: oven,
                           piece: Restauro::Heat::Piece.parse("cauliflower floret 40 mm", catalogue)]
        found.swap.ours.warnings.map(&:code) & %w[never_done burns_before_done]
      end
      expect([codes[200], codes[80]]).to eq [[], ["never_done"]]
    end

    it "lays only what cooks in it into a hot tin" do
      text = "Toad in the hole\n8 sausages\n140 g plain flour\n4 eggs\n200 ml milk\nTo serve: 300 ml gravy"
      laid = step[part[self, text], /into the hot fat/]
      expect(laid.uses.map(&:text)).to eq ["8 sausages"]
    end
  end

  describe Restauro::Families::Breading do
    it "takes flours and crumbs, no gum and no target" do
      takes = %w[sorghum_flour potato_starch gf_breadcrumbs cornmeal xanthan_gum].map { |key|
  family["breading"].takes?(catalogue.fetch(key))
}
      expect(takes).to eq [true, true, true, true, false]
      expect(family["breading"].texture?("medium")).to be false
    end

    it "warns where nothing would stay on the piece, and only there" do
      codes = ->(text) { family["breading"].predict(read(text), family["breading"].options).warnings.map(&:code) }
      bare = codes["Schnitzels\n4 slices celeriac, 10 mm"]
      coated = codes["Schnitzels\n4 slices celeriac, 10 mm\n40 g flour\n2 eggs\n100 g breadcrumbs"]
      expect([bare - coated]).to eq [["no_coat"]]
    end
  end

  describe "what puts a dough right" do
    ratio = ->(weights) { Restauro::Hydration::WaterRatio.free(weights) / Restauro::Hydration::WaterRatio.held(weights) }
    texts = {"crust" => "Tart case\n200 g plain flour\n100 g butter\n45 ml water",
             "pasta" => "Tagliatelle\n300 g flour\n3 eggs",
             "gnocchi" => "Gnocchi\n800 g riced potato\n200 g flour\n1 egg"}

    texts.each do |key, text|
      it "lands a #{key} where its weights would with what is added" do
        swap = part[self, text].swap
        module_of = key == "crust" ? Restauro::Families::Crust : Restauro::Families::Dough
        troubles = Restauro::DataFiles.yaml("families/#{key == "crust" ? "crust" : "dough"}/troubles.yml").keys
        moves = troubles.flat_map { |trouble| module_of::Mend.moves(swap, trouble, catalogue) }
        expect(moves).not_to be_empty
        moves.each do |move|
          expect(move.lands_at).to be_within(1e-6).of(ratio[[*swap.ours.weights, [move.ingredient, move.grams]]])
        end
      end
    end
  end

  describe "an empty case" do
    it "stays in the oven longer than one that is filled and goes back" do
      bare = ->(text) { part[self, text].swap.ours.baking.bare_minutes }
      pastry = "200 g plain flour\n100 g butter\n45 ml water"
      empty, filled = ["Tart case\n#{pastry}", "Leek tart\n#{pastry}\n3 eggs\n300 ml cream"].map(&bare)
      times = Restauro::Constants.fetch(:crust, :golden_dry_times)
      expect(empty / filled).to be_within(0.1).of(times)
    end

    it "is given a lid by the dough there is only where its name is a pie's" do
      dough = "400 g plain flour\n200 g butter\n80 ml water\n800 g plums"
      covers = ["Plum pie", "Open plum pie", "Plum tart"].map { |title|
  part[self, "#{title}\n#{dough}"].swap.ours.cover
}
      expect(covers).to eq %w[double bottom bottom]
    end
  end

  describe "a filled dough" do
    it "matches its ring to the filling there is, and has none to match where there is none" do
      filled = part[self, "Parcels\nDough:\n300 g flour\n3 eggs\nFilling:\n400 g ricotta"].swap.ours
      expect(filled.matching_ring_mm).to be_between(20, 120)
      expect(part[self, "Parcels\n300 g flour\n3 eggs", shape: "filled"].swap.ours.matching_ring_mm).to be_nil
    end

    it "puts its new lines under the heading that the flour stood under" do
      found = part[self, "Parcels\nDough:\n300 g flour\n3 eggs\nFilling:\n400 g ricotta"]
      fresh = found.swap.flours + [found.swap.liquid, found.swap.binder].compact
      expect(fresh.map(&:part).uniq).to eq [found.pairs.find { |wheat, _| wheat.role == "flour" }.first.part]
    end
  end

  it "keeps the liquid of a dough that has no wheat" do
    swap = part[self, "Noodles\n200 g sorghum flour\n100 g tapioca starch\n2 eggs\n40 ml water\n4 g xanthan gum"].swap
    expect([swap.liquid&.ingredient, swap.binder&.ingredient, swap.kept]).to eq ["water", "xanthan_gum", true]
  end

  {"crust" => {style: "rolled"}, "pasta" => {shape: "rolled"}}.each do |key, choices|
    it "has no school left for a #{key} of no flour at all" do
      found = family[key].options(**choices, without: %w[flour starch blend meal])
      expect(family[key].schools(found).first.map(&:key)).to eq []
    end
  end
end
