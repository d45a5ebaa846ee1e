module Restauro
  module Families
    class Sauce
      # How far a roux is browned: its colour costs thickening power and time. Only flours brown usefully, starches do not.
      module Roux
        COLOURS = %w[white blond brown dark].freeze
        WORDS = {"dark" => /\b(?:dark|chocolate|mahogany)[-\ ](?:brown\ )?roux\b|(?:until|turns?|to\ a|is)\ (?:very\ )?dark(?:\ brown)?\b|
                               colou?r\ of\ (?:dark\ )?chocolate/ix,
                 "brown" => /\bbrown roux\b|roux (?:is|turns|until) (?:nutty )?brown|until (?:deep|nut|golden) brown/i,
                 "blond" => /\bblonde? roux\b|until (?:golden|blonde?|straw|sandy)|smells? nutty|nutty smell/i}.freeze

        module_function

        # The colour a recipe's own steps ask for.   @param recipe [Recipes::Recipe]
        def colour_in(recipe)
          about = recipe.lines.select { |line| line.role == "step" && line.text.match?(/\broux\b|\bflour\b/i) }.map(&:text).join("\n")
          WORDS.find { |_, words| words.match?(about) }&.first || "white"
        end

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
