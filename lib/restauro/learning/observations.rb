# frozen_string_literal: true

module Restauro
  module Learning
    # What a cook measured, as trials: a sauce by its plate test, its spoon or at the table; minutes of an oven; watts of a ring.
    class Observations
      HOW = {"plate_test" => :seen_plate_test, "spoon" => :seen_spoon, "eaten" => :seen_eaten}.freeze
      OVEN = "oven"

      attr_reader :trials, :priors

      # @param data [Array<Hash>] string keys, as the command line gives them   @yield [String, String] a recipe's text and its units: a Recipe
      # @raise [InvalidInput]
      def initialize(data, catalogue, &read)
        raise InvalidInput, "observations are a list of objects, got #{data.inspect[0, 40]}" unless data.is_a?(Array) && data.all?(Hash)

        @catalogue = catalogue
        @read = read
        @priors = {}
        @trials = data.map { |one| trial(one) }
      end

      private

      def trial(one)
        return oven(one["oven"]) if one["oven"]
        return hob(one["hob"]) if one["hob"]
        return sauce(one) if one["recipe"]

        raise InvalidInput, "an observation has a recipe, an oven or a hob; got #{one.keys.join(", ")[0, 60]}"
      end

      def sauce(one)
        family = Families.fetch("sauce", @catalogue)
        recipe = @read.call(one["recipe"], one.dig("options", "units"))
        prediction = family.predict(recipe, family.options(**{school: one["school"], heat: one.dig("options", "heat")}.compact))
        measured = measured(one, family, recipe)
        expected = prediction.flour_equivalents.value
        title = one["recipe"].to_s.lines.first.to_s.strip[0, 40]
        raise InvalidInput, "nothing thickens '#{title}': there is nothing to learn from it" unless expected.positive?

        Trial.new(shares: shares(prediction), log_ratio: Math.log(measured / expected), error: Constants.fetch(:learning, HOW.fetch(how(one))))
      end

      def shares(prediction)
        Lessons.strengths(prediction).each_key { |key| @priors[key] ||= prior(key) }
      end

      def prior(key) = Constants.fetch(:learning, @catalogue.fetch(key).group == "blend" ? :prior_blend : :prior_strength)

      def how(one)
        found = one["how"] || (one["plate_mm"] ? "plate_test" : "spoon")
        return found if HOW.key?(found)

        raise InvalidInput, "how is #{HOW.keys.join(", ")}; got '#{found.to_s[0, 20]}'"
      end

      def measured(one, family, recipe)
        return positive(one["observed_e"], "observed_e") if one["observed_e"]
        return family.read_plate(recipe, positive(one["plate_mm"], "plate_mm")).value if one["plate_mm"]
        return Families::Sauce::Grade.fetch(one["grade"].to_s).flour_equivalents if one["grade"]

        raise InvalidInput, "a sauce that was cooked has observed_e, plate_mm or grade"
      end

      def oven(found)
        @priors[OVEN] ||= Constants.fetch(:learning, :prior_oven)
        ratio = positive(found["actual_minutes"], "actual_minutes") / positive(found["planned_minutes"], "planned_minutes")
        Trial.new(shares: {OVEN => 1.0}, log_ratio: Math.log(ratio), error: Constants.fetch(:learning, :seen_oven))
      end

      def hob(found)
        key = "hob #{found["setting"]}"
        usual = Physics::Pan.watts(found["setting"].to_s)
        @priors[key] ||= Constants.fetch(:learning, :prior_hob)
        Trial.new(shares: {key => 1.0}, log_ratio: Math.log(positive(found["watts"], "watts") / usual), error: Constants.fetch(:learning, :seen_hob))
      end

      def positive(value, name)
        return value.to_f if value.is_a?(Numeric) && value.positive? && value.to_f.finite?

        raise InvalidInput, "#{name} is a number over 0, got #{value.inspect[0, 20]}"
      end
    end
  end
end
