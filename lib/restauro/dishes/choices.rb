# frozen_string_literal: true

module Restauro
  module Dishes
    # The cook's choices laid over the parts of a dish: an option goes to every part whose family knows it and can use
    # its value; what the recipe itself says fills what was not chosen.
    class Choices
      # @param shared [Hash] option => value for the whole dish
      # @param own [Hash] part index => Hash of option => value
      def initialize(shared = {}, own = {}, catalogue:)
        @shared = shared
        @own = own
        @catalogue = catalogue
        @families = Families::KEYS.to_h { |key| [key, Families.fetch(key, catalogue)] }
        freeze
      end

      # @return [Array<String>] diets, allergens, groups or keys for the whole dish
      def without = @shared.fetch(:without, [])
      # The dish that it is baked in.   @return [Kitchen::BakingPan, nil]
      def pan = @shared[:pan]

      # @return [Hash] for the family's own options   @raise [WrongUsage] an option that no part knows
      def of(dish, index)
        family = @families.fetch(dish.parts[index].family)
        chosen =
          @shared.select { |name, value| family.choices.include?(name) && fits?(name, value, family, dish, index) }
        own = @own.fetch(index, {}).select { |name, value| family.choices.include?(name) && !value.nil? && value != [] }
        family.told(Place.new(dish, index), @shared).merge(filling(dish, index), chosen, own)
      end

      # The family's own options: what was chosen, else what is usual for this part.
      # @param recipe [Recipes::Recipe] as the family reads it
      # @raise [InvalidInput]
      def options(family, dish, index, recipe)
        chosen = of(dish, index)
        family.options(**family.usual(Place.new(dish, index), recipe, chosen), **chosen)
      end

      # Options that no part of the dish knows or can use.   @return [Array<Symbol>]
      def unknown(dish)
        @shared.keys.reject do |name|
          dish.parts.any? { |part| part.family && knows?(part, name) } || (name == :pan && dish.said.baked)
        end
      end

      private

      def knows?(part, name) = @families.fetch(part.family).choices.include?(name)

      # What a crust asks of the sauce in it: what thickens it, and how thick it is to be.
      def filling(dish, index)
        return {} unless dish.parts[index].role == :sauce

        host = dish.joins_to(index).find { |join| dish.parts[join.from].role == :shell } or return {}
        asked = @shared.merge(@own.fetch(host.from, {}))
        {with: asked[:filling_with].to_a, target: asked[:hold]}.reject { |_, value| value.nil? || value == [] }
      end

      # Whether a value is this family's to take: a way of working that it has, a flour that does its work, a texture of
      # its scale.
      def fits?(name, value, family, dish, index)
        return true if dish.parts.one?(&:family)

        case name
        when :school
          family.ways.include?(value) ||
            dish.parts.none? { |part| part.family && @families.fetch(part.family).ways.include?(value) }
        when :with
          taken?(value, dish, index)
        when :target
          family.texture?(value) && first_with?(dish, index) { |other| other.texture?(value) }
        when :oven, :oil, :piece, :pan
          true
        else
          first_with?(dish, index) { |other| other.choices.include?(name) } ||
            %i[without offer altitude heat hands].include?(name)
        end
      end

      # The first part that can use it, the one that names the dish before the others.
      def first_with?(dish, index)
        order = [dish.main, *dish.parts.each_index].uniq.select { |other| dish.parts[other].family }
        order.find { |other| yield(@families.fetch(dish.parts[other].family)) } == index
      end

      # What no part can use goes to the part that names the dish, which says so.
      def taken?(keys, dish, index)
        keys.empty? || first_with?(dish, index) { |family| takes_all?(family, keys) } ||
          (
            dish.main == index &&
              dish.parts.none? { |part| part.family && takes_all?(@families.fetch(part.family), keys) }
          )
      end

      def takes_all?(family, keys)
        keys.all? { |key| @catalogue.find_key(key).then { |ingredient| ingredient.nil? || family.takes?(ingredient) } }
      end
    end
  end
end
