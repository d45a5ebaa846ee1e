RSpec.describe Restauro::Families::Sauce do
  cream = "Chive cream\n45 g butter\n5 tbsp plain flour\n600 ml milk\n1 tsp salt"
  fed_back = ->(result, spec) { spec.predict(result.ours.recipe.lines.map(&:text).join("\n")).flour_equivalents.value }

  # Property: whatever the recipe, the school, the thickener and the target, the printed lines read back to the target.
  recipes = {
    "cream" => cream,
    "gravy" => "30 g flour\n500 ml stock\n2 tbsp cider vinegar",
    "with an egg" => "4 tbsp flour\n50 g butter\n2 cups milk\n1 egg yolk",
    "small" => "1 tbsp flour\n1 tbsp butter\n1/2 cup milk",
    "with starch in it" => "1 tbsp cornstarch\n2 tbsp flour\n30 g butter\n500 ml milk",
    "sweet" => "3 tbsp flour\n2 tbsp butter\n400 ml orange juice\n80 g sugar",
    "heaped" => "3 heaping tablespoons plain flour\na knob of butter\n1 1/2 cups whole milk",
    "with cheese" => "4 tbsp flour\n4 tbsp butter\n2 1/2 cups milk\n80 g cheddar"
  }
  recipes.each do |name, text|
    %w[roux slurry].each do |school|
      [
        [],
        %w[corn_starch],
        %w[potato_starch],
        %w[tapioca_starch sweet_rice_flour],
        %w[arrowroot],
        %w[cassava_flour]
      ].each do |with|
        used = with.empty? ? "the boosted blend" : with.join(" and ")
        it "#{name} by #{school} with #{used} lands on its target", :long do
          # A minute at the boil is too short for much of a slow blend in a cold slurry: its own check is below.
          targets = school == "slurry" && with.empty? ? ["medium", 7.0] : [nil, "medium", 8.0]
          targets.each do |target|
            result = swap(text, school: school, with: with, target: target)
            expect(result.ours.flour_equivalents.value).to be_within(2).percent_of(result.target)
            expect(fed_back[result, self]).to be_within(3).percent_of(result.target)
          end
        end
      end
    end
  end

  it("keeps the wheat recipe's own texture unless told") do
    expect(swap(cream).then { |s| [s.kept, s.target] }).to match(
      [true, be_within(1e-9).of(predict(cream).flour_equivalents.value)]
    )
  end
  it("is linear: twice the recipe needs twice the starch, but for the pan's own heat") do
    one, two =
      [cream, cream.gsub("45 g", "90 g").gsub("5 tbsp", "10 tbsp").gsub("600 ml", "1200 ml")].map do |text|
        swap(text, with: %w[corn_starch], target: 6.2).thickeners.sum { |l| l.grams.value }
      end
    expect(two / one).to be_within(0.1).of(2)
  end

  it "potato starch simmered 15 minutes instead of 3 needs over a tenth other grams", :long do
    three, fifteen =
      [180, 900].map do |s|
        swap(cream, school: "slurry", with: %w[potato_starch], target: "medium", simmer_s: s)
          .thickeners
          .first
          .grams
          .value
      end
    expect((fifteen / three - 1).abs).to be > 0.10
  end

  it("splits the boosted blend two to one by spoon") do
    blend, starch = swap(cream).thickeners
    expect((blend.grams.value / 9.2) / (starch.grams.value / 7.5)).to be_within(0.05).of(2)
  end

  it("shares the body equally among others") do
    result = swap(cream, with: %w[corn_starch arrowroot])
    shares = result.ours.cooking.shares_of_e.map(&:last)
    expect(shares.first).to be_within(1).percent_of(shares.last)
  end

  it("gives a slurry its own cold water, and its liquid counts") do
    result = swap(cream, school: "slurry", with: %w[corn_starch])
    water = result.ours.recipe.lines.find { |l| l.text.include?("slurry") }
    expect([water.ingredient, water.role, result.ours.cooking.formula.slurry_water_g]).to eq [
      "water",
      "liquid",
      water.grams.value
    ]
    expect(result.ours.cooking.formula.poured_g).to be_within(0.1).of(618.8)
  end

  it("gives a roux fat where the recipe has none and a roux is asked for, and else adds none") do
    fat =
      swap("4 tbsp flour\n500 ml stock", school: "roux", with: %w[corn_starch]).ours.recipe.lines.find do |l|
        l.role == "fat"
      end
    expect(fat.ingredient).to eq "butter"
    expect(swap("4 tbsp flour\n500 ml stock").ours.recipe.lines.map(&:role)).not_to include("fat")
  end

  it("takes out only the wheat, and keeps a starch that was there") do
    texts = swap("2 tbsp flour\n1 tbsp cornstarch\n2 cups milk\n1 tbsp butter").ours.recipe.lines.map(&:text)
    expect([texts.grep(/flour/), texts.grep(/cornstarch/).length]).to eq [[], 1]
  end

  it("offers other thickeners that reach the same, each checked", :long) do
    swap(cream).alternatives.each do |other|
      grams = swap(cream, with: other.keys).thickeners.map { |l| l.grams.value }
      expect(other.grams).to match(grams.map { |g| be_within(2).percent_of(g) })
    end
  end

  describe "for who eats" do
    it "leaves out what is not wanted, and puts something in its place" do
      result = swap(cream, without: %w[maize milk])
      expect([result.thickeners.map(&:ingredient), result.ours.recipe.lines.map(&:ingredient)]).to match(
        [
          %w[blend_with_gum potato_starch],
          include("soy_milk", "plant_butter").and(satisfy { |keys| !keys.intersect?(%w[whole_milk butter]) })
        ]
      )
      expect(result.substitutions.map { |s| s.line.ingredient }).to eq %w[butter whole_milk]
    end

    it "reaches the same texture with the other water, fat and acid carried through", :long do
      [%w[dairy], %w[vegan soya], %w[dairy tree_nut soya maize]].each do |diets|
        result = swap("#{cream}\n2 egg yolks", without: diets)
        expect(result.ours.flour_equivalents.value).to be_within(2).percent_of(result.target)
        expect(fed_back[result, self]).to be_within(3).percent_of(result.target)
      end
    end

    it("keeps the wheat side as it was") do
      expect(swap(cream, without: %w[dairy]).wheat.recipe.lines.map(&:ingredient)).to include("whole_milk")
    end
    it("says when nothing takes a line's place") do
      expect(swap("#{cream}\n100 g ricotta", without: %w[dairy]).warnings.map { |w| [w.code, w.line] }).to include(
        ["holds_excluded", "100 g ricotta"]
      )
    end
    it("takes the wheat out of a coeliac's other lines") do
      expect(swap("#{cream}\n1 tbsp soy sauce", without: %w[coeliac]).ours.recipe.lines.map(&:ingredient)).to include(
        "tamari"
      )
    end
    it("has no starch left for starch-free, and says what is") do
      expect(
        swap(cream, without: %w[starch_free]).thickeners.map { |l| catalogue.fetch(l.ingredient).group }
      ).not_to include("starch")
    end
  end

  {
    {with: %w[wheat_flour]} => /holds gluten/,
    {with: %w[corn_starch], without: %w[maize]} => /leave out/,
    {with: %w[butter]} => /does not thicken/,
    {target: 50} => /target/,
    {without: %w[moon]} => /moon/,
    {target: "gloopy"} => /thin, medium/,
    {heat: "max"} => /low, medium/,
    {altitude: 20_000} => /altitude/
  }.each do |choices, words|
    it("says what to type for #{choices}") do
      expect { swap(cream, **choices) }.to raise_error(Restauro::InvalidInput, words)
    end
  end

  it("leaves a sauce that nothing thickens as it is, and says so") do
    expect(swap("2 cups milk\n1 tbsp butter")).to have_attributes(replaced: [], thickeners: []).and(
      satisfy { |found| found.warnings.map(&:code).include?("no_thickener") }
    )
  end
  it("has nothing to swap where the flour may be in a line that was not understood") do
    expect { swap("2 cups milk\n1 tbsp butter\n30 g fIour") }.to raise_error(Restauro::InvalidInput, /3 tbsp flour/)
  end
  it("needs a liquid") { expect { swap("3 tbsp flour") }.to raise_error(Restauro::InvalidInput, /liquid/) }
  it("predicts plain milk, with a word") do
    expect(predict("2 cups milk").then { |p| [p.flour_equivalents.value, p.grade.key, p.warnings.map(&:code)] }).to eq [
      0.0,
      "runny",
      ["no_thickener"]
    ]
  end

  it("grows with the grams, never past the cap") do
    e =
      [1, 2, 4, 8, 30].map do |spoons|
        predict("#{spoons} tbsp flour\n2 tbsp butter\n1 cup milk").flour_equivalents.value
      end
    expect(e).to eq(e.sort).and(satisfy { |all| all.last <= 20 })
  end

  it("has a band around each figure, and a wider one for a heaped spoon than for grams") do
    widths =
      ["3 heaped tbsp flour", "34 g flour"].map do |flour|
        predict("#{flour}\n30 g butter\n500 ml milk").flour_equivalents.then { |e| (e.high - e.low) / e.value }
      end
    expect(widths).to match([be > 0.2, be_between(0.02, 0.2)])
  end

  it("adds the body of eggs once they set, of cheese and of gum") do
    plain, yolk, cheese, gum =
      ["", "\n2 egg yolks", "\n100 g cheddar", "\n1 g xanthan gum"].map do |more|
        predict("2 tbsp flour\n30 g butter\n500 ml milk#{more}").flour_equivalents.value
      end
    # by hand: yolks 100*0.20*36/505, cheese 100*0.055*100/505, gum 6.1*(100*1/505)^0.54
    expect([yolk - plain, cheese - plain, gum - plain]).to match(
      [be_within(6).percent_of(1.43), be_within(6).percent_of(1.09), be_within(6).percent_of(2.54)]
    )
  end

  describe "events" do
    it("add liquid that thins") do
      expect(predict(cream, events: [sauce.event("t=700 add 200 water at 20")]).flour_equivalents.value).to be <
        predict(cream).flour_equivalents.value
    end
    it("make the course as long as they ask") do
      expect(predict(cream, events: [sauce.event("t=1500 heat off")]).end_seconds).to eq 1500.0
    end
    it("never make it shorter") do
      expect(predict(cream, events: [sauce.event("t=10 heat medium")]).end_seconds).to be_within(0.01).of(
        predict(cream).end_seconds
      )
    end
    it("add a thickener that swells from then") do
      expect(
        predict(
          cream,
          events: [sauce.event("t=700 add 10 corn_starch"), sauce.event("t=900 heat off")]
        ).flour_equivalents.value
      ).to be > predict(cream).flour_equivalents.value + 2
    end
    it("stop a pan that boils dry") do
      expect(
        predict(
          "1 tbsp flour\n150 ml milk",
          heat: "high",
          events: [sauce.event("t=400 heat high"), sauce.event("t=3000 heat off")]
        ).stop
      ).to eq :boiling_dry
    end

    [
      "soon add water",
      "t=5 add water",
      "t=5 add 5 moonshine",
      "t=5 heat hot",
      "t=5 lid maybe",
      "t=99999 heat off",
      "t=5 heat 9000"
    ].each do |text|
      it("refuse '#{text}' and say what to type") do
        expect { sauce.event(text) }.to raise_error(Restauro::InvalidInput)
      end
    end
  end

  describe "the method" do
    steps = ->(result, spec) { spec.sauce.steps(result) }

    it("is in order, with minutes that are the course's own") do
      result = swap(cream)
      expect(steps[result, self].filter_map(&:minutes).first(3).sum * 60).to be_within(60).of(result.ours.end_seconds)
    end

    it("says the caution of this thickener and no other's") do
      potato, maize =
        [%w[potato_starch], %w[corn_starch]].map do |with|
          steps[swap(cream, with: with), self].filter_map(&:caution).join(" ")
        end
      expect(
        [potato[/Potato starch thins/], maize[/Potato starch thins/], maize[/weeps after freezing/], potato[/weeps/]]
      ).to eq ["Potato starch thins", nil, "weeps after freezing", nil]
    end

    it("warns of slime only where there is much dairy") do
      milk, stock =
        [cream, cream.sub("milk", "stock")].map do |text|
          steps[swap(text, with: %w[arrowroot]), self].filter_map(&:caution).join(" ")
        end
      expect([milk, stock].map { |words| words.include?("slimy") }).to eq [true, false]
    end

    it("says how to cool, keep and reheat, and never that food is safe") do
      words = steps[swap(cream), self].flat_map { |step| [step.text, step.caution] }.compact.join(" ")
      expect(words).to match(/3 to 4 days/).and match(/rolling boil/).and match(/local rules/)
      expect(words).not_to match(/\bsafe\b/i)
    end
  end

  it("warns when a slow flour has too little time") do
    expect(
      swap(cream, school: "slurry", with: %w[sweet_rice_flour], simmer_s: 0, heat: "high").warnings.map(&:code)
    ).to include("short_of_time")
  end
  it("warns outside what was tested") do
    expect(predict("1 tsp flour\n50 ml milk").warnings.map(&:code)).to include("not_tested")
  end
  it("draws the course of its own answer") do
    result = swap(cream)
    drawn = sauce.picture(result)[:ours][:course].map { |point| [point[:seconds], point[:viscosity_pa_s]] }
    expect(drawn).to eq(result.ours.course.map { |point| [point.seconds.round(2), point.viscosity_pa_s] })
  end

  it("ends on the plate, at the serving temperature") do
    expect(predict(cream).cooling.last.then { |p| [p.celsius, p.viscosity_pa_s] }).to match(
      [60.0, be_within(1e-9).of(predict(cream).viscosity_plate.value)]
    )
  end
  it("shows twice the thickness on the plate that it has in the pan") do
    expect(predict(cream).then { |p| p.viscosity_plate.value / p.viscosity(95).value }).to be_within(0.02).of(1.99)
  end
end
