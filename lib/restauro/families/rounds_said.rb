# frozen_string_literal: true

module Restauro
  module Families
    # How wide rounds are cut, where a step says so: "cut 3-inch circles", "rounds of 12 cm", "with an 8 cm cutter".
    module RoundsSaid
      ROUNDS = DataFiles.words("families/crust/words.yml").fetch(:rounds)
      AHEAD = /#{Heat::PieceLine::THICK}[^.;\d]{0,20}?#{ROUNDS}/i
      BEHIND = /#{ROUNDS}[^.;\d]{0,25}?#{Heat::PieceLine::THICK}/i
      private_constant :ROUNDS, :AHEAD, :BEHIND

      module_function

      # @param recipe [Recipes::Recipe]   @return [Float, nil] mm across
      def mm(recipe)
        least, most = %i[least_round_mm most_round_mm].map { |name| Constants.fetch(:shaping, name) }
        Heat::PieceLine.told_mm(recipe, AHEAD, BEHIND)&.then { |wide| wide if wide.between?(least, most) }
      end
    end
  end
end
