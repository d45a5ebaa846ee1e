# What must hold of every swap, over recipes made up by a seeded random: the target is reached, more flour is thicker,
# twice the recipe takes twice the
# grams, nothing comes in that the recipe does not explain. No measured data: laws of the tool itself.
RSpec.describe "Over made-up recipes", :long do
  random = Random.new(20_261_126)
  some = ->(low, high) { random.rand(low..high).round }
  solved = ->(spec, text, **more) { spec.answer(text, system: "uk", **more) }
  grams = ->(answer) do
    answer
      .lines
      .select(&:counted?)
      .group_by(&:ingredient)
      .transform_values { |lines| lines.sum { |line| line.grams.value } }
  end
  main = ->(answer) { answer.parts[answer.dish.main].swap }

  sauces =
    Array.new(8) do
      liquid = some[250, 1200] and
        "Sauce\n#{some[20, 60] * liquid / 500} g butter\n#{some[18, 55] * liquid / 500} g plain flour\n#{liquid} ml " \
"#{["milk", "beef stock", "single cream"].sample(random: random)}"
    end
  batters =
    Array.new(6) do
      flour = some[100, 260] and
        "Pancakes\n#{flour} g plain flour\n#{(flour * random.rand(1.3..2.3)).round} ml milk\n#{some[1, 3]} eggs\n" \
"#{["", "#{some[1, 4]} tsp baking powder"].sample(random: random)}"
    end
  coats =
    Array.new(5) do
      "Schnitzels\n#{some[2, 10]} slices celeriac, #{some[6, 14]} mm\n#{some[40, 90]} g plain flour\n2 eggs\n" \
"#{some[80, 200]} g breadcrumbs"
    end
  gnocchi =
    Array.new(4) do
      potato = some[500, 1100] and
        "Gnocchi\n#{potato} g riced potato\n#{(potato * random.rand(0.2..0.32)).round} g plain flour\n1 egg"
    end
  pasta = Array.new(3) { eggs = some[2, 4] and "Tagliatelle\n#{eggs * some[92, 104]} g plain flour\n#{eggs} eggs" }
  crusts =
    Array.new(3) do
      flour = some[180, 320] and
        "Tart case\n#{flour} g plain flour\n#{flour / 2} g butter\n#{(flour * 0.2).round} ml water"
    end

  sauces.each_with_index do |text, index|
    describe "sauce #{index + 1} (#{text.lines.drop(1).map(&:strip).join(", ")})" do
      it("reaches its target, and reads back the same") do
        swap = main[solved[self, text]]
        expect(swap.ours.flour_equivalents.value).to be_within(3).percent_of(swap.target)
        again = sauce.predict(swap.ours.recipe, sauce.options(school: swap.school))
        expect(again.flour_equivalents.value).to be_within(3).percent_of(swap.target)
      end

      it("is thicker with more flour, thinner with more liquid") do
        e = ->(recipe) { main[solved[self, recipe]].target }
        expect(
          [
            e[text.sub(/(\d+) g plain flour/) { "#{(1.3 * $1.to_i).round} g plain flour" }],
            e[text.sub(/(\d+) ml/) { "#{(1.3 * $1.to_i).round} ml" }]
          ]
        ).to match([be > e[text], be < e[text]])
      end

      it("adds no fat, and no liquid but a slurry's water") do
        before, after = read(text, system: "uk").ingredients, solved[self, text].lines
        sum = ->(lines, role) { lines.select { |line| line.role == role }.sum { |line| line.grams.value } }
        expect(sum[after, "fat"]).to be_within(0.5).of(sum[before, "fat"])
        expect(after.select { |line| line.added && line.role == "liquid" }.map(&:ingredient) - ["water"]).to eq []
      end
    end
  end

  {
    "sauce" => sauces.first(3),
    "batter" => batters.first(3),
    "gnocchi" => gnocchi.first(2),
    "pasta" => pasta.first(2),
    "crust" => crusts.first(2)
  }.each do |family, recipes|
    recipes.each do |text|
      it("#{family}: twice #{text.lines.drop(1).map(&:strip).reject(&:empty?).join(", ")} takes twice of every line") do
        once, twice = grams[solved[self, text]], grams[solved[self, text.gsub(/^(\d+)/) { ($1.to_i * 2).to_s }]]
        expect(twice.keys).to match_array(once.keys)
        once.each do |key, amount|
          expect(twice[key]).to(
            be_within([5.0, 100 * 0.6 / amount].max).percent_of(2 * amount),
            "#{key}: #{amount} and #{twice[key]}"
          )
        end
      end
    end
  end

  batters.each do |text|
    it("batter: as runny as wheat's, its powder under the cap: #{text.lines.drop(1).map(&:strip).join(", ")}") do
      swap = main[solved[self, text]]
      powder, flour =
        grams[solved[self, text]].then do |found|
          [found["baking_powder"].to_f, found.select { |key, _| catalogue.fetch(key).starchy? }.values.sum]
        end
      expect(swap.ours.ratio.value).to be_within(3).percent_of(swap.wheat.ratio.value)
      expect(100 * powder / flour).to be <= Restauro::Constants.fetch(:lift, :most_powder) + 0.05
      expect(powder).to eq(0) unless text.include?("baking powder")
    end
  end

  coats.each do |text|
    it("coat: out when it is crisp and done, before it burns: #{text.lines[1].strip}") do
      swap = main[solved[self, text, oil: Restauro::Heat::Frying.parse("175C shallow")]]
      section, minutes = swap.ours.section, Restauro::Families::Batter::Cooking.stop_minutes(swap.ours.section)
      expect(minutes).to be >= section.done
      expect(minutes).to be <= section.burnt if section.burnt
      expect(swap.ours.coat_m).to be_within(25).percent_of(swap.wheat.coat_m)
    end

    it("coat: a hotter oven is sooner: #{text.lines[1].strip}") do
      done = ->(oven) do
        Restauro::Families::Batter::Cooking.stop_minutes(
          main[solved[self, text, oven: Restauro::Kitchen::OvenTemperature.parse(oven)]].ours.section
        )
      end
      expect([done["220C"], done["200C"], done["180C"]]).to(satisfy { |times| times == times.sort })
    end
  end

  gnocchi.each do |text|
    it("potato dough: no water comes in, no less flour than holds: #{text.lines[1].strip}") do
      grams[solved[self, text]].then do |found|
        expect(
          [
            found["water"],
            found.select { |key, _| catalogue.fetch(key).starchy? && key != "potato_riced" }.values.sum /
              text[/(\d+) g riced/, 1].to_f
          ]
        ).to match([nil, be >= 0.145])
      end
    end
  end
  (pasta + crusts).each do |text|
    it("dough: as wet as wheat's: #{text.lines.drop(1).map(&:strip).join(", ")}") do
      main[solved[self, text]].then { |swap| expect(swap.ours.ratio.value).to be_within(3).percent_of(swap.target) }
    end
  end
end
