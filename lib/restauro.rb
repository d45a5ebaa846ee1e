# Restauro's core: pure Ruby, no web, no database, no clock. It reads only data/.
#
#   quantities/   estimates with a band, numbers as people write them, kitchen units and measures
#   ingredients/  the catalogue of facts, the names people use, the words that mean gluten
#   kitchen/      ovens, pans, and one measure put into another
#   hydration/    the water ratio of doughs and batters, and how a batter coats
#   lift/         gas from baking powder and bicarbonate
#   heat/         thermal properties, conduction, a coated piece over time, oil, boiling water
#   shaping/      ropes, sheets, rings and fillings: how many pieces, and how long it takes
#   labels/       what the words on a pack mean
#   diets/        who eats, what that leaves out and what takes its place
#   cupboard/     packs, and flours known only by their label
#   blends/       flours mixed to come near wheat, as a mixed-integer program
#   safety        the cautions of food by key, each with its figure and its words
#   recipes/      plain text, JSON-LD and HTML into lines understood
#   dishes/       a recipe as a dish of parts: partition, joins, every part solved, one method in working order
#   physics/      air, steam, starch grains, and a pan on a hob integrated over time
#   families/     one folder a kind of dish, one interface (see families.rb)
#   making/       a dish on the bench and at the stove: weights, clocks, a plan that moves
#   planning/     a meal's schedule    practice/  a simulated pan    learning/  what trials teach
#   value         a frozen struct, which the small values are made of
#   command_line/ the scriptable face of the same core
module Restauro
  ROOT = File.expand_path("..", __dir__)

  autoload :BareLetters, "restauro/bare_letters"
  autoload :Blends, "restauro/blends"
  autoload :Catalogue, "restauro/ingredients/catalogue"
  autoload :CommandLine, "restauro/command_line"
  autoload :Constants, "restauro/constants"
  autoload :Cupboard, "restauro/cupboard"
  autoload :DataFiles, "restauro/data_files"
  autoload :Diets, "restauro/diets"
  autoload :Dishes, "restauro/dishes"
  autoload :Either, "restauro/ingredients/either"
  autoload :Estimate, "restauro/quantities/estimate"
  autoload :Families, "restauro/families"
  autoload :GlutenWords, "restauro/ingredients/gluten_words"
  autoload :Heat, "restauro/heat"
  autoload :Hydration, "restauro/hydration"
  autoload :Ingredient, "restauro/ingredients/ingredient"
  autoload :Kitchen, "restauro/kitchen"
  autoload :KitchenUnits, "restauro/quantities/kitchen_units"
  autoload :Labels, "restauro/labels"
  autoload :Learning, "restauro/learning"
  autoload :Lift, "restauro/lift"
  autoload :Making, "restauro/making"
  autoload :Measure, "restauro/quantities/measure"
  autoload :Names, "restauro/ingredients/names"
  autoload :Numbers, "restauro/quantities/numbers"
  autoload :Physics, "restauro/physics"
  autoload :Planning, "restauro/planning"
  autoload :Practice, "restauro/practice"
  autoload :Recipes, "restauro/recipes"
  autoload :Safety, "restauro/safety"
  autoload :Shaping, "restauro/shaping"
  autoload :Value, "restauro/value"
  autoload :Warning, "restauro/warning"
end

require_relative "restauro/errors"
