module Restauro
  # Several dishes ready at one time: their steps as data, one kitchen, and the latest plan in which nothing waits that
  # need not.
  #
  #   Meal.of(hash or dishes) -> Meal(serve_at, kitchen, dishes)   Problem(meal) -> Search(problem).plan -> Plan(tasks,
  #   waits, clashes)
  #
  # The search is our own, since it beats the general solvers by measurement at this size; the specs hold it against
  # HiGHS.
  module Planning
    %w[
      Ahead
      Calendar
      Dish
      Freeing
      Kitchen
      Limits
      Meal
      Moves
      Order
      Ovens
      Plan
      PlanData
      Network
      Problem
      Report
      Resources
      Rises
      Search
      Service
      Slip
      State
      Step
    ].each { |name| autoload name.to_sym, "restauro/planning/#{name.gsub(/(?<!^)([A-Z])/, %q(_\1)).downcase}" }
  end
end
