module Restauro
  # Recipes as people write them, read into lines understood.
  module Recipes
    autoload :Amount, "restauro/recipes/amount"
    autoload :AmountReader, "restauro/recipes/amount_reader"
    autoload :Correction, "restauro/recipes/correction"
    autoload :Forms, "restauro/recipes/forms"
    autoload :Html, "restauro/recipes/html"
    autoload :JsonLd, "restauro/recipes/json_ld"
    autoload :Line, "restauro/recipes/line"
    autoload :LineReader, "restauro/recipes/line_reader"
    autoload :Outline, "restauro/recipes/outline"
    autoload :Parts, "restauro/recipes/parts"
    autoload :Reader, "restauro/recipes/reader"
    autoload :Recipe, "restauro/recipes/recipe"
    autoload :Scale, "restauro/recipes/scale"
    autoload :ScaleWish, "restauro/recipes/scale_wish"
    autoload :WeighedLine, "restauro/recipes/weighed_line"
    autoload :Weigher, "restauro/recipes/weigher"
  end
end
