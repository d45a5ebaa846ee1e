# frozen_string_literal: true

module Restauro
  module Recipes
    # The sentences of a step, as a cook ends them: with a full stop, a semicolon, a shout.
    module Sentences
      # "160 ml. water" and "1/2 in. hot oil" go on.
      ENDS = /(?<=[.;!])(?:(?<!\din\.|\d\sin\.|\bml\.|\bcl\.|\bdl\.|\boz\.|\btbsp\.|\btsp\.)\s+|\s+(?=[[:upper:]]))/
      NAMING = /\p{L}{4,}/
      # "Ui", "løg": all of a name.
      SHORT = /\A\p{L}{2,3}\z/
      MANY = /(?<=\p{L}{4})(?:e?s|e?n)\z/
      CHEESE = DataFiles.words("recipes/words.yml").fetch(:any_cheese)
      private_constant :CHEESE, :ENDS, :NAMING, :SHORT, :MANY

      module_function

      # @param text [String] a step   @return [Array<String>]
      def of(text) = text.split(ENDS)

      # @param lines [Array<Line>] of a whole recipe   @return [Array<String>] those of its steps
      def of_steps(lines) = lines.select { |line| line.role == "step" }.flat_map { |line| of(line.text) }

      # Whether a text speaks of a thing, by any word of its name that is long enough to stand for it.
      # @param text [String]   @param line [Line]
      def name?(text, line) = !place(text, line).nil?

      # What a cheese is called: by its own name, and, where it is alone, by what any is called.
      # @param line [Line]   @return [Regexp]
      def cheese(line, alone:)
        own = line.name_text.to_s.downcase[/\A[^,(]*/].scan(NAMING).grep_v(CHEESE)
        Regexp.union(*(CHEESE if alone), *own.map { |word| /\b#{Regexp.escape(word)}/i })
      end

      # Where a text first speaks of a thing, of one or of many.   @return [Integer, nil]
      def place(text, line)
        said = text.downcase
        name = line.name_text.to_s.downcase
        found = name.scan(NAMING).filter_map { |word| said.index(word.sub(MANY, "")) }.min
        found || (said.index(/\b#{Regexp.escape(name)}(?:en|e|s)?\b/) if name.match?(SHORT))
      end
    end
  end
end
