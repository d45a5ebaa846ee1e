# frozen_string_literal: true

module Restauro
  module Learning
    # What a cook measured, as trials: a sauce by its plate test, its spoon or at the table; how a dough held; an oven's
    # minutes, its thermometer and its sides; watts of a ring.
    class Observations
      HOW = %w[plate_test spoon eaten].freeze
      WAYS = %w[fan basket].freeze
      DOUGHS = %w[pasta gnocchi crust].freeze

      attr_reader :trials, :priors

      # @param data [Array<Hash>] string keys, as the command line gives them
      # @yield [String, String] a recipe's text and its units: a Recipe
      # @raise [InvalidInput]
      def initialize(data, catalogue, &read)
        unless data.is_a?(Array) && data.all?(Hash)
          raise InvalidInput, "observations are a list of objects, got #{data.inspect[0, 40]}"
        end

        @catalogue = catalogue
        @read = read
        @priors = {}
        @trials = data.flat_map { |one| [lessons(one)].flatten.map { |lesson| trial(lesson) } }
      end

      private

      # @return [Hash, Array<Hash>] as Lessons has them
      def lessons(one)
        return oven(one["oven"]) if one["oven"]
        return hob(one["hob"]) if one["hob"]
        return dough(one) if one["recipe"] && one["held"]
        return sauce(one) if one["recipe"]

        raise InvalidInput, "an observation has a recipe, an oven or a hob; got #{one.keys.join(", ")[0, 60]}"
      end

      def trial(lesson)
        lesson["shares"].each_key { |key| @priors[key] ||= Unknown.prior(key, @catalogue) }
        Trial.new(shares: lesson["shares"], log_ratio: lesson["log_ratio"], error: Seen.of(lesson).error)
      end

      def sauce(one)
        family = Families.fetch("sauce", @catalogue)
        recipe = @read.call(one["recipe"], one.dig("options", "units"))
        prediction =
          family.predict(recipe, family.options(**{school: one["school"], heat: one.dig("options", "heat")}.compact))
        Lessons.sauce(measured(one, family, recipe), prediction, how: how(one)) ||
          raise(InvalidInput, "nothing thickens '#{title(one)}': there is nothing to learn from it")
      end

      # What was rolled, boiled or baked, gluten-free as it stands.
      def dough(one)
        key = one["family"] || "pasta"
        unless DOUGHS.include?(key)
          raise InvalidInput, "a dough that held or not is of #{DOUGHS.join(", ")}; got '#{key.to_s[0, 20]}'"
        end

        family = Families.fetch(key, @catalogue)
        options = one.fetch("options", {}).slice("shape", "thickness_mm", "style").transform_keys(&:to_sym)
        prediction = family.predict(@read.call(one["recipe"], one.dig("options", "units")), family.options(**options))
        Lessons.stretch(prediction.weights, prediction.stretch_needed, short: short(key, one["held"])) ||
          raise(
            InvalidInput,
            "'#{title(one)}' tells nothing: nothing of ours stretches it, or it has more than it needs to hold"
          )
      end

      # Of the stretch that was needed: none where it held, what its trouble says where it did not.
      def short(family, held) = held == "yes" ? 0.0 : Families::Troubles.fetch(family, held.to_s).stretch

      def title(one) = one["recipe"].to_s.lines.first.to_s.strip[0, 40]

      def how(one)
        found = one["how"] || (one["plate_mm"] ? "plate_test" : "spoon")
        return found if HOW.include?(found)

        raise InvalidInput, "how is #{HOW.join(", ")}; got '#{found.to_s[0, 20]}'"
      end

      def measured(one, family, recipe)
        return positive(one["observed_e"], "observed_e") if one["observed_e"]
        return family.read_plate(recipe, positive(one["plate_mm"], "plate_mm")).value if one["plate_mm"]
        return Families::Sauce::Grade.fetch(one["grade"].to_s).flour_equivalents if one["grade"]

        raise InvalidInput, "a sauce that was cooked has observed_e, plate_mm or grade"
      end

      def oven(found)
        return Lessons.thermometer(positive(found["set"], "set"), positive(found["reads"], "reads")) if found["reads"]
        return Lessons.sides(side(found["darker"])) if found["darker"]

        planned, actual = %w[planned_minutes actual_minutes].map { |name| positive(found[name], name) }
        Lessons.oven(planned, actual, way: (found["kind"] if WAYS.include?(found["kind"]))) ||
          raise(
            InvalidInput,
            "#{actual} min where #{planned} were planned: a clock was forgotten, and no oven is that far off"
          )
      end

      def side(where)
        return where if Lessons::SIDES.key?(where)

        raise InvalidInput, "the darker side is #{Lessons::SIDES.keys.join(", ")}; got '#{where.to_s[0, 20]}'"
      end

      def hob(found) = Lessons.hob(found["setting"].to_s, positive(found["watts"], "watts"))

      def positive(value, name)
        return value.to_f if value.is_a?(Numeric) && value.positive? && value.to_f.finite?

        raise InvalidInput, "#{name} is a number over 0, got #{value.inspect[0, 20]}"
      end
    end
  end
end
