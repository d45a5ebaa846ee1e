# frozen_string_literal: true

module Restauro
  module Recipes
    # The sentences of a step, as a cook ends them: with a full stop, a semicolon, a shout.
    module Sentences
      # "160 ml. water" goes on.
      ENDS = /(?<=[.;!])(?:(?<!\bml\.|\bcl\.|\bdl\.|\boz\.|\btbsp\.|\btsp\.)\s+|\s+(?=[[:upper:]]))/
      private_constant :ENDS

      module_function

      # @param text [String] a step   @return [Array<String>]
      def of(text) = text.split(ENDS)

      # @param lines [Array<Line>] of a whole recipe   @return [Array<String>] those of its steps
      def of_steps(lines) = lines.select { |line| line.role == "step" }.flat_map { |line| of(line.text) }
    end
  end
end
