module Restauro
  module Recipes
    # The amount at the head of a line ("1 1/2 cups", "3 heaping tablespoons", "2 x 400 g", "1 (14 oz) can", "1/4 cup
    # plus 1 tbsp") or at its end ("butter 50 g"), and what is left over. terms Array of Term: number Estimate, unit
    # KitchenUnits::Unit or nil (a bare count), heap :heaped, :scant or nil
    Amount = Struct.new(:terms, :text, :rest, keyword_init: true) { def initialize(**) = super.freeze }
    Amount::Term = Struct.new(:number, :unit, :heap)
    Amount::HEAPS = {
      "heaped" => :heaped,
      "heaping" => :heaped,
      "rounded" => :heaped,
      "generous" => :heaped,
      "scant" => :scant
    }.freeze
  end
end
