# frozen_string_literal: true

module Restauro
  module Recipes
    # "Soak the rings in the milk, drain, dip in the batter": milk that pieces lie in before a batter that is wetted
    # with something else is none of it.
    module LiesIn
      KIND = "bath"
      SOAKS = DataFiles.words("families/breading/words.yml").fetch(:soaks)
      DRAINED = DataFiles.words("recipes/words.yml").fetch(:taken_out_of_it)
      BATTER = DataFiles.words("dishes/words.yml").fetch(:batter_heading)
      private_constant :SOAKS, :DRAINED, :BATTER

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        sentences = Sentences.of_steps(lines)
        liquids = lines.select { |line| line.role == "liquid" && line.grams }
        return lines unless liquids.length > 1 && sentences.any?(BATTER) && sentences.any?(DRAINED)

        bath = liquids.find { |line| only_lain_in?(line, sentences) } or return lines
        lines.map { |line| line.equal?(bath) ? line.with(role: "other", kind: KIND) : line }
      end

      def only_lain_in?(line, sentences)
        told = sentences.select { |text| Sentences.name?(text, line) }
        told.any? && told.first.match?(SOAKS) && told.drop(1).all?(DRAINED)
      end

      # How long, where a step says so.   @param line [Line]   @param recipe [Recipe]   @return [Float, nil] min
      def minutes(line, recipe) =
        Sentences.of_steps(recipe.lines).grep(SOAKS).select { |text| Sentences.name?(text, line) }
                 .flat_map { |text| TimeSaid.of(text) }.first
    end
  end
end
