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
    autoload :LineWarnings, "restauro/recipes/line_warnings"
    autoload :LineReader, "restauro/recipes/line_reader"
    autoload :Outline, "restauro/recipes/outline"
    autoload :OwnWeight, "restauro/recipes/own_weight"
    autoload :PackSizes, "restauro/recipes/pack_sizes"
    autoload :Parts, "restauro/recipes/parts"
    autoload :Reader, "restauro/recipes/reader"
    autoload :Recipe, "restauro/recipes/recipe"
    autoload :SelfRaising, "restauro/recipes/self_raising"
    autoload :Several, "restauro/recipes/several"
    autoload :Headings, "restauro/recipes/headings"
    autoload :Prose, "restauro/recipes/prose"
    autoload :Tidy, "restauro/recipes/tidy"
    autoload :Scale, "restauro/recipes/scale"
    autoload :ScaleWish, "restauro/recipes/scale_wish"
    autoload :WeighedLine, "restauro/recipes/weighed_line"
    autoload :Weigher, "restauro/recipes/weigher"
  end
end
