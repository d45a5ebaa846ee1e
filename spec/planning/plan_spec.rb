require_relative "../support/highs_table"
require_relative "../support/made_up_meals"

# A meal's plan held against what knows nothing of how it was found: a checker of the rules alone, every order tried
# out, and HiGHS (big-M, its own optimum).
RSpec.describe Restauro::Planning::Plan do
  planning = Restauro::Planning
  step = MadeUpMeals.method(:step)
  meal = MadeUpMeals.method(:meal)
  made_up = MadeUpMeals.method(:dishes)

  # The rules, minute by minute.   @return [Array<String>] what is broken
  broken =
    lambda do |plan|
      kitchen, tasks = plan.meal.kitchen, plan.tasks
      cooking = tasks.select(&:dish)
      at = ->(minute, &which) { cooking.select { |task| task.from <= minute && minute < task.to && which.call(task) } }
      faults =
        (tasks.map(&:from).min...plan.meal.serve_at)
          .flat_map do |minute|
            oven = at[minute, &->(task) { task.step.oven? }]
            [
              ("hands at #{minute}" if at[minute, &->(task) { task.step.attended }].length > kitchen.cooks),
              ("rings at #{minute}" if at[minute, &->(task) { task.step.hob? }].length > kitchen.burners),
              ("trays at #{minute}" if oven.length > kitchen.ovens * kitchen.shelves),
              (
                if oven
                     .group_by(&:oven)
                     .any? { |_, sharing| sharing.map { |task| task.step.celsius }.minmax.reduce(:-).abs > 15 }
                  "two heats at #{minute}"
                end
              )
            ]
          end
          .compact
      plan.meal.dishes.each do |dish|
        own = cooking.select { |task| task.dish == dish.name }.sort_by(&:from)
        own.each_cons(2) do |one, other|
          faults << "order in #{dish.name}" if other.from < one.to || other.from - one.to > one.step.longest
        end
        late = plan.meal.serve_at - own.last.to
        faults << "#{dish.name} ready #{late} min before" unless late.between?(0, dish.hold_minutes)
        faults << "steps of #{dish.name}" unless own.map { |task| task.step.text } == dish.steps.map(&:text)
      end
      faults
    end
  cost = ->(plan) do
    20 * plan.waits.each_with_index.sum { |(_, minutes), dish| plan.meal.dishes[dish].weight * minutes } +
      plan.meal.serve_at - plan.tasks.select(&:dish).map(&:from).min
  end

  it "breaks no rule, over hundreds of made-up meals, whatever the kitchen", :long do
    random = Random.new(17)
    found =
      Array.new(240) do
        kitchen = {
          burners: random.rand(1..3),
          ovens: random.rand(1..2),
          shelves: random.rand(1..2),
          cooks: random.rand(1..2)
        }
        plan =
          begin
            described_class.of(meal[made_up[random.rand(2..5), random], **kitchen], stop: -> { false })
          rescue StandardError
            next
          end
        next plan.status if plan.status == "late"

        expect(broken[plan]).to eq([]), "#{kitchen}: #{plan.meal.dishes.map { |dish| dish.steps.map(&:to_a) }}"
        plan.status
      end
    expect(found.compact.tally).to match("optimal" => be > 200, "late" => be < 40)
  end

  # All orders of all pairs that could collide, by plain enumeration of starts on a coarse clock.
  it "is as good as trying every minute out", :long do
    random = Random.new(5)
    8.times do
      dishes =
        Array.new(2) do |index|
          planning::Dish.new(
            name: "d#{index}",
            hold_minutes: [3, 8].sample(random: random),
            steps: Array.new(2) { |at| step["s#{index}#{at}", random.rand(2..5), "hands", nil, true, 6] }
          )
        end
      plan = described_class.of(meal[dishes])
      next if plan.status == "late"

      chains =
        dishes.map do |dish|
          (0..dish.hold_minutes).flat_map do |wait|
            (0..6).map { |gap| last = -wait - dish.steps[1].minutes and [last - gap - dish.steps[0].minutes, last] }
          end
        end
      best =
        chains[0]
          .product(chains[1])
          .filter_map do |pair|
            spans =
              pair.each_with_index.flat_map do |starts, dish|
                starts.each_with_index.map { |from, at| [from, from + dishes[dish].steps[at].minutes] }
              end
            next if spans.combination(2).any? { |(a, b), (c, d)| a < d && c < b }

            20 *
              pair.each_with_index.sum do |starts, dish|
                dishes[dish].weight * -(starts[1] + dishes[dish].steps[1].minutes)
              end - pair.flatten.min
          end
          .min
      expect(cost[plan]).to eq best
    end
  end

  # Two ovens: every start of every bake on the clock, and every oven for each.
  it "is as good as trying every oven out", :long do
    random = Random.new(11)
    compared =
      30.times.count do
        dishes =
          Array.new(3) do |index|
            planning::Dish.new(
              name: "d#{index}",
              hold_minutes: [2, 6, 12].sample(random: random),
              steps: [step["bake", random.rand(3..9), "oven", [170, 200, 230].sample(random: random), false, 0]]
            )
          end
        shelves = random.rand(1..2)
        plan = described_class.of(meal[dishes, ovens: 2, shelves: shelves])
        bakes = dishes.map { |dish| planning::Ovens.shared(dishes)[dishes.index(dish)].steps.first }
        apart = ->(one, other) do
          if (bakes[one].celsius - bakes[other].celsius).abs > 15
            ((bakes[one].celsius - bakes[other].celsius).abs / 10).ceil
          end
        end
        fits =
          lambda do |starts, ovens|
            ends = starts.zip(bakes).map { |start, bake| start + bake.minutes }
            pairs = (0..2).to_a.combination(2).select { |one, other| ovens[one] == ovens[other] }
            if pairs.any? { |one, other|
                 (gap = apart[one, other]) && starts[one] < ends[other] + gap && starts[other] < ends[one] + gap
               }
              next false
            end

            (starts.min...0).all? do |minute|
              (0..2)
                .select { |at| starts[at] <= minute && minute < ends[at] }
                .group_by { |at| ovens[at] }
                .values
                .all? { |at_once| at_once.length <= shelves }
            end
          end
        ways = [0, 1].product([0, 1], [0, 1])
        all = dishes.zip(bakes).map { |dish, bake| (0..dish.hold_minutes).map { |wait| -wait - bake.minutes } }
        best =
          all[0]
            .product(*all[1..])
            .select { |starts| ways.any? { |ovens| fits[starts, ovens] } }
            .map do |starts|
              20 * starts.each_index.sum { |at| dishes[at].weight * -(starts[at] + bakes[at].minutes) } - starts.min
            end
            .min
        next if plan.status == "late" && best.nil?

        expect([plan.status, cost[plan]]).to eq ["optimal", best]
      end
    expect(compared).to be > 20
  end

  # Big-M over the pairs of hands and heats; the offset is in the model's own cost (no relative gap).
  it "is the optimum that HiGHS finds", :long do
    random = Random.new(29)
    6.times do
      dishes =
        made_up[4, random].map do |dish|
          planning::Dish.new(
            **dish.to_h,
            steps: dish.steps.map { |one| one.oven? ? one.with(celsius: [180.0, 220.0].sample(random: random)) : one }
          )
        end
      table = meal[dishes, burners: 8, shelves: 8]
      plan = described_class.of(table)
      next unless plan.status == "optimal"

      expect(cost[plan]).to eq HighsTable.optimum(planning::Problem.new(table))
    end
  end

  describe "what a kitchen knows" do
    roast =
      planning::Dish.new(
        name: "joint",
        hold_minutes: 20,
        steps: [step["roast", 75, "oven", 190, false, 5], step["rest", 18, "rest", nil, false, 30]]
      )
    puddings =
      planning::Dish.new(
        name: "puddings",
        hold_minutes: 5,
        steps: [step["mix", 5, "hands", nil, nil, 60], step["bake", 20, "oven", 220]]
      )
    crumble =
      planning::Dish.new(
        name: "crumble",
        hold_minutes: 20,
        steps: [step["fruit", 10, "hands", nil, nil, 120], step["bake", 35, "oven", 180]]
      )
    task = ->(plan, dish, text) { plan.tasks.find { |one| one.dish == dish && one.step.text == text } }

    it("rests the joint while the oven bakes what may not wait") do
      described_class
        .of(meal[[roast, puddings]])
        .then do |plan|
          expect([task[plan, "puddings", "bake"].to, task[plan, "joint", "roast"].to]).to match(
            [1140, be <= task[plan, "puddings", "bake"].from]
          )
        end
    end
    it("shares the oven within 15 C, each with its minutes changed") do
      described_class
        .of(meal[[roast, crumble]])
        .then do |plan|
          expect(
            [
              task[plan, "joint", "roast"].step.celsius,
              task[plan, "joint", "roast"].step.minutes,
              task[plan, "crumble", "bake"].step.minutes
            ]
          ).to eq [185, 79, 33]
        end
    end
    it("heats the oven before its first bake") do
      described_class
        .of(meal[[roast]])
        .then do |plan|
          expect([plan.tasks.first.dish, plan.tasks.first.to]).to eq [nil, task[plan, "joint", "roast"].from]
        end
    end
    # What is heated with something in it is the dish's own; an empty oven is the meal's.
    it("keeps the fat in its tin and the oil on its ring") do
      heated =
        [
          "Popovers\n140 g flour\n4 eggs\n200 ml milk\nMakes 12. Oven 220C, 20 min",
          "Schnitzels\n8 slices celeriac, 10 mm\n60 g flour\n2 eggs\n120 g breadcrumbs\nFry at 175C"
        ].map do |text|
          planning::Dish
            .of_answer("dish", answer(text, system: "uk"))
            .steps
            .select { |found| found.text.match?(/\AHeat the oven|oil|fat/i) }
            .map { |found| [found.heat, found.minutes] }
        end
      expect(heated).to eq [[["oven", 10]], [["hob", 8]]]
    end
    it("leaves minutes between two heats") do
      described_class
        .of(meal[[roast, puddings]])
        .then { |plan| expect(task[plan, "puddings", "bake"].from - task[plan, "joint", "roast"].to).to be >= 3 }
    end
    it("begins the day before where it must") do
      described_class
        .of(meal[[planning::Dish.new(name: "stew", steps: [step["stew", 1300, "hob", nil, false]])]])
        .then do |plan|
          expect([plan.start_at, planning::Meal.clock(plan.start_at)]).to eq [-160, "21:20 (the day before)"]
        end
    end

    it "says what collides where two dishes cannot be" do
      fry = ->(name) { planning::Dish.new(name: name, hold_minutes: 2, steps: [step["fry", 12, "hob", nil, true]]) }
      plan = described_class.of(meal[[fry["fritters"], fry["schnitzels"]]])
      expect([plan.status, plan.clashes.join]).to match(["late", /(fritters|schnitzels) waits 10 min longer/])
      expect(described_class.of(meal[[fry["fritters"], fry["schnitzels"]], cooks: 2]).status).to eq "optimal"
    end

    it("wants an oven") { expect { meal[[roast], ovens: 0] }.to raise_error(Restauro::InvalidInput, /no oven/) }
    it("says that time ran out, not that it cannot be") do
      expect { described_class.of(meal[[roast, puddings, crumble]], stop: -> { true }) }.to raise_error(
        Restauro::InvalidInput,
        /no proof/
      )
    end
  end

  describe planning::Calendar do
    table = -> do
      Restauro::Planning::Plan.of(
        meal[
          [
            planning::Dish.new(
              name: "leek, chive; and caraway tart with a name that is longer than any line may be",
              steps: [step["bake", 60, "oven", 190]]
            )
          ]
        ]
      )
    end
    lines = ->(text) { text.gsub("\r\n ", "").split("\r\n") }

    it "is read back by a second parser with its times" do
      text = described_class.new(table.call, date: "2026-12-05", zone: "Europe/Lisbon").to_ical
      events = Icalendar::Calendar.parse(text).first.events
      expect(events.map { |event| [event.dtstart.strftime("%H:%M"), event.dtend.strftime("%H:%M")] }).to eq [
        %w[17:45 18:00],
        %w[18:00 19:00]
      ]
      expect(text.split("\r\n").map(&:bytesize).max).to be <= 75
      expect(lines[text].grep(/SUMMARY:leek\\, chive\\; and/).length).to eq 1
    end

    it("keeps the clock on the wall on the day it is put back") do
      expect(
        lines[described_class.new(table.call, date: "2026-10-25", zone: "Europe/Lisbon").to_ical].grep(
          %r{DTSTART;TZID=Europe/Lisbon:20261025T180000}
        ).length
      ).to eq 1
    end
    it("knows no such zone, no such day") do
      [%w[2026-12-05 Middle/Earth], %w[tomorrow Europe/Lisbon]].each do |date, zone|
        expect { described_class.new(table.call, date: date, zone: zone) }.to raise_error(Restauro::InvalidInput)
      end
    end
  end
end
