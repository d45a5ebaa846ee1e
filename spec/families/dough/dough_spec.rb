RSpec.describe Restauro::Families::Dough do
  families = %w[pasta gnocchi].to_h { |key| [key, Restauro::Families.fetch(key, Reference::Helpers::CATALOGUE)] }
  predicted = ->(spec, key, text, **choices) do
    families[key].predict(families[key].read(spec.read(text)), families[key].options(**choices))
  end
  swapped = ->(spec, key, text, **choices) do
    families[key].swap(families[key].read(spec.read(text)), families[key].options(**choices))
  end
  pasta =
    "Nettle parcels\n320 g flour\n3 eggs\n1 tbsp olive oil\n\nFilling:\n260 g ricotta\n120 g nettles\n30 g hard cheese"
  noodles = "Ribbon noodles\n350 g flour\n4 eggs"
  gnocchi = "Chive and potato gnocchi\n700 g riced potato\n190 g flour\n1 egg\n2 tbsp chives"
  curd = "Curd gnocchi\n300 g dry curd\n110 g flour\n1 egg"
  all = {noodles => "pasta", pasta => "pasta", gnocchi => "gnocchi", curd => "gnocchi"}

  # Common practice, with the ratio and rung each dough is known to have.
  {
    ["gnocchi", "3/4 cup squash mash\n1/2 cup gluten-free flour\n1/3 cup arrowroot"] => [0.94, "soft_dough"],
    ["pasta", "2 1/2 cups one-for-one blend\n4 eggs\n45 g water"] => [0.71, "rolled"],
    ["pasta", "Extruded\n100 g maize flour\n1 egg\n1 g xanthan"] => [0.42, "crumb"],
    ["pasta", "100 g flour\n55 g egg"] => [0.70, "rolled"],
    ["gnocchi", "1 kg riced potato\n275 g flour\n1 egg"] => [1.08, "soft_dough"]
  }.each do |(key, text), (ratio, rung)|
    it("#{text.lines.map(&:strip).join(", ")}: #{ratio}, #{rung}") do
      expect(predicted[self, key, text].then { |p| [p.ratio.value, p.rung.key] }).to match(
        [be_within(6).percent_of(ratio), rung]
      )
    end
  end

  # Common practice, as stretch: these hold as they are made.
  {
    ["gnocchi", "3/4 cup squash mash\n1/2 cup gluten-free flour\n1/3 cup arrowroot"] => 0.5,
    ["pasta", "2 1/2 cups one-for-one blend\n4 eggs\n45 g water"] => 0.9,
    ["pasta", "Extruded\n100 g maize flour\n1 egg\n1 g xanthan"] => 0.6
  }.each do |(key, text), need|
    it("#{text.lines.last.strip} and the rest hold") { expect(predicted[self, key, text].stretch).to be >= need }
  end

  describe "swapped" do
    all.each do |text, key|
      title = text.lines.first.strip

      it "#{title}: by every school and for every diet as wet as the target, stretchy enough, or a refusal", :long do
        schools = [nil, *described_class::School.all.map(&:key)]
        diets = [
          [],
          *Restauro::Diets.all.map { |diet| [diet.key] },
          %w[egg milk],
          %w[egg xanthan_gum guar_gum],
          %w[psyllium_husk psyllium_powder]
        ]
        schools
          .product(diets)
          .each do |school, without|
            swap = swapped[self, key, text, school: school, without: without]
            again = predicted[self, key, swap.ours.recipe.lines.map(&:text).join("\n"), shape: swap.ours.options.shape]
            expect([again.ratio.value, swap.ours.stretch]).to match(
              [be_within(3).percent_of(swap.target), be >= 0.99 * swap.ours.stretch_needed]
            ), "#{school} #{without}"
            allowed = swap.ours.options.exclusion(catalogue)
            expect(swap.ours.weights.map(&:first)).to all(
              satisfy { |ingredient| ingredient.gluten != "contains" && allowed.allows?(ingredient) }
            )
          rescue Restauro::InvalidInput => e
            expect(e.message).to match(
              /What would do|Leave out less|leave out less|nothing is left|to replace was read/
            ),
            "#{school} #{without}: #{e.message}"
          end
      end
    end

    it "every diet leaves each dough a way", :long do
      all.each do |text, key|
        Restauro::Diets.all.each do |diet|
          expect(swapped[self, key, text, without: [diet.key]].flours).not_to be_empty, "#{key}: #{diet.key}"
        end
      end
    end

    it "keeps wheat's own wetness where the shape bears it, and gives an extruder crumbs" do
      kept, pressed = [{}, {shape: "extruded"}].map { |more| swapped[self, "pasta", noodles, **more] }
      expect([kept.kept, kept.ours.ratio.value / kept.wheat.ratio.value, pressed.rung.key]).to match(
        [true, be_within(0.03).of(1), "crumb"]
      )
    end

    it "needs more flour for a wetter purée, and less when it was roasted dry" do
      weighed = ->(to) do
        swapped[
          self,
          "gnocchi",
          gnocchi.sub("riced potato", "potatoes"),
          roasted_from_g: 1000.0,
          roasted_to_g: to
        ].flour_g / to
      end
      looks = %w[dry usual wet].map { |look| swapped[self, "gnocchi", gnocchi, look: look].flour_g }
      expect([looks, [780.0, 840.0, 900.0].map(&weighed)]).to all(
        satisfy { |grams| grams == grams.sort && grams.uniq.length == 3 }
      )
    end

    it "has room for the purée's own uncertainty" do
      swap = swapped[self, "gnocchi", gnocchi]
      wetter = swapped[self, "gnocchi", gnocchi, look: "wet"].flour_g - swap.flour_g
      points = Float(Restauro::Hydration::Moisture.looks["wet"]["points"])
      expect(swap.flour_spread_g(points)).to be_within(15).percent_of(wetter)
    end

    it("takes the school asked for, and the flours") do
      expect(
        swapped[self, "pasta", noodles, school: "psyllium", with: %w[buckwheat_flour potato_starch]].then do |s|
          [s.school.key, s.flours.map(&:ingredient), s.binder.ingredient]
        end
      ).to eq ["psyllium", %w[buckwheat_flour potato_starch], "psyllium_husk"]
    end
    it("counts the bench's flour in what is weighed") do
      expect(swapped[self, "pasta", noodles].then { |s| s.bench_g / s.flour_g }).to be_within(1e-9).of(0.05)
    end
    it("oils hands instead") do
      expect(swapped[self, "gnocchi", gnocchi, hands: "oil"].ours.recipe.lines.map(&:text).join).to match(
        /neutral oil, for shaping/
      )
    end

    it "offers the other schools with their amounts, what each gains and costs" do
      others = swapped[self, "pasta", noodles].alternatives
      expect(others.map(&:school).uniq).to include("psyllium", "gum", "root")
      expect(others.map { |other| [other.gain, other.cost, other.amounts.length] }).to all(
        match([be_a(String), be_a(String), be >= 1])
      )
    end

    it("refuses a school that does not do, and says what would") do
      expect { swapped[self, "pasta", noodles, school: "curd"] }.to raise_error(
        Restauro::InvalidInput,
        /pressed curd does not do here: not for rolled.*What would do: .*psyllium/
      )
    end
    it("refuses a sheet no binder left can bear") do
      expect {
        swapped[
          self,
          "pasta",
          noodles,
          without: %w[egg psyllium_husk psyllium_powder xanthan_gum guar_gum potato_riced sweet_potato_mash]
        ]
      }.to raise_error(Restauro::InvalidInput, /nothing is left.*roll it thicker/)
    end
    {"200 ml milk" => /no flour to replace/}.each do |text, words|
      it("says what it lacks in #{text.lines.first.strip}") do
        expect { swapped[self, "pasta", text] }.to raise_error(Restauro::InvalidInput, words)
      end
    end
  end

  {
    {shape: "ball"} => /rolled, filled, extruded, dumpling/,
    {thickness_mm: 90.0} => /0\.5 to 60/,
    {roasted_from_g: 500.0} => /both weights/,
    {look: "moist"} => /dry, usual, wet/,
    {target: 3.0} => /0\.3 to 1\.4/,
    {helpers: 0} => /1 to 20/,
    {school: "luck"} => /psyllium, gum, egg/
  }.each do |choices, words|
    it("says what #{choices} should be") do
      expect { families["pasta"].options(**choices) }.to raise_error(Restauro::InvalidInput, words)
    end
  end

  describe "boiled" do
    it "ribbons by the law of thickness, gnocchi by their middle" do
      ribbons, ropes =
        swapped[self, "pasta", noodles, thickness_mm: 2.0].ours,
        swapped[self, "gnocchi", gnocchi, rope_mm: 25.0].ours
      expect([ribbons.boiling.boil_minutes, ropes.boiling.boil_minutes]).to match(
        [be_within(0.01).of(0.6 + 0.24 * 4), be_within(0.6).of(5.5)]
      )
    end

    it "floats long before it is done where it is thick" do
      thick = swapped[self, "gnocchi", gnocchi, rope_mm: 25.0].ours.boiling
      expect([thick.float.value, thick.minutes_done, thick.centre_at_float]).to match(
        [2.0, be > 4.5, be_between(35, 45)]
      )
    end

    it("lets a stuffed one get to 74 °C") do
      expect(swapped[self, "pasta", pasta].ours.boiling.then { |b| b.body.centre(b.minutes_done) }).to be >= 73.9
    end
    it("takes longer from the freezer, and fewer at a time") do
      expect(
        [false, true].map { |frozen| swapped[self, "gnocchi", gnocchi, frozen: frozen].ours.boiling }
          .then { |fresh, ice| [ice.minutes - fresh.minutes, fresh.at_once - ice.at_once] }
      ).to all(be_positive)
    end
    it("warns where water boils too cool") do
      expect(predicted[self, "gnocchi", gnocchi, altitude: 3200].warnings.map(&:code)).to include("high_altitude")
    end
    it("warns of raw dough thicker than tested") do
      expect(predicted[self, "pasta", noodles, thickness_mm: 9.0].warnings.map(&:code)).to include("thick")
    end
    it("warns of what will not stretch") do
      expect(predicted[self, "pasta", "200 g rice flour\n90 g water"].warnings.map(&:code)).to include("stretch_short")
    end
  end

  describe "the method" do
    words = ->(spec, key, text, **choices) do
      swapped[spec, key, text, **choices].then do |swap|
        families[key].steps(swap).flat_map { |s| [s.text, s.look_for, s.caution] }.compact.join(" ")
      end
    end

    it("gels psyllium before the flour") do
      expect(words[self, "pasta", noodles, school: "psyllium"]).to match(
        /Stir .*psyllium.*jelly.*To the jelly.*Wrap it.*Boil one piece/m
      ).and match(/not for infants/)
    end
    it("keeps gum dry, and does not stir it early") do
      expect(words[self, "pasta", noodles, school: "gum"]).to match(/xanthan gum into the dry/).and match(
        /do not stir for the first minute: a gum is brittle/
      )
    end
    it("rolls down a machine's gaps, or with a pin") do
      expect([words[self, "pasta", noodles], words[self, "pasta", noodles, tool: "pin"]]).to match(
        [/3 to 4 passes at the widest gap; then 2\.9, 2\.1, 1\.8 mm/, /between two sheets of parchment/]
      )
    end
    it("crumbles gnocchi first") do
      expect(words[self, "gnocchi", gnocchi]).to match(/crumbly at first is right/).and match(
        /stop while it is still a little sticky/
      )
    end
    it("floats are not done, raw egg and flour are raw, freeze on the tray") do
      expect(words[self, "gnocchi", gnocchi]).to match(/that is not done/).and match(/Raw flour of any kind/).and match(
        /freeze on the floured tray till hard, then bag, 2 months/
      )
    end
    it("freezes the purée left over") do
      expect(words[self, "gnocchi", gnocchi, roasted_from_g: 2600.0, roasted_to_g: 2100.0]).to match(
        /1400 g of purée is left: freeze it in 2 portions of 700 g/
      )
    end
    it("says whether filling and dough come out even") do
      expect(words[self, "pasta", pasta]).to match(/a \d+ mm ring|come out even/)
    end
  end

  describe "a test piece" do
    it "moves the rest by balance" do
      swap = swapped[self, "pasta", noodles, school: "psyllium"]
      described =
        %w[cracks sticks tears falls_apart].to_h { |trouble| [trouble, families["pasta"].mend(swap, trouble: trouble)] }
      expect(described.transform_values { |moves| moves.map(&:kind) }).to eq(
        "cracks" => %w[wetter],
        "sticks" => %w[drier],
        "tears" => %w[stretchier],
        "falls_apart" => %w[drier stretchier]
      )
      wetter = described["cracks"].first
      by_hand = Restauro::Hydration::WaterRatio.of(swap.ours.weights + [[catalogue.fetch("water"), wetter.grams]])
      expect([wetter.lands_at, wetter.lands_at / swap.ours.ratio.value]).to match(
        [be_within(1e-6).of(by_hand), be_within(1e-6).of(1.08)]
      )
    end
  end
end
