# frozen_string_literal: true

module Restauro
  module Recipes
    # The sentences of a step, as a cook ends them: with a full stop, a semicolon, a shout.
    module Sentences
      # "160 ml. water" goes on.
      ENDS = /(?<=[.;!])(?:(?<!\bml\.|\bcl\.|\bdl\.|\boz\.|\btbsp\.|\btsp\.)\s+|\s+(?=[[:upper:]]))/
      NAMING = /\p{L}{4,}/
      MANY = /(?<=\p{L}{4})(?:e?s|e?n)\z/
      private_constant :ENDS, :NAMING, :MANY

      module_function

      # @param text [String] a step   @return [Array<String>]
      def of(text) = text.split(ENDS)

      # @param lines [Array<Line>] of a whole recipe   @return [Array<String>] those of its steps
      def of_steps(lines) = lines.select { |line| line.role == "step" }.flat_map { |line| of(line.text) }

      # Whether a text speaks of a thing, by any word of its name that is long enough to stand for it.
      # @param text [String]   @param line [Line]
      def name?(text, line) = !place(text, line).nil?

      # Where a text first speaks of a thing, of one or of many.   @return [Integer, nil]
      def place(text, line)
        said = text.downcase
        line.name_text.to_s.downcase.scan(NAMING).filter_map { |word| said.index(word.sub(MANY, "")) }.min
      end
    end
  end
end
