# The kinds of sauce and what practice says of them ("common practice" unless a source is named).
RSpec.describe Restauro::Families::Sauce do
  roux = Restauro::Families::Sauce::Roux
  lumps = Restauro::Families::Sauce::LumpRisk
  e = ->(prediction) { prediction.flour_equivalents.value }

  describe "roux" do
    it("browning costs power: a brown roux has about two thirds of a white one's") do
      expect(
        e[predict("4 tbsp flour\n50 g butter\n500 ml stock", colour: "brown")] /
          e[predict("4 tbsp flour\n50 g butter\n500 ml stock")]
      ).to be_within(0.03).of(0.65)
    end
    it("the recipe's own steps say its colour") do
      expect(
        roux.colour_in(
          read("3 tbsp flour\n1 cup stock\n\nMethod\nCook the flour in the butter until nut brown, stirring.")
        )
      ).to eq "brown"
    end
    {
      "Fry the mushrooms until golden, stir in the flour." => "white",
      "Melt the butter, stir in the flour until golden." => "blond",
      "Fry the onions until golden. Stir in the flour, cook until golden." => "blond"
    }.each do |step, colour|
      it("is #{colour} where '#{step}'") do
        expect(roux.colour_in(read("3 tbsp flour\n1 cup stock\n#{step}"))).to eq colour
      end
    end

    it("a brown roux swaps for more of a flour") do
      expect(
        %w[white brown]
          .map do |colour|
            swap("4 tbsp flour\n50 g butter\n500 ml stock", colour: colour, target: "medium", with: %w[sorghum_flour])
              .thickeners
              .first
              .grams
              .value
          end
          .then { |w, b| b / w }
      ).to be_within(0.05).of(1 / 0.65)
    end
    it("a starch does not brown, and the swap says so") do
      expect(
        swap("4 tbsp flour\n50 g butter\n500 ml stock", colour: "brown", with: %w[corn_starch]).warnings.map(&:code)
      ).to include("does_not_brown")
    end
    it("takes its own minutes") do
      expect(
        predict("4 tbsp flour\n50 g butter\n500 ml stock", colour: "brown").end_seconds -
          predict("4 tbsp flour\n50 g butter\n500 ml stock").end_seconds
      ).to be_within(120).of(15 * 60)
    end
    it("refuses a colour there is not") do
      expect { sauce.options(colour: "green") }.to raise_error(Restauro::InvalidInput, /white, blond/)
    end
  end

  it "at 85 C on medium an arrowroot roux has over 80 % of its body, maize under 60 %" do
    share =
      lambda do |key|
        prediction = swap("4 tbsp flour\n50 g butter\n500 ml milk", with: [key], target: "medium").ours
        at_85 =
          prediction.course.find { |point| point.celsius >= 85 && point.liquid_grams > 100 && point.seconds > 300 }
        at_85.flour_equivalents / prediction.course.filter_map(&:flour_equivalents).max
      end
    expect([share["arrowroot"], share["corn_starch"]]).to match([be > 0.8, be < 0.6])
  end

  it "at 3000 m a maize slurry comes short, and the tool warns" do
    sea, high = [0, 3000].map { |metres| predict("3 tbsp maize starch\n700 ml milk", altitude: metres) }
    expect([e[high] / e[sea], high.warnings.map(&:code)]).to match([be < 0.95, include("boil_below_pasting")])
  end

  it "lemon before the boil ends thinner than lemon after it" do
    sour = "25 g potato starch\n400 ml water\n60 ml lemon juice"
    before = predict(sour, simmer_s: 300)
    after =
      predict(
        "25 g potato starch\n400 ml water",
        simmer_s: 300,
        events: [sauce.event("t=1200 add 61 lemon_juice at 20"), sauce.event("t=1205 heat off")]
      )
    ph = ->(prediction) { prediction.cooking.result.mixture.ph }
    expect([ph[before], e[before]]).to match([be < 4, be < e[after]])
  end

  it "a third more milk makes room for cheese: with it the texture is the same as before" do
    plain = e[predict("4 tbsp flour\n50 g butter\n500 ml milk")]
    cheese = e[predict("4 tbsp flour\n50 g butter\n665 ml milk\n150 g cheddar")]
    expect(cheese).to be_within(12).percent_of(plain)
  end

  it "cheese over the boil strings, and sour cream splits: said where they are" do
    words = ->(text) { Restauro::Families::Sauce::Cautions.of_sauce(predict(text)).join(" ") }
    expect(
      [
        words["4 tbsp flour\n500 ml milk\n100 g cheddar"],
        words["4 tbsp flour\n300 ml milk\n200 g sour cream"],
        words["4 tbsp flour\n500 ml milk"]
      ]
    ).to match([/stringy/, /split/, satisfy { |t| !t.match?(/stringy|split/) }])
  end

  describe "fruit" do
    it("gives its juice to the pan") do
      expect(predict("500 g rhubarb\n80 g sugar\n20 g tapioca starch").cooking.formula.poured_g).to be_within(
        0.5
      ).percent_of(500 * 0.936 * 0.5)
    end

    it "at half sugar hardly sets with maize, and does with tapioca or potato" do
      set = ->(key) do
        e[predict("500 g rhubarb\n460 g sugar\n20 g #{key}", simmer_s: 60)] /
          (100 * 20 * catalogue.fetch(key).thick_power / 234)
      end
      expect([set["corn_starch"], set["tapioca_starch"], set["potato_starch"]]).to match(
        [be < 0.5, be > 0.65, be > 0.65]
      )
    end

    it("is swapped like any sauce") do
      expect(
        swap("600 g plums\n60 g sugar\n3 tbsp flour", school: "slurry", with: %w[tapioca_starch]).then do |s|
          e[s.ours] / s.target
        end
      ).to be_within(0.03).of(1)
    end
  end

  describe "boiled down" do
    cream = "2 tbsp flour\n15 g butter\n400 ml double cream\n1 tsp salt"

    it("reaches the plate's thickness without a thickener") do
      expect(
        swap(cream, school: "reduction", target: "medium").then { |s| [s.thickeners, s.ours.viscosity_plate.value] }
      ).to match([[], be_within(5).percent_of(Restauro::Physics::Viscosity.pa_s(6.2, celsius: 60, base: 0.0))])
    end
    it("says when the liquid cannot") do
      expect { swap("3 tbsp flour\n500 ml milk", school: "reduction", target: "medium") }.to raise_error(
        Restauro::InvalidInput,
        /cream/
      )
    end
    it("says how much is left in the pan") do
      expect(sauce.steps(swap(cream, school: "reduction", target: "medium")).map(&:text).join).to match(
        /until \d+ g of liquid are left/
      )
    end
  end

  describe "lumps" do
    formula = ->(spec, school) do
      spec.predict("4 tbsp flour\n50 g butter\n500 ml milk", school: school).cooking.formula
    end

    {"cold_at_once" => "low", "portions" => "low", "hot_at_once" => "high"}.each do |pour, level|
      it("#{pour} onto a roux: #{level}") { expect(lumps.assess(formula[self, "roux"], pour).level).to eq level }
    end
    {"slurry_thread" => "low", "slurry_at_once" => "high", "dry_into_hot" => "high"}.each do |pour, level|
      it("#{pour}: #{level}") { expect(lumps.assess(formula[self, "slurry"], pour).level).to eq level }
    end
    it("names the safer order") do
      expect(lumps.assess(formula[self, "roux"], "hot_at_once").words).to match(/Better: cold liquid/)
    end

    it "meets at the temperature of the two heats mixed" do
      # By hand: roux (30*1.8 + 50*2.1) = 159 J/K at 110 C, milk 515.66*3.9 = 2011 J/K at 20 C: 26.6 C
      expect(lumps.assess(formula[self, "roux"], "cold_at_once").celsius).to be_within(0.1).of(26.6)
    end

    it "meets near the hot liquid where a slurry is poured into it, its own water cooling it" do
      slurry = formula[self, "slurry"]
      starch, water = slurry.thickeners.sum { |one| one.grams.value }, slurry.slurry_water_g
      hot = Restauro::Constants.fetch(:sauce, :lump_hot_liquid_celsius)
      cold, heat = starch * 1.8 + water * 4.18, slurry.poured_g * 3.9
      expect(lumps.assess(slurry,
"slurry_thread").celsius).to be_within(0.2).of((cold * 20 + heat * hot) / (cold + heat))
    end

    it "says how sure lumps are" do
      said = %w[hot_at_once dry_into_hot].map { |pour| lumps.assess(formula[self, "roux"], pour) }
      expect(said.map { |one| [one.level, one.words[/nearly sure|likely/]] }).to eq [["high", "nearly sure"]] * 2
    end
  end

  describe "compared" do
    comparison = ->(spec, text, **choices) do
      Restauro::Families::Sauce::Comparison.new(spec.sauce, spec.read(text), spec.sauce.options(**choices))
    end
    milk = "4 tbsp flour\n50 g butter\n500 ml milk"

    it "has two or three columns that all reach the texture" do
      columns = comparison[self, milk].columns
      expect(columns.length).to be_between(2, 3)
      columns.each { |column| expect(e[column.swap.ours]).to be_within(3).percent_of(columns.first.swap.target) }
    end

    it "knows what holds on the hob: maize does, potato does not" do
      holds =
        %w[corn_starch potato_starch].map { |key| Restauro::Families::Sauce::Traits.of(swap(milk, with: [key])).holds }
      expect(holds).to match([be > 0.85, be < 0.6])
    end

    it("knows what freezes and what slices") do
      expect(
        Restauro::Families::Sauce::Traits
          .of(swap(milk, with: %w[sweet_rice_flour]))
          .then { |t| [t.freezes, t.chills, t.slices] }
      ).to eq ["holds", "smooth", false]
    end

    it "recommends one of them, with a reason" do
      best, why = Restauro::Families::Sauce::Comparison.recommend(comparison[self, milk].columns)
      expect([why, why.split(":").last.strip.length]).to match([start_with(best.words.capitalize), be > 10])
    end

    it("keeps to who eats") do
      expect(
        comparison[self, milk, without: %w[maize]].columns.flat_map { |c| c.swap.thickeners.map(&:ingredient) }
      ).not_to include("corn_starch")
    end
  end

  describe "the stove" do
    text = "4 tbsp flour\n50 g butter\n700 ml milk"
    it("a stronger hob boils sooner") do
      expect(predict(text, watts: 1200.0).boil_seconds).to be < predict(text, watts: 600.0).boil_seconds - 60
    end
    it("a lid keeps the water in") do
      expect([true, false].map { |lid| predict(text, lid: lid, simmer_s: 1200).cooking.liquid_g }).to(
        satisfy { |on, off| on > off + 30 }
      )
    end
    it("a blender breaks potato's grains") do
      expect(
        %w[still blender]
          .map { |how| e[predict("25 g potato starch\n700 ml milk", stir: how, simmer_s: 300)] }
          .then { |still, blended| blended / still }
      ).to be < 0.8
    end
    it("refuses what is no hob") do
      expect { sauce.options(watts: 9.0e4) }.to raise_error(Restauro::InvalidInput, /5000 W/)
    end
  end
end
