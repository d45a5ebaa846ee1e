# frozen_string_literal: true

module Restauro
  module Families
    # A bird cooked in one piece in a pot: it is done by its weight, not by a clock for all birds.
    module WholeBird
      BIRD, CUT, OLD = DataFiles.words("ingredients/words.yml").values_at(:bird, :jointed, :old_bird)
      # "3 lb chicken", "3 1/2 lb chicken" count none.
      COUNT = /\A\d+(?=\s+(?!#{DataFiles.words("heat/words.yml").fetch(:measure)}|\d))/i
      private_constant :BIRD, :CUT, :OLD, :COUNT

      module_function

      # @param line [Recipes::Line]
      def is?(line) = line.bare_text.match?(BIRD) && !line.text.match?(CUT)

      # Like bodies heat through as their thickness squared, so as their weight to the two thirds; above the usual bird
      # by their weight, as kitchens reckon, which is more.   @param line [Recipes::Line]   @return [Float] min
      def minutes(line)
        usual = Constants.fetch(:making, line.text.match?(OLD) ? :old_bird_minutes : :bird_minutes)
        share = each_g(line) / Constants.fetch(:making, :bird_grams)
        (usual * (share > 1 ? share : share**(2.0 / 3))).round
      end

      # @return [Float] g of one bird: the usual one, where nothing tells
      def each_g(line)
        return Constants.fetch(:making, :bird_grams) unless line.grams

        line.grams.value / [count(line), 1].max
      end

      # @return [Integer] how many the line counts, 0 where it counts none
      def count(line)
        text = line.bare_text
        (text[COUNT] || Numbers::WORDS[text[/\A\w+/].to_s.downcase]).to_i
      end
    end
  end
end
