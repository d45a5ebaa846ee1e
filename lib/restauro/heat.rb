module Restauro
  # Heat in a piece of food: its properties, how its middle warms, and a section through piece and coat over time.
  module Heat
    autoload :Boiled, "restauro/heat/boiled"
    autoload :Browning, "restauro/heat/browning"
    autoload :Cells, "restauro/heat/cells"
    autoload :Conduction, "restauro/heat/conduction"
    autoload :Food, "restauro/heat/food"
    autoload :Frying, "restauro/heat/frying"
    autoload :Oil, "restauro/heat/oil"
    autoload :Piece, "restauro/heat/piece"
    autoload :PieceLine, "restauro/heat/piece_line"
    autoload :UsualPiece, "restauro/heat/usual_piece"
    autoload :Pot, "restauro/heat/pot"
    autoload :Section, "restauro/heat/section"
    autoload :Surroundings, "restauro/heat/surroundings"
    autoload :Thawing, "restauro/heat/thawing"
    autoload :ThicknessLaw, "restauro/heat/thickness_law"
    autoload :Tridiagonal, "restauro/heat/tridiagonal"
  end
end
