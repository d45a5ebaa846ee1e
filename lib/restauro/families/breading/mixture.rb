# frozen_string_literal: true

module Restauro
  module Families
    class Breading
      # What is mixed and shaped before it is coated: cakes, croquettes, patties.
      #   Needs @all, @bound, @blitzed, @title, companions, table, wrapped and of.
      module Mixture
        SOFT = %w[cream_cheese ricotta].freeze
        BUTTERS = %w[butter plant_butter].freeze
        private_constant :SOFT, :BUTTERS
        SEASONS = %w[soften herb infuse late].freeze
        CROQUETTES = DataFiles.words("dishes/words.yml").fetch(:croquettes)
        CAKES = DataFiles.words("families/breading/words.yml").fetch(:cakes)
        LOOSE = DataFiles.words("families/breading/words.yml").fetch(:loose)

        # Without meat, and rolled as sausages are.
        SAUSAGES = DataFiles.words("families/breading/words.yml").fetch(:sausages)

        SHAPED, BLITZED = DataFiles.words("families/breading/words.yml").values_at(:shaped_by_step, :blitzed)
        private_constant :SHAPED, :BLITZED

        # Fish or meat that steps chop to a paste, raw, and shape.   @param recipe [Recipes::Recipe]
        def self.blitzed?(recipe) =
          [SHAPED, BLITZED].all? { |words| recipe.steps.any? { |line| line.text.match?(words) } }

        # @return [String] what the mixture is shaped into
        def shaped = rolls? || @title.match?(SAUSAGES) ? "short rolls" : "flat cakes"

        # What is mixed and shaped before it is coated: where there is a purée or mince, the pieces are cakes of it.
        def mixture
          return [] unless cakes? && wrapped.empty?

          (@companions.lines - table) + of(%w[puree seasoning acid]) +
            (@bound ? of(%w[cheese liquid]) : binding | soft_cheese | starch_with_it | mashed_in)
        end

        def cakes? = @bound || @blitzed || of(%w[puree]).any? || minced? || @title.match?(CAKES) || rolls?
        # Chopped to a paste, raw.
        def blitzed? = @blitzed
        # Whether crumbs and egg are in them.
        def bound? = @bound
        # Croquettes of a root that is still raw: mashed first.
        def rolls? = @title.match?(CROQUETTES) && raw_roots?
        def raw_roots? = @all.any? { |line| Dough::Contents.raw?(line.ingredient) }
        def roots? = of(%w[puree]).any? || raw_roots?
        # Loose as it comes: mince, crab, tuna from a tin; garlic is not what is coated.
        def minced? = @companions.lines.any? { |line| line.text.match?(LOOSE) && !SEASONS.include?(line.kind) }

        private

        # Butter that roots are mashed with, where they are fried in another fat.
        def mashed_in
          return [] unless rolls? || (roots? && @all.any?(&:to_fry_in?))

          @all.select { |line| BUTTERS.include?(line.ingredient) && line.grams && !line.to_fry_in? }
        end

        # What is soft already melts into them.
        def soft_cheese = of(%w[cheese]).select { |line| SOFT.include?(line.ingredient) }

        # A yolk among what is mashed, where there are eggs to dip in behind the flour; and what is told apart from the
        # coat, under a heading of its own.
        def binding
          return mixed_behind & of(%w[egg cheese]) if mixed_behind.intersect?(of(%w[egg]))

          eggs, dust = of(%w[egg]), dusting_at
          eggs.length > 1 && dust ? eggs & @all.first(dust) : []
        end

        # Where the dish of flour stands: the last of two, with eggs to dip in behind it.   @return [Integer, nil]
        def dusting_at
          dust = of(Lines::DUST).select { |line| @all.drop(@all.index(line)).any? { |one| one.role == "egg" } }
          (@blitzed ? dust.last : of(Lines::DUST).first)&.then { |line| @all.index(line) }
        end

        # Starch behind the egg that binds, where a dish of flour follows.
        def starch_with_it
          dust = of(Lines::DUST)
          dust.length > 1 && binding.any? && @all.index(dust.first) > @all.index(binding.first) ? [dust.first] : []
        end

        # What is listed behind a coat that is whole by then: its egg, its crumbs, and then what they go around.
        def mixed_behind
          crumb, egg = [%w[crumb], %w[egg]].map { |roles| @all.index { |line| roles.include?(line.role) } }
          return [] unless crumb && egg && egg < crumb

          @all.drop(crumb).drop_while { |line| line.role != "puree" && !@companions.lines.include?(line) }
        end
      end
    end
  end
end
