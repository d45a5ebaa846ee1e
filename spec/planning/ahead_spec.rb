# What can be made the day before, and what the evening is then (common practice, DOMAIN 12).
RSpec.describe Restauro::Planning::Ahead do
  pie =
    "Leek pie\nPastry:\n240 g plain flour\n120 g butter\n55 ml cold water\nSauce:\n45 g butter\n4 tbsp plain " \
"flour\n450 ml milk\nLeeks:\n600 g leeks\n30 g butter\nBake at 190C for 35 minutes"
  define_method(:dish) { |**more| Restauro::Planning::Dish.of_answer("pie", answer(pie, system: "uk"), **more) }

  it "dough and sauce of a pie, each with its days and its cautions" do
    ahead = dish.ahead.to_h { |one| [one.part, [one.say, one.days, one.keeps]] }
    expect(ahead).to include(
      "Pastry" => ["dough", 2, /wrapped, in the fridge.*Raw dough/],
      "Sauce" => ["sauce", 1, /Down to 21 °C within 2 hours.*rolling boil/]
    )
  end

  it "takes its steps out of the evening and puts in what the evening begins with" do
    whole, evening = dish, dish(before: %w[Pastry Sauce])
    texts = evening.steps.map(&:text)
    expect(texts).to include(/Take the dough out/, /Bring the sauce to a rolling boil/)
    expect([evening.steps.sum(&:minutes), texts.grep(/Bake at/).length]).to match(
      [be < whole.steps.sum(&:minutes), whole.steps.map(&:text).grep(/Bake at/).length]
    )
    expect(evening.needs).to eq whole.needs
  end

  it("is not offered for a batter, which goes the same day") do
    expect(
      Restauro::Planning::Dish.of_answer(
        "fritters",
        answer("Batter\n120 g flour\n180 ml milk\n1 egg", system: "uk")
      ).ahead
    ).to eq []
  end
end

RSpec.describe Restauro::Planning::Problem do
  step = ->(text, minutes, heat, attended = nil) do
    Restauro::Planning::Step.new(text: text, minutes: minutes, heat: heat, attended: attended, longest: 120)
  end
  meal = ->(*dishes) do
    Restauro::Planning::Meal.new(serve_at: 1140, dishes: dishes, kitchen: Restauro::Planning::Kitchen.new(cooks: 2))
  end

  it "prepares what is free of gluten before wheat is on the bench" do
    bread =
      Restauro::Planning::Dish.new(
        name: "flatbreads",
        wheat: true,
        steps: [step["knead", 10, "hands"], step["prove", 60, "rest"], step["fry", 5, "hob"]]
      )
    coat =
      Restauro::Planning::Dish.new(
        name: "schnitzels",
        hold_minutes: 10,
        steps: [step["coat", 15, "hands"], step["fry", 8, "hob"]]
      )
    plan = Restauro::Planning::Plan.of(meal[bread, coat])
    at = plan.tasks.to_h { |task| ["#{task.dish} #{task.step.text}", task] }
    expect(at["flatbreads knead"].from).to be >= at["schnitzels coat"].to
  end
end

RSpec.describe Restauro::Planning::Ovens do
  it "gives a shared oven's minutes by the dish's own model, where it has one" do
    bake = ->(minutes, celsius) do
      Restauro::Planning::Step.new(text: "bake", minutes: minutes, heat: "oven", celsius: celsius)
    end
    ours =
      Restauro::Planning::Dish.new(
        name: "tart",
        steps: [bake[30, 180]],
        model: ->(celsius) { [bake[celsius > 184 ? 27 : 30, celsius]] }
      )
    other = Restauro::Planning::Dish.new(name: "joint", steps: [bake[75, 190]])
    expect(
      described_class.shared([ours, other]).map { |dish| dish.steps.first.then { |one| [one.celsius, one.minutes] } }
    ).to eq [[185.0, 27], [185.0, 79]]
  end
end
