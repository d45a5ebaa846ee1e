# What else a cook asks of a swap (DOMAIN 15, common practice): taste, the plate, what becomes of it, a basket on the
# counter.
RSpec.describe "Beside how thick it is" do
  sauce_text = "Sauce, serves 4\n40 g butter\n40 g plain flour\n500 ml milk"
  schnitzel = "Schnitzels\n8 slices celeriac, 10 mm\n60 g plain flour\n2 eggs\n120 g breadcrumbs"
  thickener = ->(answer) { answer.main.swap.thickeners.map(&:ingredient) }

  describe Restauro::Dishes::Nutrition do
    line = ->(key, grams) do
      Restauro::Recipes::Line.new(
        text: key,
        role: "other",
        ingredient: key,
        grams: Restauro::Estimate.new(value: grams)
      )
    end
    kcal = ->(spec, key) { described_class.of([line[key, 100.0]], spec.catalogue).kcal.value }

    # By the factors of EU 1169/2011 Annex XIV: pure sugar 400, pure fat 900 kcal in 100 g.
    it("counts energy by the law's factors") do
      expect([kcal[self, "granulated_sugar"], kcal[self, "neutral_oil"], kcal[self, "water"]]).to match(
        [be_within(2).of(400), be_within(1).of(900), 0]
      )
    end
    it("puts both plates side by side, and says what is not in them") do
      found = answer(sauce_text + "\n1 bay leaf", system: "uk")
      expect(
        [
          found.servings,
          found.plate[:ours].kcal.value / found.plate[:wheat].kcal.value,
          described_class.uncounted(found.lines)
        ]
      ).to match([4, be_within(0.1).of(1), ["1 bay leaf"]])
      expect(found.plate[:ours].kcal).to(satisfy { |energy| energy.low < energy.value && energy.value < energy.high })
    end
  end

  it("says how a strong flour tastes, and nothing of a pinch of gum") do
    beany = answer(sauce_text, system: "uk", with: %w[chickpea_flour]).tastes
    expect(beany).to match([/chickpea flour: beany/])
    expect(answer("Tart case\n200 g plain flour\n100 g butter\n40 ml water", system: "uk").tastes.join).not_to match(
      /slick when/
    )
  end

  describe Restauro::Families::Sauce::Becomes do
    it("takes what holds, cuts, freezes or stays clear, and says why", :long) do
      found = described_class::KEYS.to_h { |key| [key, answer(sauce_text, system: "uk", becomes: key)] }
      expect(found.transform_values(&thickener)).to include(
        "held" => ["blend_with_gum"],
        "cut" => ["corn_starch"],
        "frozen" => ["waxy_maize_starch"],
        "clear" => ["potato_starch"]
      )
      expect(found["clear"].main.swap.school).to eq "slurry"
      found.each_value { |one| expect(one.warnings.map(&:code)).to include("becomes") }
    end

    it("reaches the same thickness all the same", :long) do
      described_class::KEYS.each do |key|
        answer(sauce_text, system: "uk", becomes: key).main.swap.then do |swap|
          expect(swap.ours.flour_equivalents.value).to be_within(3).percent_of(swap.target)
        end
      end
    end
    it("goes by who eats and by what is at hand") do
      expect(
        [
          thickener[answer(sauce_text, system: "uk", becomes: "cut", without: %w[maize])],
          thickener[answer(sauce_text, system: "uk", becomes: "frozen", offer: %w[tapioca_starch])]
        ]
      ).to eq [["white_rice_flour"], ["tapioca_starch"]]
    end
    it("leaves the cook's own thickener alone") do
      expect(thickener[answer(sauce_text, system: "uk", becomes: "clear", with: %w[sorghum_flour])]).to eq [
        "sorghum_flour"
      ]
    end
    it("knows no other end") do
      expect { sauce.options(becomes: "burnt") }.to raise_error(Restauro::InvalidInput, /held, cut/)
    end
  end

  it("a basket is quicker than a fan oven as hot, by about a third") do
    minutes =
      ["200C fan", "200C basket"].map do |text|
        Restauro::Families::Batter::Cooking.stop_minutes(
          answer(schnitzel, system: "uk", oven: Restauro::Kitchen::OvenTemperature.parse(text)).main.swap.ours.section
        )
      end
    expect(minutes.last / minutes.first).to be_between(0.6, 0.85)
    expect(
      answer(schnitzel, system: "uk", oven: Restauro::Kitchen::OvenTemperature.parse("190C basket"))
        .steps
        .map(&:text)
        .join
    ).to match(/Heat the basket: 190 °C.*one layer in the oiled basket/m)
  end

  it("a flour that is in the cupboard dusts") do
    expect(answer(schnitzel, system: "uk", offer: %w[sorghum_flour]).lines.map(&:ingredient)).to include(
      "sorghum_flour"
    )
  end
  it("pieces sold by weight take the crumbs of their weight") do
    expect(
      answer("Schnitzels\n4 pork escalopes, 8 mm\n60 g flour\n2 eggs\n120 g breadcrumbs", system: "uk")
        .lines
        .find { |line| line.ingredient == "gf_breadcrumbs" }
        .grams
        .value
    ).to be_between(55, 110)
  end
  it("cheese without milk is plant cheese, yeast flakes a spoon") do
    found =
      answer("Cheese sauce\n40 g butter\n40 g flour\n500 ml milk\n200 g cheddar", system: "uk", without: %w[dairy])
        .lines
        .group_by(&:ingredient)
        .transform_values { |lines| lines.sum { |line| line.grams&.value.to_f } }
    expect([found["plant_cheese"], found["nutritional_yeast"]]).to match([be_between(160, 210), be < 12])
  end
  it("fruit without any starch left is not filled with nuts") do
    expect(
      answer(
        "Apple tart\nPastry: 200 g flour, 100 g butter, 40 ml water\nFilling: 600 g apples, 60 g sugar\nBake 190C",
        system: "uk",
        without: %w[starch_free]
      )
    ).to(
      satisfy do |found|
        found.warnings.map(&:code).include?("filling_runs") &&
          found.lines.none? { |line| line.added && line.ingredient == "almond_flour" }
      end
    )
  end
  it("cream that nothing thickens is boiled down until it coats") do
    answer("Cream and cheese sauce\n300 ml double cream\n100 g parmesan", system: "uk").then do |found|
      expect(
        [found.main.swap.school, found.main.swap.ours.flour_equivalents.value, found.already_gluten_free?]
      ).to match(["reduction", be > 0, true])
    end
  end
end
