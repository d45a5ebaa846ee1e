# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # Rough puff and flaky pastry: its butter stays in lumps, which rolling and folding make into layers, and steam
      # lifts them in a hot oven (common practice).   Needs recipe, style and fat_share.
      module Laminated
        NAMED, FOLDED = DataFiles.words("families/crust/words.yml").values_at(:laminated, :folded_in_three)
        OILS = %w[neutral_oil olive_oil].freeze
        private_constant :NAMED, :FOLDED

        # By its name, or by steps that fold it, where there is fat for it.
        def laminated?
          %w[rolled hand].include?(style.key) && !oil? &&
            fat_share.to_f >= Constants.fetch(:crust, :laminated_fat_share) &&
            recipe.lines.select(&:words?).any? { |line| line.text.match?(line.role == "title" ? NAMED : FOLDED) }
        end

        private

        def oil? = Recipes::Parts.dough(recipe).any? { |line| OILS.include?(line.ingredient) }
      end
    end
  end
end
