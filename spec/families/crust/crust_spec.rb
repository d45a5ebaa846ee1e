RSpec.describe Restauro::Families::Crust do
  family = Restauro::Families.fetch("crust", Reference::Helpers::CATALOGUE)
  pan = ->(text) { Restauro::Kitchen::BakingPan.parse(text) }
  oven = ->(text) { Restauro::Kitchen::OvenTemperature.parse(text) }
  swapped = ->(spec, text, **choices) { family.swap(spec.read(text, system: "metric"), family.options(**choices)) }
  predicted = ->(spec, text, **choices) { family.predict(spec.read(text, system: "metric"), family.options(**choices)) }
  tart =
    "Leek custard tart\n\nPastry:\n210 g flour\n115 g butter\n1 egg yolk\n40 ml water\n\nFilling:\n350 g leeks\n3 " \
"eggs\n200 ml cream\n90 ml milk"
  galette = "Rhubarb and orange galette\n210 g flour\n120 g butter\n25 g sugar\n60 ml water\n500 g rhubarb\n80 g sugar"
  pressed = "Press-in tart\n180 g flour\n90 g butter\n35 g sugar\n1 egg"
  thin = "Thin crust with greens\n220 g flour\n125 ml water\n1 tbsp olive oil"
  crumble = "Plum crumble\n150 g flour\n90 g butter\n70 g sugar\n600 g plums\n60 g sugar"
  base = "Base for a curd cake\n200 g biscuit crumbs\n80 g butter"
  pie = "Leek pie\n1 sheet puff pastry\n\nFilling:\n500 g leeks\n40 g flour\n40 g butter\n500 ml milk"
  all = {
    "rolled" => tart,
    "free" => galette,
    "pressed" => pressed,
    "thin" => thin,
    "crumble" => crumble,
    "base" => base,
    "sheet" => pie
  }
  starch_in = ->(swap) do
    swap
      .ours
      .recipe
      .ingredients
      .select(&:ingredient)
      .map { |line| Reference::Helpers::CATALOGUE.fetch(line.ingredient).gluten }
  end

  # Common practice: 250 g flour, 170 g butter, 60 g water is a short crust, by hand: water 60 + 0.16 * 170 over 0.6 *
  # 250 = 0.58; fat 170/250.
  it "agrees with the short crust worked by hand" do
    found = predicted[self, "250 g flour\n170 g butter\n60 g water"]
    expect([found.ratio.value, found.rung.key, found.fat_share]).to match(
      [be_within(0.01).of(0.58), "short", be_within(1e-9).of(0.68)]
    )
    expect(found.bakers_percentages.to_h { |i, share| [i.key, share.round(1)] }).to eq(
      "wheat_flour" => 100.0,
      "butter" => 68.0,
      "water" => 24.0
    )
  end

  it "tells the styles apart" do
    expect(all.transform_values { |text| predicted[self, text].then { |p| [p.style.key, p.cover] } }).to eq(
      "rolled" => %w[rolled bottom],
      "free" => %w[rolled free],
      "pressed" => %w[pressed bottom],
      "thin" => %w[thin bottom],
      "crumble" => %w[crumble top],
      "base" => %w[base bottom],
      "sheet" => %w[sheet top]
    )
  end

  describe "swapped" do
    [tart, galette, pressed, thin].each do |text|
      title = text.lines.first.strip

      it "#{title}: reaches wheat's water ratio within its style, on rereading", :long do
        swap = swapped[self, text]
        again = predicted[self, swap.ours.recipe.lines.map(&:text).join("\n"), style: swap.ours.style.key]
        expect(again.ratio.value).to be_within(3).percent_of(swap.target)
        expect(swap.target).to be_within(1e-9).of(
          swap.wheat.ratio.value.clamp(swap.wheat.style.ratios.first, swap.wheat.style.ratios.last)
        )
      end

      it "#{title}: keeps its share of fat" do
        swap = swapped[self, text]
        expect(swap.ours.fat_share).to be_within(2).percent_of(swap.wheat.fat_share)
      end
    end

    it "takes less fat where nuts bring theirs" do
      nut = swapped[self, pressed, school: "nut"]
      # By hand: almonds are 52.5 % fat, so 90 g of butter less what the almonds bring, never under 12 % of them.
      expect([nut.ours.fat_share, nut.warnings.map(&:code)]).to match(
        [be_within(0.005).of(0.12), include("fat_changed")]
      )
    end

    all.each do |style, text|
      it "#{style}: every diet and school leaves a crust that holds, without gluten, or says why not", :long do
        diets = [
          [],
          *Restauro::Diets.all.map { |diet| [diet.key] },
          %w[egg dairy],
          %w[egg xanthan_gum guar_gum psyllium_husk psyllium_powder]
        ]
        (
          diets.product([nil]) + [[], %w[egg dairy]].product(described_class::School.all.map(&:key))
        ).each do |without, school|
          swap = swapped[self, text, without: without, school: school]
          exclusion = swap.ours.options.exclusion(catalogue)
          barred = swap.flours.map { |line| catalogue.fetch(line.ingredient) }.reject { |i| exclusion.allows?(i) }
          expect([starch_in[swap].include?("contains"), barred]).to eq([false, []]), "#{without} #{school}"
          # Gums are printed to 0.1 g: of a gram that is up to a twentieth.
          expect(swap.ours.stretch).to be >= 0.95 * swap.ours.stretch_needed unless school == "fat"
        rescue Restauro::InvalidInput => e
          expect(e.message).to match(/What would do|Leave out less|is left out|choose/),
          "#{without} #{school}: #{e.message}"
        end
      end
    end

    {
      "a filling with flour and nothing to thicken" =>
        "Leek tart\n\nPastry:\n200 g flour\n100 g butter\n40 ml water\n\nFilling:\n500 g leeks\n1 tbsp flour",
      "crumbs in a custard" =>
        "Tart\n\nPastry:\n200 g flour\n100 g butter\n40 ml water\n\nFilling:\n3 eggs\n200 ml cream\n40 g breadcrumbs",
      "flour to dust a sheet with, and crumbs under it" =>
        "Pie\n1 sheet puff pastry\nflour, to dust\n2 tbsp flour\n\nFilling:\n400 g leeks\n300 ml milk\n" \
        "30 g flour\n20 g breadcrumbs",
      "flour among the crumbs of a base" => "Base\n200 g biscuit crumbs\n80 g butter\n2 tbsp flour"
    }.each do |where, text|
      it("leaves no wheat in #{where}") { expect(starch_in[swapped[self, text]]).not_to include("contains") }
    end

    {%w[wheat_flour] => /holds gluten/, %w[corn_starch] => /list of what to leave out/}.each do |keys, said|
      it("refuses #{keys.first} for a filling that must not have it") do
        expect { swapped[self, galette, filling_with: keys, without: %w[maize]] }.to raise_error(
          Restauro::InvalidInput,
          said
        )
      end
    end

    it("every diet leaves a pressed crust", :long) do
      Restauro::Diets.all.each { |diet| expect(swapped[self, pressed, without: [diet.key]].flours).not_to be_empty }
    end
    it("a nut-free, egg-free, dairy-free one is of seeds or sorghum") do
      expect(
        swapped[self, pressed, without: %w[tree_nut egg dairy], school: "seed"].then do |s|
          [s.flours.map(&:ingredient), s.binder.ingredient]
        end
      ).to match([include("sorghum_flour"), "flax_meal"])
    end
    it("takes fat alone for who asks, and says that it crumbles") do
      expect(
        swapped[self, pressed, without: %w[egg], school: "fat"].then do |s|
          [s.flours.map(&:ingredient), s.binder, s.warnings.map(&:code)]
        end
      ).to match([%w[almond_flour], nil, include("stretch_short")])
    end
    it("offers other schools with amounts") do
      expect(swapped[self, pressed].alternatives.map(&:school)).to include("egg", "nut", "seed")
    end
    it("refuses a school that is not for it") do
      expect { swapped[self, tart, school: "nut"] }.to raise_error(
        Restauro::InvalidInput,
        /not for a rolled crust.*What would do/
      )
    end
    it("takes crumbs for crumbs and a sheet for a sheet") do
      expect([base, pie].map { |text| swapped[self, text].flours.map(&:ingredient) }).to eq [
        %w[gf_biscuit_crumbs],
        %w[gf_puff_sheet]
      ]
    end
    it("keeps a crust without wheat as it is") do
      expect(
        swapped[self, "Tart\n200 g rice flour\n100 g butter"].then do |s|
          [s.replaced, s.ours.recipe.ingredients.map(&:text)]
        end
      ).to eq [[], ["200 g rice flour", "100 g butter"]]
    end
  end

  describe "in two families" do
    it "reads a sauce under a sheet as a sauce, swaps it by its own and keeps both as one dish" do
      swap = swapped[self, pie]
      expect([swap.filling.sauce.class, swap.ours.recipe.ingredients.map(&:ingredient)]).to match(
        [Restauro::Families::Sauce::Swap, include("gf_puff_sheet", "blend_with_gum", "corn_starch")]
      )
      alone = sauce.predict(read("500 g leeks\n40 g flour\n40 g butter\n500 ml milk", system: "metric"), sauce.options)
      expect(swap.filling.e).to be_within(1e-6).of([alone.flour_equivalents.value, 6.2].max)
    end

    it("holds a thin sauce in the crust, unless the cook says how thick") do
      thinner = pie.sub("40 g flour", "15 g flour")
      expect([swapped[self, thinner].filling.e, swapped[self, thinner, hold: "thin"].filling.e]).to match(
        [be_within(0.2).of(6.2), be_within(0.1).of(3.1)]
      )
    end

    it "thickens fruit that would run, for its own juice" do
      swap = swapped[self, galette]
      again =
        sauce.predict(
          read(swap.ours.filling.recipe.lines.map(&:text).join("\n"), system: "metric"),
          sauce.options(school: "slurry")
        )
      expect([swap.filling.added.ingredient, again.flour_equivalents.value]).to match(
        ["tapioca_starch", be_within(5).percent_of(9.3)]
      )
    end

    it "sets a custard with starch for who eats no egg, and says so" do
      swap = swapped[self, tart, without: %w[egg]]
      expect(
        [
          swap.ours.filling.recipe.ingredients.map(&:ingredient) & %w[egg_whole flax_meal],
          swap.filling.added.ingredient,
          swap.warnings.map(&:code)
        ]
      ).to match([[], "tapioca_starch", include("set_with_starch")])
    end

    it("knows the crust's lines from the filling's without headings") do
      expect(swapped[self, galette].ours.filling.recipe.ingredients.filter_map(&:ingredient)).to eq %w[
        rhubarb
        granulated_sugar
        tapioca_starch
      ]
    end
  end

  it "draws bars that add up to all of the dough" do
    bar = Restauro::Families::Crust::Picture.new(swapped[self, galette]).to_h[:bars][:ours]
    expect(bar.values_at(:flour, :fat, :binder, :liquid, :other).sum).to be_within(0.01).of(bar[:grams])
  end

  it "binds a dough that has curd in it with gum all the same" do
    swap = swapped[self, "Tart\n200 g flour\n80 g butter\n100 g cottage cheese\n30 ml water", with: %w[xanthan_gum]]
    expect(swap.binder&.ingredient).to eq "xanthan_gum"
  end

  describe "in the pan" do
    # By hand: a round of 26 cm is 530.9 cm2, its wall of 3 cm another 245.0; half sides 15 and 10 an ellipse of 471.2
    # cm2.
    {
      "26 cm round 3 cm deep" => [530.9, 775.9],
      "20x30 cm 3 cm deep" => [600.0, 900.0],
      "30x20 cm oval 3 cm deep" => [471.2, 709.2]
    }.each do |text, (area, covered)|
      it("#{text}: #{area} cm2, lined #{covered}") do
        expect(predicted[self, tart, pan: pan[text]].lining.then { |l| [l.base_cm2, l.covered_cm2] }).to match(
          [be_within(0.1).of(area), be_within(0.2).of(covered)]
        )
      end
    end

    it "keeps the dough's volume: what lies in the pan and what is trimmed" do
      crust = predicted[self, tart, pan: pan["26 cm round 3 cm deep"]]
      density = crust.food.density(20.0) / 1000
      expect(crust.lining.covered_cm2 * crust.thickness_mm / 10 * density + crust.trimmings_g).to be_within(0.5).of(
        crust.grams
      )
    end

    it("is rolled for its walls and its rim") do
      expect(
        [pan["26 cm round 3 cm deep"], pan["26 cm round 1.5 cm deep"]].map do |p|
          predicted[self, tart, pan: p].lining.roll_cm
        end
      ).to eq [[36.0, 36.0], [33.0, 33.0]]
    end
    it("warns of too little dough, and of a filling that boils over") do
      expect(
        predicted[self, tart, pan: pan["20x30 cm 5 cm deep"], thickness_mm: nil].warnings.map(&:code) +
          predicted[self, tart, pan: pan["18 cm round 3 cm deep"]].warnings.map(&:code)
      ).to include("overfull")
    end
    it("leaks where the bottom is loose: said at the oven") do
      expect(
        family.steps(swapped[self, tart, pan: pan["26 cm round loose-bottomed 3 cm deep"]]).filter_map(&:caution).join
      ).to match(/loose bottom leaks/)
    end

    it "reaches over a dish, joins two sheets where one would tear, and rises less than wheat's", :long do
      small, large = %w[20x26 30x40].map { |size| swapped[self, pie, pan: pan["#{size} cm 5 cm deep"]].sheet }
      expect(
        [small.count, large.count, large.thickness_mm >= large.thinnest_mm, small.risen_mm < small.wheat_risen_mm]
      ).to eq [1, 2, true, true]
      # By hand: 23 x 29 cm to cover.
      expect(small.needs_cm2).to be_within(0.01).of(667)
    end
  end

  describe "in the oven" do
    minutes = ->(spec, text, **choices) { predicted[spec, text, **choices].baking }

    # Common practice: a nut crust at 175 C about 20 min, a golden rim; a thin crust 20, with its topping 5 more; a lid
    # over a cooked filling at 200 C 20 to 30.
    it("bakes a nut crust in 17 to 24 min, golden at the rim") do
      expect(
        minutes[
          self,
          "Press-in crust\n150 g almond flour\n1/2 cup dry curd\n2 eggs\n4 tsp oil",
          oven: oven["175C"]
        ].then { |b| [b.prebake_minutes, b.rim_golden_minutes] }
      ).to all(be_between(17, 25))
    end
    it("bakes a thin crust in 17 to 25 min, and 3 to 8 with its topping") do
      expect(
        minutes[
          self,
          "Thin crust\n200 g gluten-free flour\n180 ml water\n8 g psyllium husk",
          oven: oven["175C"]
        ].then { |b| [b.prebake_minutes, b.bake_minutes] }
      ).to match([be_between(17, 25), be_between(3, 8)])
    end
    it("bakes a lid over a cooked filling in 20 to 30 min") do
      expect(
        swapped[self, pie, oven: oven["200C"], pan: pan["20x26 cm 5 cm deep"]].ours.baking.bake_minutes
      ).to be_between(20, 30)
    end
    # Common practice: 12 to 15 min under weights, 20 to 40 for a custard of 2 cm.
    it("bakes blind, then its custard") do
      expect(
        minutes[self, tart, pan: pan["24 cm round 3 cm deep"]].then { |b| [b.weighted_minutes, b.bake_minutes] }
      ).to match([be_between(11, 16), be_between(20, 40)])
    end

    it("is done later the deeper it is filled") do
      expect([22, 28].map { |cm| minutes[self, tart, pan: pan["#{cm} cm round 4 cm deep"]].filling_minutes }).to(
        satisfy { |deep, shallow| deep > shallow + 3 }
      )
    end
    it("is done sooner hot than cold") do
      expect(
        %w[hot cold].map do |start|
          minutes[self, tart, pan: pan["24 cm round 3 cm deep"], filling_start: start].filling_minutes
        end
      ).to(satisfy { |hot, cold| hot < cold })
    end
    it("covers the rim before it is too dark") do
      expect(
        minutes[self, galette, pan: pan["26 cm round"]].then do |b|
          [b.cover_from, b.rim_golden_minutes, b.total_minutes]
        end
      ).to(satisfy { |from, golden, total| from < golden && golden < total })
    end
    it("browns sooner with nuts, later with starch") do
      expect(
        [
          "180 g almond flour\n60 g butter",
          "180 g flour\n60 g butter",
          "180 g tapioca starch\n60 g butter"
        ].map { |text| predicted[self, "#{text}\n1 egg", style: "pressed"].browns }
      ).to(satisfy { |all| all == all.sort.reverse && all.uniq.length == 3 })
    end
    it("shows the three ovens, the fiercest soonest golden") do
      expect(predicted[self, tart].oven_schools.map { |baking| [baking.oven.celsius, baking.rim_golden_minutes] }).to(
        satisfy do |rows|
          rows.map(&:first) == [165.0, 190.0, 220.0] && rows.map(&:last) == rows.map(&:last).sort.reverse
        end
      )
    end
    it("asks for egg dishes' heat, and poultry's") do
      expect(
        [tart, pie.sub("leeks", "chicken")].map do |text|
          predicted[self, text].filling.then { |f| [f.safety, f.done_celsius] }
        end
      ).to match([[include("egg_dish"), be >= 71], [include("poultry"), 74.0]])
    end
  end

  describe "the method" do
    words = ->(spec, text, **choices) do
      family.steps(swapped[spec, text, **choices]).flat_map { |s| [s.text, s.look_for, s.caution] }.compact.join(" ")
    end

    it("rubs cold butter in, chills, rolls between sheets, blind bakes, brushes, fills") do
      expect(words[self, tart]).to match(
        /Rub\ .*\ butter,\ fridge-cold.*chill\ it.*between\ two\ sheets\ of\ parchment.*paper\ and\ weights.*
         soggy\ bottom.*Fill\ it.*Let\ it\ stand/mx
      )
    end
    it("presses, spreads, crumbles", :long) do
      expect([pressed, thin, crumble].map { |text| words[self, text] }).to match(
        [/Press it into the tin/, /Spread it on oiled parchment/, /scatter, do not press/]
      )
    end
    it("does without egg and milk where they are left out") do
      expect(words[self, galette, without: %w[egg dairy]]).to match(/brush with a plant drink/).and match(
        /plant-based block/
      )
    end
    it("cuts vents, and says when to look") do
      expect(words[self, pie]).to match(/cut vents/).and match(/look after \d+ min/).and match(/Thaw the sheet/)
    end
  end

  it "mends the rest by what it did", :long do
    swap = swapped[self, tart]
    kinds =
      %w[cracks crumbles leathery greasy soggy].to_h do |trouble|
        [trouble, family.mend(swap, trouble: trouble).map(&:kind)]
      end
    expect(kinds).to eq(
      "cracks" => %w[wetter],
      "crumbles" => %w[wetter stretchier],
      "leathery" => %w[drier],
      "greasy" => %w[drier],
      "soggy" => []
    )
    wetter = family.mend(swap, trouble: "cracks").first
    expect(wetter.lands_at).to be_within(1e-6).of(
      Restauro::Hydration::WaterRatio.of(swap.ours.weights + [[catalogue.fetch("water"), wetter.grams]])
    )
  end

  {
    {style: "puff"} => /rolled, pressed/,
    {cover: "side"} => /bottom, double/,
    {target: 4} => /0\.2 to 1\.8/,
    {thickness_mm: 40.0} => /2 to 20/,
    {school: "luck"} => /gum, psyllium/
  }.each do |choices, said|
    it("says what #{choices} should be") do
      expect { family.options(**choices) }.to raise_error(Restauro::InvalidInput, said)
    end
  end
end

RSpec.describe Restauro::Kitchen::BakingPan do
  # By hand, and for the oval by the series for an ellipse of half sides 15 and 10: 79.33 cm (Ramanujan).
  {"25 cm round" => 78.54, "9x13 in" => 111.76, "30x20 cm oval" => 79.33}.each do |text, cm|
    it("#{text} is #{cm} cm round") { expect(described_class.parse(text).perimeter_cm).to be_within(0.01).of(cm) }
  end
  it("knows a loose bottom") do
    expect(
      ["23 cm round loose-bottomed", "23 cm springform", "23 cm round"].map { |text| described_class.parse(text).loose }
    ).to eq [true, true, false]
  end
end
