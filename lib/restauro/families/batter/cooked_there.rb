# frozen_string_literal: true

module Restauro
  module Families
    class Batter
      # What is cooked where its batter is, and in no pan before: roasted in the tin first, or laid on it while its
      # first side sets.   Needs @ours, @told, in_tin and inside.
      module CookedThere
        LAID, FRIED = DataFiles.words("families/batter/words.yml").values_at(:laid_on_batter, :in_a_pan_first)
        CLAUSE = /[,;.]|\bthen\b/
        private_constant :LAID, :FRIED, :CLAUSE

        # @return [Hash{Recipes::Line => Float}] how long it is roasted in the tin first, min
        def roasted = @ours.style == "pudding" ? RoastedFirst.of(@told, in_tin) : {}

        # @return [Array<Recipes::Line>] on top of each in the pan
        def laid_on
          return [] unless %w[pancake fritter].include?(@ours.style)

          inside.select { |line| clauses(line).any?(LAID) }
        end

        private

        # Not fried before.
        def laid_on_raw
          laid_on.reject { |line| clauses(line).any? { |text| text.match?(FRIED) && !text.match?(LAID) } }
        end

        # Each part of a sentence that names it.
        def clauses(line) =
          Recipes::Sentences.of_steps(@told.lines).flat_map { |text| text.split(CLAUSE) }
                            .select { |text| Recipes::Sentences.name?(text, line) }
      end
    end
  end
end
