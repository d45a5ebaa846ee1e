# Meals for the planner's specs: steps and dishes put together by hand, or made up from a seed.
module MadeUpMeals
  P = Restauro::Planning

  module_function

  def step(text, minutes, heat, celsius = nil, attended = nil, longest = 10)
    P::Step.new(text: text, minutes: minutes, heat: heat, celsius: celsius, attended: attended, longest: longest)
  end

  def meal(dishes, **kitchen) = P::Meal.new(serve_at: 1140, dishes: dishes, kitchen: P::Kitchen.new(**kitchen))

  # Dishes like those of a kitchen: hands, then something by itself, then the hob or the oven.
  # @param patience [Range] of minutes that a step may be followed by nothing   @param holds [Array] of minutes at the
  # table
  def dishes(count, random, patience: 5..60, holds: [5, 10, 20, 30, 60])
    Array.new(count) do |index|
      steps = Array.new(random.rand(2..4)) { one_step(index, random, patience) }
      P::Dish.new(name: "dish #{index}", steps: steps, hold_minutes: holds.sample(random: random))
    end
  end

  def one_step(index, random, patience)
    heat = %w[hands hob oven rest].sample(random: random)
    celsius = [175, 180, 190, 200, 220].sample(random: random) if heat == "oven"
    step(
      "#{heat} #{index}",
      random.rand(3..30),
      heat,
      celsius,
      heat == "hob" ? random.rand < 0.5 : nil,
      random.rand(patience)
    )
  end
end
