module Restauro
  module Making
    # When reality and plan part: what that means, and the minutes of what is still to come.
    #   words String · minutes Hash of step index => new minutes
    Replan = Struct.new(:words, :minutes, keyword_init: true) do
      def initialize(minutes: {}, **)
        super
        freeze
      end

      # @param dish [Dish]
      # @param index [Integer] of the step that is over
      # @param actual_s [Float] how long it took
      # @return [Replan, nil] nil where it went as planned
      def self.after(dish, index, actual_s)
        planned = dish.steps[index]
        return unless planned.timed? && slipped?(planned.minutes * 60, actual_s) && planned.heat != "hands"

        factor = actual_s / (planned.minutes * 60)
        later = dish.steps.each_with_index.select do |step, other|
          other > index && step.timed? && step.heat == planned.heat && step.heat == "oven"
        end
        minutes = later.to_h { |step, other| [other.to_s, half(step.minutes * factor)] }
        new(words: words(planned, actual_s, later.map(&:first), minutes), minutes: minutes)
      end

      def self.slipped?(planned_s, actual_s)
        return false if actual_s < Constants.fetch(:making, :tapped_share) * planned_s

        off = (actual_s - planned_s).abs
        off > Constants.fetch(:making, :slip_least_s) && off > Constants.fetch(:making, :slip_share) * planned_s
      end

      # @return [Float] min to the half
      def self.half(minutes) = (2 * minutes).round / 2.0

      # @return [String] what changed and by how much
      def self.words(step, actual_s, later, minutes)
        took = "#{half(actual_s / 60)} min instead of #{half(step.minutes)}"
        return "That took #{took}: everything after it is later by the difference." if later.empty?

        "The oven took #{took}: what is still to bake gets #{minutes.values.map { |value|
  "#{value} min"
}.join(" and ")}.".gsub(
  ".0 min",
          " min"
)
      end

      # A sauce that boiled later or sooner than planned: the hob gives other watts, and so much water goes.
      # @param swap [Families::Sauce::Swap]
      # @param late [Float] actual over planned time to the boil
      # @return [Replan]
      def self.boiled(family, swap, late)
        watts =
          (swap.ours.options.heating_watts / late).clamp(
            *%i[hob_least_watts hob_most_watts].map { |name| Constants.fetch(:making, name) }
          )
        again = family.predict(swap.ours.recipe, swap.ours.options.with_choices(watts: watts, target: nil))
        e, target = again.flour_equivalents.value, swap.ours.flour_equivalents.value
        new(
          words:
            "It boiled #{late > 1 ? "later" : "sooner"} than planned: this hob gives about #{watts.round(-1)} W. #{texture(again, e, target)}"
        )
      end

      # @return [Replan] of a texture that came out otherwise
      def self.texture(again, e, target)
        share = e / target - 1
        return "The sauce comes out as thick as planned." if share.abs < Constants.fetch(:making, :thick_drift)

        grams = again.cooking.liquid_g * share
        if share.positive?
          return "It comes out #{(100 * share).round} % thicker: whisk in #{grams.round} mL of liquid at the end."
        end

        "It comes out #{(-100 * share).round} % thinner: let it bubble until #{(again.cooking.liquid_g * e / target).round} g of liquid are left."
      end
    end
  end
end
