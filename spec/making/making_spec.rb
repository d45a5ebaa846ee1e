RSpec.describe Restauro::Making do
  plan_of =
    lambda do |spec, _family, text, **choices|
      answer = spec.answer(text, system: "metric", **choices)
      [Restauro::Making::Plan.of(answer, Reference::Helpers::CATALOGUE), answer.main.swap, answer.main.family]
    end
  event = ->(kind, at, **data) { Restauro::Making::Dish::Event.new(kind, at.to_f, data.transform_keys(&:to_s)) }
  sauce = "Chive cream\n4 tbsp flour\n40 g butter\n450 ml milk\n1 tsp salt"
  noodles = "Ribbons\n300 g flour\n3 eggs\n1 tsp salt"

  describe "the bench sheet" do
    it("starts with the gel, keeps dry from wet, and asks of packs that are taken for one another") do
      plan, = plan_of[self, "pasta", noodles, school: "psyllium"]
      expect(plan.items.map(&:bowl).chunk_while { |a, b| a == b }.map(&:first)).to eq %w[gel dry wet]
      expect(plan.items.map(&:key).first(2)).to match_array %w[psyllium_husk water]
      expect(plan.items.find { |item| item.key == "blend_plain" }.lookalike["ask"]).to match(/xanthan/)
    end

    it("weighs what the catalogue does not know by its own words") do
      plan_of[
        self,
        "crust",
        "Tart\n\nPastry:\n200 g flour\n100 g butter\n40 ml water\n\nFilling:\n350 g leeks\n3 eggs\n200 ml cream"
      ].first.then do |plan|
        expect(
          plan.items.select { |item| item.bowl == "filling" }.map { |item| [item.key, item.name, item.grams] }
        ).to include([nil, "leeks", 350.0])
      end
    end
    it("stirs a slurry apart, and starts a roux in the pan") do
      expect(
        %w[slurry roux].map do |school|
          plan_of[self, "sauce", sauce, school: school, with: %w[corn_starch]]
            .first
            .items
            .find { |item| item.key == "corn_starch" }
            .bowl
        end
      ).to eq %w[slurry pan]
    end
    it("weighs every counted line once, filling apart") do
      plan_of[
        self,
        "crust",
        "Tart\n\nPastry:\n200 g flour\n100 g butter\n40 ml water\n\nFilling:\n3 eggs\n200 ml cream"
      ].then do |plan, swap|
        expect([plan.items.length, plan.items.count { |item| item.bowl == "filling" }]).to eq [
          swap.ours.recipe.ingredients.count(&:grams),
          2
        ]
      end
    end
    it("is near enough within 2 %, a gram at least, finer for what is little") do
      expect([500.0, 30.0, 4.0].map { |grams| Restauro::Making::Item.tolerance(grams) }).to eq [10.0, 1.0, 0.24]
    end
    it("leaves to spoons what a scale is too coarse for") do
      expect(
        [[4.0, 1.0], [4.0, 0.1], [8.0, 1.0]].map { |grams, step| Restauro::Making::Item.spoons_better?(grams, step) }
      ).to eq [true, false, false]
    end
    it("goes to plain data and back") do
      plan_of[self, "sauce", sauce].first.then do |plan|
        expect(Restauro::Making::Plan.from_data(plan.to_data)).to eq plan
      end
    end
  end

  describe "a dish" do
    it "is the fold of what was confirmed, whatever the order, and one event at a time" do
      plan, = plan_of[self, "sauce", sauce, school: "slurry", with: %w[corn_starch]]
      first, second, *rest = plan.items
      events = [
        event["weighed", 1, item: first.id, grams: first.grams - 20],
        event["focus", 2, item: rest.last.id],
        event["weighed", 3, item: rest.last.id, grams: rest.last.grams],
        event["weighed", 4, item: first.id, grams: 20],
        event["skipped", 5, item: second.id]
      ]
      dishes = (0..events.length).map { |count| Restauro::Making::Dish.of(plan, events.first(count)) }
      expect(dishes.map { |dish| dish.current&.id }).to eq [
        first.id,
        first.id,
        rest.last.id,
        first.id,
        second.id,
        (rest.first == rest.last ? nil : rest.first.id)
      ]
      expect([dishes[1].wanted(first), dishes.last.version, dishes.first.weighed]).to match(
        [be_within(0.01).of(20), 5, {}]
      )
    end

    it "says what is skipped when a line is taken out of its turn" do
      plan, = plan_of[self, "pasta", noodles, school: "psyllium"]
      flour = plan.items.find { |item| item.bowl == "dry" }
      expect(Restauro::Making::Dish.new(plan).skipped_before(flour).map(&:bowl).uniq).to eq %w[gel]
    end

    # By hand: started at 100 for 60 s, held from 130 to 150, goes on: it rings at 180.
    it "keeps clocks that can be held, to the second" do
      plan, = plan_of[self, "sauce", sauce]
      events = [
        event["timer_start", 100, id: "a", label: "simmer", seconds: 60, step: 2],
        event["timer_pause", 130, id: "a"],
        event["timer_start", 140, id: "b", label: "rest", seconds: 600, step: 3],
        event["timer_go", 150, id: "a"]
      ]
      timers = Restauro::Making::Dish.of(plan, events).timers
      expect([timers["a"].rings_at, timers["a"].left_at(165), timers["b"].left_at(165), timers["a"].rung?(181)]).to eq [
        180.0,
        15.0,
        575.0,
        true
      ]
      stopped =
        Restauro::Making::Dish.of(
          plan,
          events + [event["timer_stop", 170, id: "a"], event["timer_longer", 171, id: "b", seconds: 60]]
        ).timers
      expect([stopped["a"].left_at(900), stopped["b"].rings_at]).to eq [10.0, 800.0]
    end
  end

  it "weighs a spice where the method stirs it in, and what goes in last by itself" do
    items =
      Restauro::Making::Plan.of(
        answer(
          "Sauce\n40 g butter\n40 g flour\n1 tsp caraway seeds, crushed\n500 ml milk\n2 tsp grain mustard",
          system: "uk"
        ),
        catalogue
      ).items
    expect(items.to_h { |item| [item.name, item.bowl] }).to include(
      "caraway seeds, crushed" => "pan",
      "grain mustard" => "late",
      "whole milk" => "wet"
    )
  end

  describe "too much of one line" do
    it "makes more of everything, or corrects by the water ratio" do
      plan, = plan_of[self, "pasta", noodles, school: "psyllium"]
      flour, water = %w[blend_plain water].map { |key| plan.items.find { |item| item.key == key } }
      targets = plan.items.to_h { |item| [item.id, item.grams] }
      all, one =
        Restauro::Making::Rebalance.options(
          plan,
          catalogue,
          targets: targets,
          weighed: {},
          item: flour,
          grams: flour.grams * 1.1
        )
      expect(all.targets.map { |id, grams| grams / targets[id] }).to all(be_within(0.02).of(1.1))
      ratio = ->(amounts) do
        Restauro::Hydration::WaterRatio.of(plan.items.map { |item| [catalogue.fetch(item.key), amounts[item.id]] })
      end
      expect([one.targets[water.id] > targets[water.id], ratio[one.targets] / ratio[targets]]).to match(
        [true, be_within(0.005).of(1)]
      )
      expect(one.targets.reject { |id, _| [flour.id, water.id].include?(id) }).to eq(
        targets.reject { |id, _| [flour.id, water.id].include?(id) }
      )
    end

    it "keeps a sauce's body: power over liquid, in whichever of them there was too much" do
      plan, = plan_of[self, "sauce", sauce, school: "slurry", with: %w[corn_starch sweet_rice_flour]]
      starch, milk = %w[corn_starch whole_milk].map { |key| plan.items.find { |item| item.key == key } }
      targets = plan.items.to_h { |item| [item.id, item.grams] }
      strength =
        lambda do |amounts|
          plan.items.sum { |i| catalogue.fetch(i.key).then { |x| x.thickens? ? x.thick_power * amounts[i.id] : 0 } } /
            plan.items.sum { |i| catalogue.fetch(i.key).liquid? ? amounts[i.id] : 0 }
        end
      {starch => {milk.id => milk.grams}, milk => {}}.each do |item, weighed|
        one =
          Restauro::Making::Rebalance
            .options(plan, catalogue, targets: targets, weighed: weighed, item: item, grams: item.grams * 1.2)
            .find { |found| found.key == "correct" }
        expect(strength[one.targets] / strength[targets]).to be_within(0.005).of(1)
        expect(one.words).to match(item == starch ? /Add \d+(\.\d)? g whole milk/ : /instead of/)
      end
    end

    it "keeps to its own part: a sauce's milk is no business of the pastry's flour" do
      dish =
        answer(
          "Leek pie\nPastry:\n240 g flour\n120 g butter\n55 ml water\nSauce:\n45 g butter\n30 g flour\n450 ml milk",
          system: "uk"
        )
      plan = Restauro::Making::Plan.of(dish, catalogue)
      flour = plan.items.find { |item| item.part == "Pastry" && item.key.start_with?("blend") }
      one =
        Restauro::Making::Rebalance
          .options(
            plan,
            catalogue,
            targets: plan.items.to_h { |i| [i.id, i.grams] },
            weighed: {},
            item: flour,
            grams: flour.grams * 1.2
          )
          .find { |found| found.key == "correct" }
      expect([one.words, plan.families]).to match([/g water instead/, {"Pastry" => "crust", "Sauce" => "sauce"}])
    end

    it("has nothing to say where there is not too much") do
      plan_of[self, "sauce", sauce].first.then do |plan|
        expect(
          Restauro::Making::Rebalance.options(
            plan,
            catalogue,
            targets: plan.items.to_h { |i| [i.id, i.grams] },
            weighed: {},
            item: plan.items.first,
            grams: plan.items.first.grams
          )
        ).to eq []
      end
    end
  end

  describe "when plan and reality part" do
    it "a late boil: fewer watts, more water gone, thicker" do
      _, swap, family = plan_of[self, "sauce", sauce]
      late = Restauro::Making::Replan.boiled(family, swap, 2.5)
      expect(late.words).to match(
        /later than planned: this hob gives about 240 W.*(thicker: whisk in \d+ mL|as thick as planned|thinner)/
      )
    end

    it "a slow oven: what is still to bake gets longer by as much" do
      plan, =
        plan_of[
          self,
          "crust",
          "Tart\n\nPastry:\n200 g flour\n100 g butter\n40 ml water\n\nFilling:\n3 eggs\n200 ml cream"
        ]
      blind = plan.steps.index { |step| step.text.include?("weights right up") }
      dish = Restauro::Making::Dish.new(plan)
      found = Restauro::Making::Replan.after(dish, blind, plan.steps[blind].minutes * 60 * 1.5)
      later =
        plan.steps.each_index.select do |index|
          index > blind && plan.steps[index].heat == "oven" && plan.steps[index].minutes
        end
      expect(found.minutes).to eq(
        later.to_h { |index| [index.to_s, (2 * plan.steps[index].minutes * 1.5).round / 2.0] }
      )
      expect([Restauro::Making::Replan.after(dish, blind, plan.steps[blind].minutes * 62), found.words]).to match(
        [nil, /The oven took/]
      )
    end
  end

  it "expects a course for what a probe is put into" do
    [
      ["sauce", sauce],
      ["gnocchi", "Gnocchi\n800 g riced potato\n200 g flour\n1 egg"],
      ["crust", "Tart\n\nPastry:\n200 g flour\n100 g butter\n40 ml water\n\nFilling:\n3 eggs\n200 ml cream"]
    ].each do |key, text|
      points = plan_of[self, key, text].first.expected["points"]
      expect([points.length, points.map(&:first)]).to match(
        [be_between(10, 61), satisfy { |minutes| minutes == minutes.sort }]
      ),
      key
    end
  end
end
