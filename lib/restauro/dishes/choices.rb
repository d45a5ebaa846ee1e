# frozen_string_literal: true

module Restauro
  module Dishes
    # The cook's choices laid over the parts of a dish: an option goes to every part whose family knows it and can use its value; what the
    # recipe itself says fills what was not chosen.
    class Choices
      # Of which family an option is, where not of all.
      ANY = %i[without offer altitude].freeze
      SAUCE = %i[school with target heat serve_celsius events simmer_s colour pour watts pan_cm lid stir stew_minutes].freeze
      COAT = %i[with target piece oven oil tin].freeze
      DOUGH = %i[school with target shape thickness_mm cutter_mm rope_mm seal tool helpers litres heat watts frozen filling_g roasted_from_g
                 roasted_to_g look hands].freeze
      CRUST = %i[style school with target pan oven cover filling_start thickness_mm hold filling_with hands].freeze
      KNOWN = {"sauce" => SAUCE, "batter" => COAT, "breading" => COAT - %i[target tin], "gnocchi" => DOUGH, "pasta" => DOUGH, "crust" => CRUST}
              .transform_values { |names| (names + ANY).freeze }.freeze

      # @param shared [Hash] option => value for the whole dish   @param own [Hash] part index => Hash of option => value
      def initialize(shared = {}, own = {}, catalogue:)
        @shared = shared
        @own = own
        @catalogue = catalogue
        freeze
      end

      def without = @shared.fetch(:without, [])

      # @return [Hash] for the family's own options   @raise [WrongUsage] an option that no part knows
      def of(dish, index)
        part = dish.parts[index]
        known = KNOWN.fetch(part.family)
        chosen = @shared.select { |name, value| known.include?(name) && fits?(name, value, part.family, dish, index) }
        own = @own.fetch(index, {}).select { |name, value| known.include?(name) && !value.nil? && value != [] }
        said(dish, index).merge(filling(dish, index), chosen, own)
      end

      # Options that no part of the dish knows or can use.   @return [Array<Symbol>]
      def unknown(dish)
        @shared.keys.reject do |name|
          dish.parts.each_index.any? { |index| dish.parts[index].family && KNOWN.fetch(dish.parts[index].family).include?(name) }
        end
      end

      private

      # What a crust asks of the sauce in it: what thickens it, and how thick it is to be.
      def filling(dish, index)
        return {} unless dish.parts[index].family == "sauce"

        crust = dish.joins_to(index).find { |join| dish.parts[join.from].family == "crust" } or return {}
        asked = @shared.merge(@own.fetch(crust.from, {}))
        {with: asked[:filling_with].to_a, target: asked[:hold]}.reject { |_, value| value.nil? || value == [] }
      end

      # Whether a value is this family's to take: a way of working that it has, a flour that does its work, a texture of its scale.
      def fits?(name, value, family, dish, index)
        return true if dish.parts.count(&:family) == 1

        case name
        when :school then schools(family).include?(value) || dish.parts.none? { |part| part.family && schools(part.family).include?(value) }
        when :with then taken?(value, family, dish, index)
        when :target then grade?(value, family) && first_with?(dish, index) { |part| grade?(value, part.family) }
        when :oven, :oil, :piece, :pan then true
        else first_with?(dish, index) { |part| KNOWN.fetch(part.family).include?(name) } || %i[without offer altitude heat hands].include?(name)
        end
      end

      # The first part that can use it, the one that names the dish before the others.
      def first_with?(dish, index)
        order = [dish.main, *dish.parts.each_index].uniq.select { |other| dish.parts[other].family }
        order.find { |other| yield(dish.parts[other]) } == index
      end

      def taken?(keys, family, dish, index)
        keys.empty? || first_with?(dish, index) { |part| keys.all? { |key| takes?(@catalogue.find_key(key), part.family) } } ||
          (dish.main == index && dish.parts.none? { |part| part.family && keys.all? { |key| takes?(@catalogue.find_key(key), part.family) } } &&
           takes_any?(family))
      end

      def takes_any?(family) = !family.nil?

      def takes?(ingredient, family)
        return true if ingredient.nil?

        case family
        when "sauce" then ingredient.thickens? && !%w[crumb].include?(ingredient.group)
        when "breading" then ingredient.starchy? || %w[crumb meal].include?(ingredient.group)
        when "batter" then ingredient.starchy?
        else ingredient.starchy? || %w[binder egg curd puree].include?(ingredient.group)
        end
      end

      def schools(family)
        case family
        when "sauce" then Families::Sauce::Options::SCHOOLS
        when "gnocchi", "pasta" then Families::Dough::School.all.map(&:key)
        when "crust" then Families::Crust::School.all.map(&:key)
        else []
        end
      end

      def grade?(value, family)
        return Families::Sauce::Grade::ALL.map(&:key).include?(value.to_s) || number?(value) if family == "sauce"

        family && family != "breading" && (Hydration::Rung.all.map(&:key).include?(value.to_s) || number?(value))
      end

      def number?(value) = !Float(value.to_s, exception: false).nil?

      # What the recipe's text says, for this family.
      def said(dish, index)
        said, family = dish.said, dish.parts[index].family
        case family
        when "crust" then {oven: said.oven, pan: said.pan}.compact
        when "sauce" then dish.parts.count { |part| part.family == "sauce" } == 1 ? simmered(said, dish.parts[index]) : {}
        when "batter", "breading" then coat(said, family, dish)
        else {}
        end
      end

      # The minutes of a stew are its meat's: the sauce is made first, and thins no further under the lid.
      def simmered(said, part)
        minutes = said.simmer_minutes or return {}
        part.lines.any? { |line| line.kind == "whole_meat" } ? {stew_minutes: minutes} : {simmer_s: 60.0 * minutes}
      end

      # What is by its name baked in one tin.
      def one_tray(dish)
        _, tray = DataFiles.yaml("families/batter/trays.yml").find { |words, _| dish.title.to_s.match?(/\b#{words}\b/i) }
        tray && Kitchen::BakingPan.parse(tray)
      end

      def coat(said, family, dish)
        heat = @shared[:oven] || @shared[:oil] ? {} : {oven: said.oven, oil: (said.oil && !said.oven ? Heat::Frying.parse(said.oil) : nil)}
        more = family == "batter" ? {pan: said.pan || one_tray(dish), makes: said.makes, bake_minutes: said.bake_minutes} : {}
        {**heat, **more}.compact
      end
    end
  end
end
