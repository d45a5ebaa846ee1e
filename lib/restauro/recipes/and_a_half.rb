# frozen_string_literal: true

module Restauro
  module Recipes
    # "A pint and a half of milk", "2 pounds and a quarter": the part stands behind its measure.
    module AndAHalf
      PARTS = Numbers::AND_PARTS.merge("½" => "1/2", "¼" => "1/4").freeze
      MEASURE = /(?:pint|quart|cup|pound|litre|liter|kilo|tablespoon|teaspoon|tbsp|tsp|ounce|stick)s?|lbs?|oz/i
      # "A cup and half a lemon", "1 cup and 1/2 tsp" go on with another thing, another measure.
      OF_ANOTHER = /\s*(?:(?:an?|the)\b|(?:#{MEASURE}|g|ml)\b)/i
      SAID = %r{\b(an?|one|two|three|four|\d+)\s+(#{MEASURE})\s+and\s+(?:an?\s+)?(half|quarter|third|½|¼|1/[234])
        (?![\w/])(?!#{OF_ANOTHER})}ix
      ONES = {"a" => "1", "an" => "1", "one" => "1", "two" => "2", "three" => "3", "four" => "4"}.freeze
      private_constant :PARTS, :MEASURE, :OF_ANOTHER, :SAID, :ONES

      module_function

      # @param line [String]   @return [String] with the number in front: "1 1/2 pint of milk"
      def in_front(line)
        line.gsub(SAID) { "#{ONES.fetch($1.downcase, $1)} #{PARTS.fetch($3.downcase, $3)} #{$2}" }
      end
    end
  end
end
