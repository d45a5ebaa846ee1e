# frozen_string_literal: true

module Restauro
  module Dishes
    # What nobody chose and the recipe does not say, so that a dish still gets its minutes: a usual thickness for a piece, a usual heat for a
    # coat, a sauce
    # that holds in a crust, a croquette's very thick base.
    class Defaults
      def initialize(dish, index, catalogue)
        @dish = dish
        @index = index
        @part = dish.parts[index]
        @catalogue = catalogue
        freeze
      end

      # @param chosen [Hash]   @return the family's own options   @raise [InvalidInput]
      def options(family, recipe, chosen)
        own = case family.key
              when "sauce" then sauce(family, recipe, chosen)
              when "breading", "batter" then coat(family, recipe, chosen)
              when "pasta" then pasta
              when "crust" then crust
              else {}
              end
        family.options(**own.merge(chosen))
      end

      private

      def in_a_crust? = @dish.joins_to(@index).any? { |join| %w[lines covers].include?(join.how) && @dish.parts[join.from].family == "crust" }
      def in_a_coat? = @dish.joins_to(@index).any? { |join| join.how == "around" }
      def filled? = @dish.joins_to(@index).any? { |join| join.how == "fills" }
      def between? = @dish.joins_to(@index).any? { |join| join.how == "between" }

      # No thinner than holds a cut in a crust, or stands by itself in a coat.
      def sauce(family, recipe, chosen)
        return {} if chosen[:target]

        least = in_a_coat? ? Constants.fetch(:dishes, :croquette_e) : (in_a_crust? ? Constants.fetch(:crust, :hold_sauce_e) : nil) or return {}
        own = family.predict(recipe, family.options(**chosen.slice(:altitude, :heat, :simmer_s))).flour_equivalents.value
        own.positive? && own < least ? {target: least} : {}
      end

      # On top where it covers; for as long as the recipe bakes it.
      def crust
        covers = @dish.joins_from(@index).any? { |join| join.how == "covers" }
        {cover: (covers ? "top" : nil), bake_minutes: @dish.said.bake_minutes}.compact
      end

      def pasta
        return {shape: "filled"} if filled?

        between? ? {shape: "sheets"} : {}
      end

      # A piece as thick as its kind usually is; shallow fat for crumbs, deep for a batter that goes around something.
      def coat(family, recipe, chosen)
        piece = chosen[:piece] || Heat::PieceLine.piece(recipe, @catalogue) || usual_piece(recipe)
        return {} unless piece && coats?(family, recipe)

        heated = chosen[:oven] || chosen[:oil]
        {piece: piece, oil: (heated ? nil : Heat::Frying.parse(family.key == "breading" ? "175C shallow" : "180C"))}.compact
      end

      def coats?(family, recipe)
        family.key == "breading" || Families::Batter::Prediction.new(recipe, @catalogue, family.options).style == "coating"
      end

      def usual_piece(recipe)
        line = recipe.ingredients.find { |candidate| candidate.role == "other" && Heat::Food.row(candidate.text) }
        line ||= croquette
        line && Heat::PieceLine.usual(line, @catalogue)
      end

      def croquette
        return unless @dish.joins_from(@index).any? { |join| join.how == "around" }

        Recipes::Line.new(text: "croquette", role: "other")
      end
    end
  end
end
