module Restauro
  # How wet a dough or batter is: one ladder for all of them.
  module Hydration
    autoload :Batter, "restauro/hydration/batter"
    autoload :Rung, "restauro/hydration/rung"
    autoload :WaterRatio, "restauro/hydration/water_ratio"
  end
end
