# frozen_string_literal: true

module Restauro
  module Families
    class Breading
      # Whole eggs with mince around them: boiled already, or told from the egg that the mince is dipped in.
      module WrappedEggs
        BEATEN, SMALL = DataFiles.words("families/breading/words.yml").values_at(:beaten, :small_eggs)
        CHOPPED = DataFiles.words("heat/words.yml").fetch(:cut_up)
        private_constant :BEATEN, :CHOPPED

        module_function

        # @param recipe [Recipes::Recipe] of a coat and what is in it   @return [Array<Recipes::Line>]
        def in(recipe) = of(recipe.ingredients, recipe.title)

        # @param lines [Array<Recipes::Line>]   @param title [String, nil] cakes of mince are bound with their egg
        # @return [Array<Recipes::Line>]
        def of(lines, title)
          boiled = lines.select { |line| line.kind == "cooked_egg" && !line.text.match?(CHOPPED) }
          return boiled if boiled.any?
          return [] if Bound.titled?(title.to_s) || title.to_s.match?(Mixture::CROQUETTES)

          eggs = lines.select { |line| line.role == "egg" }
          beaten, whole = eggs.partition { |line| line.text.match?(BEATEN) }
          return whole if beaten.any?

          small = eggs.select { |line| line.text.match?(SMALL) }
          small.any? && small.length < eggs.length ? small : in_mince(eggs, lines)
        end

        # A line of many eggs, another of one to dip in, and mince to go around them.
        # @param eggs [Array<Recipes::Line>]   @param lines [Array<Recipes::Line>]   @return [Array<Recipes::Line>]
        def in_mince(eggs, lines)
          return [] unless eggs.length > 1 && eggs.all?(&:grams) && lines.any? { |line| line.kind == "ground_meat" }

          most, *rest = eggs.sort_by { |line| -line.grams.value }
          times = Constants.fetch(:breading, :wrapped_eggs_times)
          most.grams.value >= times * rest.sum { |line| line.grams.value } ? [most] : []
        end
      end
    end
  end
end
