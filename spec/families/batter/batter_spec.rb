RSpec.describe Restauro::Families::Batter do
  family = Restauro::Families.fetch("batter", Reference::Helpers::CATALOGUE)
  swapped = ->(spec, text, **choices) { family.swap(spec.read(text), family.options(**choices)) }
  again = ->(spec, swap) { family.predict(spec.read(swap.ours.recipe.lines.map(&:text).join("\n")), family.options) }
  recipes = {
    "coat" => "Corn-fritter batter\n120 g flour\n180 ml milk\n1 egg\n1 tsp baking powder\n1/2 tsp salt",
    "dip" => "Dipping batter\n150 g flour\n200 ml water\n1 tsp salt",
    "thin" => "Herb crêpes\n130 g flour\n320 ml milk\n2 eggs\n20 g butter, melted",
    "muffin" => "Chive muffins\n220 g flour\n2 tsp baking powder\n200 ml milk\n1 egg\n60 ml oil",
    "sour" => "Onion fritters\n100 g flour\n150 g yogurt\n1/2 tsp bicarbonate of soda\n1 egg"
  }

  # Property: twenty cupboards, every recipe: on the ladder within 3 %, in gas within 10 %, read back from the printed
  # lines; or plainly what is missing.
  random = Random.new(11)
  flours =
    Reference::Helpers::CATALOGUE
      .select { |i| i.starchy? && !i.contains_gluten? && !%w[potato_flour].include?(i.key) }
      .map(&:key)
  20.times do |index|
    with = flours.sample(random.rand(1..3), random: random)
    without = %w[dairy egg soya maize pulses tree_nut].sample(random.rand(0..2), random: random)
    it "cupboard #{index + 1} (#{with.join(", ")}#{" without #{without.join(", ")}" if without.any?}) reaches every " \
"batter", :long do
      recipes.each do |name, text|
        swap = swapped[self, text, with: with, without: without]
        found = again[self, swap]
        expect(found.ratio.value).to be_within(3).percent_of(swap.target), name
        expect(found.gas.ml_per_100g).to be_within([0.1 * swap.target_gas, 1.0].max).of(swap.target_gas), name
      rescue Restauro::InvalidInput => e
        expect(e.message).to match(/leave out|choose|type/), name
      end
    end
  end

  it("keeps wheat's rung, or reaches another") do
    expect(
      [
        swapped[self, recipes["coat"], with: %w[chickpea_flour]],
        swapped[self, recipes["coat"], with: %w[chickpea_flour], target: "thick_coat"]
      ].map { |s| s.ours.rung.key }
    ).to eq %w[medium_coat thick_coat]
  end
  it("gives the liquid, and its last tenth by feel") do
    expect(
      swapped[self, recipes["dip"], with: %w[white_rice_flour]].then do |s|
        [s.poured.sum, s.poured.last / s.poured.sum]
      end
    ).to match(
      [
        be_within(0.1).of(swapped[self, recipes["dip"], with: %w[white_rice_flour]].liquid.grams.value),
        be_within(1e-6).of(0.1)
      ]
    )
  end
  it "never tells to stop before the middle is done, brown or not", :long do
    %w[170C 200C 230C]
      .product(["chicken fillet 12 mm", "chicken fillet 22 mm", "chicken fillet 34 mm"])
      .each do |heat, text|
        ours =
          swapped[
            self,
            recipes["dip"],
            piece: Restauro::Heat::Piece.parse(text, catalogue),
            oven: Restauro::Kitchen::OvenTemperature.parse(heat)
          ].ours
        expect(described_class::Cooking.stop_minutes(ours.section)).to be >= ours.section.done, "#{text} at #{heat}"
      end
  end

  # DOMAIN's rule, by hand: ours = min(6, max(own, min(2 own, 4.5))) g of powder to 100 g of flour; our flour weighs
  # what wheat's did.
  {"2 g" => 4.0, "4 g" => 4.5, "5 g" => 5.0, "14 g" => 6.0, "0 g" => 0.0}.each do |own, ours|
    it "gives #{ours} g of powder to 100 g of flour where wheat had #{own}" do
      lines = swapped[self, "Fritters\n100 g flour\n#{own} baking powder\n160 ml milk\n1 egg"].ours.recipe.lines
      powder = lines.select { |line| line.ingredient == "baking_powder" }.sum { |line| line.grams.value }
      expect(100 * powder / lines.select { |line| line.role == "flour" }.sum { |line| line.grams.value }).to be_within(
        0.11
      ).of(ours)
    end
  end

  it("says what was cut") do
    expect(
      swapped[self, "Fritters\n100 g flour\n14 g baking powder\n160 ml milk\n1 egg"]
        .warnings
        .map(&:text)
        .grep(/14.0 g of baking powder.*cut to 6.0 g; whip the egg whites/)
        .length
    ).to eq 1
  end
  it("keeps bicarbonate to the acid there is") do
    expect(
      swapped[self, "Fritters\n100 g flour\n60 g yogurt\n60 ml milk\n3 g bicarbonate of soda"].ours.then do |ours|
        [ours.gas.soapy, ours.recipe.lines.find { |line| line.ingredient == "bicarbonate" }.grams.value]
      end
    ).to match([false, be <= 1.5])
  end
  it("gives a hot-tin pudding that had none 3.5 g to 100 g of flour") do
    expect(
      swapped[self, "Popovers\n140 g flour\n200 ml milk\n3 eggs", with: %w[blend_plain]]
        .ours
        .recipe
        .lines
        .find { |l| l.ingredient == "baking_powder" }
        .grams
        .value
    ).to be_within(0.1).of(4.9)
  end
  it("keeps a muffin's yogurt: as much as its flour, by practice") do
    expect(
      swapped[self, "Muffins\n225 g flour\n225 g yogurt\n2 eggs\n2 tsp baking powder\n1/2 tsp bicarbonate of soda"]
        .liquid
        .grams
        .value
    ).to be_within(6).percent_of(225)
  end
  it("cuts the flour where a stiff one would ask for no liquid") do
    expect(
      swapped[self, "Dip\n200 g flour\n100 ml water\n300 g yogurt", with: %w[almond_flour], target: 2.0]
        .ours
        .ratio
        .value
    ).to be_within(3).percent_of(2.0)
  end
  it("substitutes egg and milk for who eats") do
    expect(swapped[self, recipes["coat"], without: %w[egg dairy]].ours.recipe.lines.map(&:ingredient)).to include(
      "flax_meal",
      "soy_milk"
    )
  end

  it "has a method with rest, the last tenth, the coat, the heat and the keeping" do
    choices = {
      with: %w[chickpea_flour],
      piece: Restauro::Heat::Piece.parse("celeriac slice 12 mm", catalogue),
      oven: Restauro::Kitchen::OvenTemperature.parse("200C")
    }
    words =
      family
        .steps(swapped[self, recipes["dip"], **choices])
        .flat_map { |s| [s.text, s.look_for, s.caution] }
        .compact
        .join(" ")
    expect(words).to match(/more by feel/).and match(/do not taste/).and match(/Rest it/).and match(
      /film of \d\.\d mm/
    ).and match(/Bake at 200/).and match(/crisp from/).and match(/2 days at most/)
    expect(words).not_to match(/\bsafe\b/i)
  end

  it "warns of hot oil where there is some" do
    words =
      family
        .steps(
          swapped[self, recipes["dip"], oil: 180.0, piece: Restauro::Heat::Piece.parse("cod fillet 18 mm", catalogue)]
        )
        .flat_map { |s| [s.text, s.caution] }
        .compact
        .join(" ")
    expect(words).to match(/never water/i).and match(/63 °C/).and match(/a third full/)
  end

  it "says when a piece burns before it is done" do
    choices = {
      piece: Restauro::Heat::Piece.parse("potato slice 60 mm", catalogue),
      oven: Restauro::Kitchen::OvenTemperature.parse("280C")
    }
    expect(swapped[self, recipes["dip"], **choices].warnings.map(&:code)).to include("burns_before_done")
  end

  it "mends: too thick by liquid, too thin by flour, each landing on the target" do
    swap = swapped[self, recipes["coat"], with: %w[white_rice_flour]]
    moves = [1.8, 4.0].flat_map { |seen| family.mend(swap, observed: seen) }
    expect(moves.map { |m| [m.kind, m.lands_at] }).to match(
      [["dilute", be_within(3).percent_of(swap.target)], ["thicken", be_within(3).percent_of(swap.target)]]
    )
  end

  {
    {with: %w[wheat_flour]} => /gluten/,
    {with: %w[butter]} => /no flour/,
    {target: 40} => /rung/,
    {target: "wobbly"} => /rungs are/
  }.each do |choices, words|
    it("says what to type for #{choices}") do
      expect { swapped[self, recipes["dip"], **choices] }.to raise_error(Restauro::InvalidInput, words)
    end
  end

  describe Restauro::Families::Detection do
    told = ->(spec, text) { described_class.new(spec.read(text), spec.catalogue).candidates }

    {
      "Leek cream\n500 ml milk\n3 tbsp flour" => %w[sauce],
      "30 g flour\n500 ml stock" => %w[sauce],
      "125 g flour\n300 ml milk\n2 eggs" => %w[batter],
      "Thin pancakes\n60 g flour\n340 ml milk\n1 egg" => %w[batter],
      "Celeriac schnitzels\n800 g celeriac\n4 tbsp flour\n2 eggs\n150 g breadcrumbs" => %w[breading],
      "1 kg riced potato\n275 g flour\n1 egg" => %w[gnocchi],
      "250 g flour\n170 g butter\n60 g water" => %w[crust],
      "100 g flour\n55 g egg" => %w[pasta],
      "200 g flour\n2 tsp baking powder\n200 ml milk\n1 egg\n50 ml oil" => %w[batter]
    }.each do |text, family_keys|
      it("reads #{text.tr("\n", ", ")} as #{family_keys.join}") { expect(told[self, text]).to eq family_keys }
    end

    it("names both where only words could tell") do
      expect(told[self, "60 g flour\n230 ml milk\n5 g butter"]).to eq %w[sauce batter]
    end
    it("names the candidates in its error") do
      expect { Restauro::Families.detect(read("60 g flour\n230 ml milk\n5 g butter"), catalogue) }.to raise_error(
        Restauro::InvalidInput,
        /sauce, batter/
      )
    end
  end
end
