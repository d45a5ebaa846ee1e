module Restauro
  module Recipes
    # The amount at the head of a line ("1 1/2 cups", "3 heaping tablespoons", "2 x 400 g", "1 (14 oz) can", "1/4 cup
    # plus 1 tbsp") or at its end ("butter 50 g"), and what is left over. terms Array of Term: number Estimate, unit
    # KitchenUnits::Unit or nil (a bare count), heap :heaped, :scant or nil
    Amount = Struct.new(:terms, :text, :rest, keyword_init: true) { def initialize(**) = super.freeze }
    Amount::Term = Struct.new(:number, :unit, :heap)
    # Word beside a spoon => :heaped, :scant, or nothing.
    Amount::HEAPS =
      BareLetters.beside(
        DataFiles.yaml("units/heaps.yml").flat_map { |heap, words| words.map { |word| [word, heap.to_sym] } }
          .to_h.transform_values { |heap| heap unless heap == :as_it_is }
      ).freeze
  end
end
