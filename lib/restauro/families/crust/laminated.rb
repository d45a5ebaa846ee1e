# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # Rough puff and flaky pastry: its butter stays in lumps, which rolling and folding make into layers, and steam
      # lifts them in a hot oven (common practice).   Needs recipe and style.
      module Laminated
        NAMED, FOLDED = DataFiles.words("families/crust/words.yml").values_at(:laminated, :folded_in_three)
        private_constant :NAMED, :FOLDED

        # By its name, or by steps that fold it, where there is fat for it.
        def laminated?
          %w[rolled hand].include?(style.key) && fat_share >= Constants.fetch(:crust, :laminated_fat_share) &&
            recipe.lines.select(&:words?).any? { |line| line.text.match?(line.role == "title" ? NAMED : FOLDED) }
        end

        private

        # @return [Float] g of butter, lard or block fat to one of flour
        def fat_share
          own = Recipes::Parts.dough(recipe).select(&:counted?)
          grams = ->(roles) { own.select { |line| roles.include?(line.role) }.sum { |line| line.grams.value } }
          flour = grams[%w[flour starch]]
          return 0.0 if own.any? { |line| %w[neutral_oil olive_oil].include?(line.ingredient) } || !flour.positive?

          grams[%w[fat]] / flour
        end
      end
    end
  end
end
