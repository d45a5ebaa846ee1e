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
        texts = recipe.steps.map { |line| Heat::PieceLine.metric(line.text) }
        found = texts.lazy.filter_map { |text| AHEAD.match(text) || BEHIND.match(text) }.first or return
        wide = found[1].tr(",", ".").to_f * (found[2].casecmp?("cm") ? 10 : 1)
        least, most = %i[least_round_mm most_round_mm].map { |name| Constants.fetch(:shaping, name) }
        wide if wide.between?(least, most)
      end
    end
  end
end
