# Planning a meal: time of the search against the number of dishes, and how its waiting stands beside that of a greedy cook, who lays one dish after
# another whole, the least patient first, each as late as it goes.   bench/run plan
$LOAD_PATH.unshift(File.expand_path("../lib", __dir__))
require "restauro"

module Bench
  module Plan
    P = Restauro::Planning
    LIMIT = 2.0

    module_function

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

    def dish(index, random)
      steps = Array.new(random.rand(6..8)) do
        heat = %w[hands hands hob oven rest].sample(random: random)
        P::Step.new(text: "#{heat} #{index}", minutes: random.rand(2..18), heat: heat, celsius: heat == "oven" ? [180, 220].sample(random: random) : nil, longest: random.rand(40..180))
      end
      P::Dish.new(name: "dish #{index}", steps: steps, hold_minutes: [20, 30, 45, 60, 90].sample(random: random))
    end

    # Starts minute by minute, latest first.   @return [Array<Integer>, nil]
    def greedy(problem)
      resources = P::Resources.new(problem)
      order = problem.lasts.each_index.sort_by { |dish| problem.holds[dish] }
      starts = Array.new(problem.length, -100_000)
      starts if order.all? { |dish| lay(problem, resources, starts, dish) }
    end

    def lay(problem, resources, starts, dish)
      steps = (problem.firsts[dish]..problem.lasts[dish]).to_a
      (0..problem.holds[dish]).any? do |wait|
        back(problem, resources, starts, steps, -wait)
      end
    end

    # Each step as late as nothing collides, backwards.
    def back(problem, resources, starts, steps, ready)
      steps.reverse.each_with_index do |step, index|
        latest = (index.zero? ? ready : starts[step + 1]) - problem.minutes[step]
        longest = index.zero? ? 0 : problem.steps[step].longest
        found = (0..longest).map { |more| latest - more }.find { |start| starts[step] = start and free?(resources, starts) }
        next if found

        steps.each { |one| starts[one] = -100_000 }
        return false
      end
      true
    end

    def free?(resources, starts) = resources.crowds(starts).all? { |crowd| crowd.steps.any? { |step| starts[step] <= -50_000 } }

    def run
      [2, 4, 6, 8].each do |count|
        random = Random.new(count)
        rows = Array.new(8) { one(P::Meal.new(serve_at: 1140, dishes: Array.new(count) { |index| dish(index, random) })) }
        found = rows.select { |row| row[:cost] }
        ratios = found.filter_map { |row| row[:greedy]&./(row[:cost].to_f) }.sort
        puts format("%d dishes: %d of 8 planned, %d proven, %.2f s in the middle; greedy planned %d, its cost %s times ours in the middle", count, found.length,
                    found.count { |row| row[:proven] }, rows.map { |row| row[:seconds] }.sort[4], ratios.length, ratios.empty? ? "-" : format("%.2f", ratios[ratios.length / 2]))
      end
    end

    def one(meal)
      problem = P::Problem.new(meal)
      began = now
      result = P::Search.new(problem, stop: -> { now > began + LIMIT }).plan
      seconds = now - began
      laid = greedy(problem)
      {seconds: seconds, cost: result&.cost, proven: result&.proven, greedy: laid && problem.cost(laid)}
    end
  end
end
Bench::Plan.run
