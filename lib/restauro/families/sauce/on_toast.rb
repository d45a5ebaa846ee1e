# frozen_string_literal: true

module Restauro
  module Families
    class Sauce
      # Bread that lies on a soup with its cheese, under the grill: an onion soup by its name.
      class OnToast
        SOUP = DataFiles.words("families/sauce/words.yml").fetch(:on_toast)
        private_constant :SOUP

        # @param recipe [Recipes::Recipe] of ours
        def initialize(recipe, catalogue)
          @bread, @cheese = %w[gf_bread cheese].zip(%i[ingredient role]).map do |what, by|
            recipe.ingredients.select { |line| line[by] == what }
          end
          @named = recipe.title.to_s.match?(SOUP)
          @catalogue = catalogue
          freeze
        end

        # @return [Array<Recipes::Line>] none where the cheese melts in what is under it
        def lines = @named && @bread.any? && @cheese.any? ? [*@bread, *@cheese] : []

        # @return [Step, nil]
        def step
          return if lines.empty?

          Step.new(
            kind: "finish",
            text: "Toast #{list(@bread)}; on the hot soup in bowls that bear a grill, #{list(@cheese)} over it, " \
                  "under the grill.",
            minutes: Constants.fetch(:dishes, :grill_minutes),
            uses: lines,
            look_for: "it bubbles and browns at the edges",
            caution: "The bowls are hot: on a tray, with gloves."
          )
        end

        private

        def list(lines) = Companions.named(lines, @catalogue)
      end
    end
  end
end
