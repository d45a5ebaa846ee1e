module Restauro
  # A dish being made: what goes on the scale and in which order, the steps with their clocks, what happened. The dish
  # is the fold of its events, so that nothing that was confirmed is ever lost; whoever keeps the events hands the time
  # in.
  module Making
    autoload :Bench, "restauro/making/bench"
    autoload :Dish, "restauro/making/dish"
    autoload :Expected, "restauro/making/expected"
    autoload :Item, "restauro/making/item"
    autoload :Plan, "restauro/making/plan"
    autoload :PlannedStep, "restauro/making/planned_step"
    autoload :Rebalance, "restauro/making/rebalance"
    autoload :Replan, "restauro/making/replan"
    autoload :Timer, "restauro/making/timer"
  end
end
