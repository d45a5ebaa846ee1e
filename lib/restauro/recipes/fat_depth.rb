# frozen_string_literal: true

module Restauro
  module Recipes
    # How high fat stands in its pan, as a recipe says it: "1/2 inch oil for frying", "oil to a depth of 2 cm".
    module FatDepth
      AHEAD, SAID = DataFiles.words("recipes/words.yml").values_at(:fat_depth_ahead, :fat_depth)
      HALF = /\bhalf an(?= inch)/i
      private_constant :AHEAD, :SAID, :HALF

      module_function

      # A line without the depth ahead of its fat, which is no amount of it.   @param text [String]   @return [String]
      def bare(text) = text.sub(AHEAD, "")

      # @param text [String] a line or a sentence   @return [Integer, nil] mm
      def mm(text)
        figure, unit = text.gsub(HALF, "1/2").match(SAID)&.captures&.compact
        millimetres = figure && (Numbers.value(Numbers.plain(figure.tr(",", ".")).strip) * mm_of(unit)).round
        millimetres if millimetres && millimetres <= Constants.fetch(:heat, :deepest_fat_mm)
      end

      def mm_of(unit)
        case unit.downcase
        when "mm" then 1
        when "cm" then 10
        else Constants.fetch(:heat, :inch_mm)
        end
      end
      private_class_method :mm_of
    end
  end
end
