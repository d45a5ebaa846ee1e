module Restauro
  # Air, steam, starch grains, flow, and a pan on a hob integrated over time. Grams, joules, seconds, Celsius, pascals.
  module Physics
    autoload :Air, "restauro/physics/air"
    autoload :Emulsion, "restauro/physics/emulsion"
    autoload :Film, "restauro/physics/film"
    autoload :Grain, "restauro/physics/grain"
    autoload :Mixture, "restauro/physics/mixture"
    autoload :Pan, "restauro/physics/pan"
    autoload :PanCourse, "restauro/physics/pan_course"
    autoload :PanSystem, "restauro/physics/pan_system"
    autoload :PlateSpread, "restauro/physics/plate_spread"
    autoload :Viscosity, "restauro/physics/viscosity"
  end
end
