require_relative "../support/made_up_meals"

# A meal that slips: held against the same checker of the rules, and against what must not move.
RSpec.describe Restauro::Planning::Slip do
  planning = Restauro::Planning
  step = MadeUpMeals.method(:step)
  meal = MadeUpMeals.method(:meal)
  made_up = ->(count, random) { MadeUpMeals.dishes(count, random, patience: 10..60, holds: [10, 20, 30, 60]) }

  # What stands at a minute of a plan, one begun step running late.
  state_at =
    lambda do |plan, now, late|
      tasks = described_class.keyed(plan)
      done = tasks.select { |_, task| task.to <= now }.transform_values { |task| [task.from, task.to] }
      begun = tasks.select { |_, task| task.from <= now && now < task.to }
      described_class::State.new(
        now: now,
        done: done,
        begun: begun.transform_values(&:from),
        longer: begun.to_h { |key, task| [key, task.to - task.from + late] }
      )
    end
  # Rules of what is left.
  broken =
    lambda do |plan, state|
      tasks = described_class.keyed(plan)
      left = tasks.reject { |key, _| state.done.key?(key) || state.begun.key?(key) }
      faults = left.filter_map { |key, task| "#{key} before now" if task.from < state.now }
      {cook: plan.meal.kitchen.cooks, burner: plan.meal.kitchen.burners}.each do |field, most|
        faults << field if tasks.values.filter_map(&field).max.to_i > most
      end
      left.each_key do |(dish, at)|
        before = tasks[[dish, at - 1]] and before.to > tasks[[dish, at]].from and faults << "order of #{[dish, at]}"
      end
      plan.meal.dishes.each_index do |dish|
        last = tasks.select { |(of, _), _| of == dish }.values.max_by(&:to) and last.to > plan.meal.serve_at and
          faults << "dish #{dish} after the hour"
      end
      faults
    end

  it "keeps what has begun, breaks no rule of what is left, over many made-up slips", :long do
    random = Random.new(3)
    seen =
      60.times.filter_map do
        plan =
          begin
            planning::Plan.of(meal[made_up[random.rand(2..5), random]])
          rescue StandardError
            next
          end
        next if plan.status == "late"

        now = random.rand(plan.start_at..(plan.meal.serve_at - 1))
        state = state_at[plan, now, random.rand(1..12)]
        found = described_class.new(plan, state, stop: -> { false }).plan
        tasks = described_class.keyed(found)
        begun = state.begun.merge(state.done.transform_values(&:first))
        expect([broken[found, state], begun.reject { |key, from| tasks[key].from == from }]).to eq [[], {}]
        found.clashes.any? ? :stretched : (found.meal.serve_at > plan.meal.serve_at ? :later : :in_time)
      end
    expect(seen.tally.keys).to include(:in_time, :later).or include(:in_time, :stretched)
    expect(seen.length).to be > 40
  end

  it "moves nothing where nothing slipped" do
    plan = planning::Plan.of(meal[made_up[4, Random.new(8)]])
    state = state_at[plan, plan.start_at + 20, 0]
    found = described_class.new(plan, state, stop: -> { false }).plan
    expect([found.meal.serve_at, found.waits]).to eq [plan.meal.serve_at, plan.waits]
  end

  it "delays the hour by no more than it must where one thing is all there is" do
    plan =
      planning::Plan.of(
        meal[
          [
            planning::Dish.new(
              name: "tart",
              hold_minutes: 5,
              steps: [step["mix", 10, "hands"], step["bake", 40, "oven", 190]]
            )
          ]
        ]
      )
    state = state_at[plan, 1130, 7]
    expect(described_class.new(plan, state).plan.then { |found| [found.meal.serve_at, found.clashes] }).to eq [1147, []]
  end

  it "holds the hour where another can wait" do
    dishes = [
      planning::Dish.new(name: "gravy", hold_minutes: 30, steps: [step["gravy", 10, "hob", nil, true, 30]]),
      planning::Dish.new(
        name: "puddings",
        hold_minutes: 3,
        steps: [step["mix", 5, "hands", nil, nil, 60], step["bake", 20, "oven", 220]]
      )
    ]
    plan = planning::Plan.of(meal[dishes])
    mix = described_class.keyed(plan)[[1, 0]]
    state = described_class::State.new(now: mix.from + 5, begun: {[1, 0] => mix.from}, longer: {[1, 0] => 8})
    found = described_class.new(plan, state, stop: -> { false }).plan
    expect(found.meal.serve_at).to be_between(1140, 1143)
  end
end
