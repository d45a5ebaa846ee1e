module Restauro
  module Recipes
    # How much more of a recipe a cook wants, as they say it: "2", "½", "double", "half the recipe", "serves 6", "600 g
    # milk", "8x8 in to 9x13 in", "use up sorghum flour".
    class ScaleWish
      USE_UP = /\A\s*use(?:s)?\s+up\s+(?:the\s+)?(.+?)\s*\z/i
      SERVES =
        /\A\s*(?:(?:for|serves?|feeds?|makes?)\s+(\d{1,3})(?:\s+\w+)?|(\d{1,3})\s+(?:servings?|portions?|people))\s*\z/i
      FOLD = {"double" => 2r, "twice" => 2r, "triple" => 3r, "thrice" => 3r}.freeze
      OF_IT = /\s+(?:of\s+)?(?:the|this|a)?\s*(?:recipe|amount|batch|it)/i
      TIMES = /\A\s*(?:x\s*)?(#{FOLD.keys.join("|")}|#{Numbers::ONE})\s*(?:x|times)?(?:#{OF_IT})?\s*\z/i
      INTO = /\s+(?:in)?to\s+/i

      # @param text [String]   @param reader [Reader] in the recipe's system
      def initialize(text, reader)
        @text = text.strip.empty? ? "1" : Numbers.plain(text)
        @reader = reader
        freeze
      end

      # What is to be used up, by name; nil when something else is wished.   @return [String, nil]
      def use_up = USE_UP.match(@text)&.captures&.first

      # @param recipe [Recipe]   @return [Float] times   @raise [InvalidInput]
      def factor(recipe)
        return 1.0 if use_up

        times || servings(recipe) || pans || one_ingredient(recipe) or raise InvalidInput, not_understood
      end

      # The ingredient that is named, among those of a recipe or a cupboard.   @return [String, nil] key
      def ingredient_named(name) = @reader.line(name).ingredient

      private

      def not_understood
        "how much is not understood: '#{@text.strip[0, 60]}'; type 2, serves 6, 600 g milk, 8x8 in to 9x13 in, or use up sorghum flour"
      end

      def times
        said = TIMES.match(@text)&.captures&.first&.downcase or return
        FOLD.fetch(said) { Numbers.value(said) }.to_f
      end

      def servings(recipe)
        wanted = SERVES.match(@text)&.captures&.compact&.first or return
        told = Scale.servings(recipe) or
          raise InvalidInput, "the recipe does not say how many it serves: add a line such as 'serves 4', or type 1.5"

        wanted.to_f / told
      end

      def pans
        pans = @text.split(INTO).map { |part| Kitchen::BakingPan.parse(part) }
        pans[0].factor_to(pans[1]) if pans.length == 2 && pans.all?
      end

      # "600 g milk": as much of everything as makes the milk 600 g.
      def one_ingredient(recipe)
        wanted = @reader.line(@text)
        return unless wanted.ingredient && wanted.grams

        held =
          recipe
            .ingredients
            .select { |line| line.ingredient == wanted.ingredient && line.grams }
            .sum { |line| line.grams.value }
        unless held.positive?
          raise InvalidInput,
                "there is no weighed #{@text.strip[0, 40].sub(%r{\A[\d.\s/]+\w*\s+}, "")} in the recipe to scale by"
        end

        wanted.grams.value / held
      end
    end
  end
end
