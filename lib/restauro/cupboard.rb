module Restauro
  # What stands in the cook's cupboard. The packs stand in front of the catalogue's facts, and their labels follow them
  # into every swap.
  module Cupboard
    autoload :OwnFlour, "restauro/cupboard/own_flour"
    autoload :Pack, "restauro/cupboard/pack"
    autoload :Shelf, "restauro/cupboard/shelf"
  end
end
