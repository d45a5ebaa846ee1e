# frozen_string_literal: true

module Restauro
  module Families
    # How wide rounds are cut, where a step says so: "cut 3-inch circles", "rounds of 12 cm", "with an 8 cm cutter".
    module RoundsSaid
      LENGTH = /(?<number>\d+(?:[.,]\d+)?(?:\s+\d\/\d|\s?[½¼¾])?)\s*-?\s*(?<unit>mm|cm|in\b\.?|inch(?:es)?|["”])/i
      ROUNDS = DataFiles.words("families/crust/words.yml").fetch(:rounds)
      AHEAD = /#{LENGTH}[^.;\d]{0,20}?#{ROUNDS}/i
      BEHIND = /#{ROUNDS}[^.;\d]{0,25}?#{LENGTH}/i
      private_constant :LENGTH, :ROUNDS, :AHEAD, :BEHIND

      module_function

      # @param recipe [Recipes::Recipe]   @return [Float, nil] mm across
      def mm(recipe)
        texts = recipe.steps.map(&:text)
        found = texts.lazy.filter_map { |text| AHEAD.match(text) || BEHIND.match(text) }.first or return
        wide = Numbers.value(Numbers.plain(found[:number]).tr(",", ".").strip) * per_unit(found[:unit])
        least, most = %i[least_round_mm most_round_mm].map { |name| Constants.fetch(:shaping, name) }
        wide.round.to_f if wide.between?(least, most)
      end

      # @return [Float] mm in one of it
      def per_unit(unit)
        case unit.downcase
        when "mm" then 1
        when "cm" then 10
        else Constants.fetch(:heat, :inch_mm)
        end
      end
    end
  end
end
