# frozen_string_literal: true

module Restauro
  module Families
    class Breading
      # What is mixed and shaped before it is coated: cakes, croquettes, patties.
      #   Needs @all, @bound, @title, companions, table, wrapped and of.
      module Mixture
        SOFT = %w[cream_cheese ricotta].freeze
        private_constant :SOFT
        SEASONS = %w[soften herb infuse late].freeze
        CROQUETTES = DataFiles.words("dishes/words.yml").fetch(:croquettes)
        CAKES = DataFiles.words("families/breading/words.yml").fetch(:cakes)
        LOOSE = DataFiles.words("families/breading/words.yml").fetch(:loose)

        # Without meat, and rolled as sausages are.
        SAUSAGES = DataFiles.words("families/breading/words.yml").fetch(:sausages)

        # @return [String] what the mixture is shaped into
        def shaped = rolls? || @title.match?(SAUSAGES) ? "short rolls" : "flat cakes"

        # What is mixed and shaped before it is coated: where there is a purée or mince, the pieces are cakes of it.
        def mixture
          return [] unless cakes? && wrapped.empty?

          (@companions.lines - table) + of(%w[puree seasoning acid]) +
            (@bound ? of(%w[cheese liquid]) : binding | soft_cheese)
        end

        def cakes? = @bound || of(%w[puree]).any? || minced? || @title.match?(CAKES) || rolls?
        # Whether crumbs and egg are in them.
        def bound? = @bound
        # Croquettes of a root that is still raw: mashed first.
        def rolls? =
          @title.match?(CROQUETTES) && @all.any? { |line| Dough::Contents.raw?(line.ingredient) }
        # Loose as it comes: mince, crab, tuna from a tin; garlic is not what is coated.
        def minced? = @companions.lines.any? { |line| line.text.match?(LOOSE) && !SEASONS.include?(line.kind) }

        private

        # What is soft already melts into them.
        def soft_cheese = of(%w[cheese]).select { |line| SOFT.include?(line.ingredient) }

        # A yolk among what is mashed, where there are eggs to dip in behind the flour; and what is told apart from the
        # coat, under a heading of its own.
        def binding
          return mixed_behind & of(%w[egg cheese]) if mixed_behind.intersect?(of(%w[egg]))

          eggs, dust = of(%w[egg]), @all.index { |line| Lines::DUST.include?(line.role) }
          eggs.length > 1 && dust ? eggs & @all.first(dust) : []
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
