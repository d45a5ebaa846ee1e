module Restauro
  module Families
    class Sauce
      # How far a roux is browned: its colour costs thickening power and time. Only flours brown usefully, starches do not.
      module Roux
        COLOURS = %w[white blond brown dark].freeze
        OF, *SAID = DataFiles.words("families/sauce/words.yml").values_at(:of_a_roux, :dark, :brown, :blond)
        WORDS = %w[dark brown blond].zip(SAID).to_h.freeze
        FRIED = DataFiles.words("dishes/words.yml").fetch(:fried)
        private_constant :FRIED, :OF, :SAID

        module_function

        # The colour a recipe's own title and steps ask for.   @param recipe [Recipes::Recipe]
        def colour_in(recipe)
          titles, steps = recipe.lines.select(&:words?).partition { |line| line.role == "title" }
          about = [*titles.map(&:text), *steps.flat_map { |line| sentences(line.text) }].join("\n")
          WORDS.find { |_, words| words.match?(about) }&.first || "white"
        end

        # Those that speak of flour, and the next: "Add the flour. Cook until golden." What is fried golden is no roux.
        # @param step [String]   @return [Array<String>]
        def sentences(step)
          ahead = nil
          Recipes::Sentences.of(step).filter_map do |sentence|
            found = from_the_flour(sentence) || (sentence if ahead&.match?(OF) && !sentence.match?(FRIED))
            ahead = sentence
            found
          end
        end

        # What is golden in a clause before it is no roux: "fry the mushrooms until golden, stir in the flour".
        def from_the_flour(sentence)
          at = sentence.index(OF) or return
          sentence[0...at][/[^,;]*\z/] + sentence[at..]
        end
        private_class_method :sentences, :from_the_flour

        # So dark that onions would burn in the fat before: they go into it and stop it (common practice).
        def first?(colour) = %w[brown dark].include?(colour)
        # @param colour [String]   @return [Float] s on the heat
        def seconds(colour) = 60 * figure(colour, :minutes)
        # @param colour [String]   @return [Float] C
        def celsius(colour) = figure(colour, :celsius)
        # Share of its power that a thickener keeps.
        def power(colour) = figure(colour, :power)

        # @param ingredient [Ingredient]
        def browns?(ingredient) = %w[flour meal].include?(ingredient.group)

        def figure(colour, name)
          raise InvalidInput, "a roux is #{COLOURS.join(", ")}; got '#{colour}'" unless COLOURS.include?(colour)

          Constants.fetch(:sauce, :"roux_#{colour}_#{name}")
        end
      end
    end
  end
end
