# frozen_string_literal: true

module Restauro
  module Dishes
    # What a dish out of the oven is looked at for.   Needs @dish, @answers, hollowed and stew?.
    module BakeLooks
      BROWN = "bubbling also in the middle, brown on top"
      UNDER_A_LID = "bubbling also in the middle"
      RISEN = "well risen, brown on top, a tremble in the middle"
      POULTRY = %w[poultry].freeze
      STEWED = "a fork goes in and out; a splash of water where it dries"

      private

      def looks
        return STEWED if stew?
        return RISEN if risen?

        covered? ? UNDER_A_LID : BROWN
      end

      # A stew's lid is on already.
      def covered? = CoveredSaid.of?(@dish.recipe) && !stew?

      # What the oven has to cook through: meat that went in raw, poultry that only was browned.
      # @return [Array<String>] cautions
      def done_in_it
        return Hollowed.raw(hollowed) if hollowed

        stew? ? @answers.flat_map(&:steps).flat_map(&:safety).uniq & POULTRY : []
      end

      # Whipped whites in it carry it, and let go of it soon.
      def risen? =
        @answers.any? do |part|
          part.lines.any? { |line| line.role == "egg" && Recipes::PartedEggs.line?(line) }
        end
    end
  end
end
