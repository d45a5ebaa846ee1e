module Restauro
  # How wet a dough or batter is: one ladder for all of them.
  module Hydration
    autoload :Batter, "restauro/hydration/batter"
    autoload :Moisture, "restauro/hydration/moisture"
    autoload :Rung, "restauro/hydration/rung"
    autoload :Stretch, "restauro/hydration/stretch"
    autoload :WaterRatio, "restauro/hydration/water_ratio"
  end
end
