module Restauro
  # What makes a batter rise.
  module Lift
    autoload :Gas, "restauro/lift/gas"
  end
end
