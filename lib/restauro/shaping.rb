module Restauro
  # A dough made into pieces: ropes, sheets, rings, what goes in them, and the hands that do it. Lengths in mm, volumes
  # in mm3.
  module Shaping
    autoload :Filling, "restauro/shaping/filling"
    autoload :Labour, "restauro/shaping/labour"
    autoload :Packing, "restauro/shaping/packing"
    autoload :Plan, "restauro/shaping/plan"
    autoload :Sheets, "restauro/shaping/sheets"
  end
end
