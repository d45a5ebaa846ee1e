# frozen_string_literal: true

module Restauro
  module Families
    # How wide rounds are cut, and how many, where a step says so: "cut 3-inch circles", "rounds of 12 cm", "with an
    # 8 cm cutter", "into 8 squares".
    module RoundsSaid
      ROUNDS = DataFiles.words("families/crust/words.yml").fetch(:rounds)
      AHEAD = /#{Heat::PieceLine::THICK}[^.;\d]{0,20}?#{ROUNDS}/i
      BEHIND = /#{ROUNDS}[^.;\d]{0,25}?#{Heat::PieceLine::THICK}/i
      SO_MANY = DataFiles.words("families/crust/words.yml").fetch(:so_many_rounds)
      EACH = /\beach\b/i
      private_constant :ROUNDS, :AHEAD, :BEHIND, :SO_MANY, :EACH

      module_function

      # @param recipe [Recipes::Recipe]   @return [Float, nil] mm across
      def mm(recipe)
        least, most = %i[least_round_mm most_round_mm].map { |name| Constants.fetch(:shaping, name) }
        Heat::PieceLine.told_mm(recipe, AHEAD, BEHIND)&.then { |wide| wide if wide.between?(least, most) }
      end

      # The last that is said, of each that was divided before: "in 2 pieces, each into 4 rounds" are 8.
      # @param recipe [Recipes::Recipe]   @return [Integer, nil] how many
      def count(recipe)
        *before, last = recipe.steps.flat_map { |line| line.text.to_enum(:scan, SO_MANY).map { Regexp.last_match } }
        return unless last

        (last[0].match?(EACH) && before.any? ? number(before.last) : 1) * number(last)
      end

      def number(match) = match.captures.compact.first.then { |said| (Numbers::WORDS[said.downcase] || said).to_i }
      private_class_method :number
    end
  end
end
