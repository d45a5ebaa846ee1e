module Restauro
  # What a kitchen measures with: ovens, pans, spoons and cups.
  module Kitchen
    autoload :BakingPan, "restauro/kitchen/baking_pan"
    autoload :Convert, "restauro/kitchen/convert"
    autoload :Fahrenheit, "restauro/kitchen/fahrenheit"
    autoload :OvenTemperature, "restauro/kitchen/oven_temperature"
  end
end
