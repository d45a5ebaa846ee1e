# frozen_string_literal: true

module Restauro
  module Learning
    # What one cooked dish can teach, as plain data to be kept: measured beside what the book had predicted.
    module Lessons
      module_function

      # A sauce that was seen or eaten.   @param measured [Float] g/100 g   @param prediction [Families::Sauce::Prediction] by the book
      # @return [Hash, nil]
      def sauce(measured, prediction, how:)
        expected = prediction.flour_equivalents.value
        shares = strengths(prediction)
        return if shares.empty? || !expected.positive? || !measured.positive?

        lesson(shares, Math.log(measured / expected), how)
      end

      # Each thickener bears as much of the blame as it gives of the thickness.   @return [Hash{String => Float}]
      def strengths(prediction)
        parts = prediction.cooking.formula.thickeners.reject { |part| part.ingredient.contains_gluten? }
        powers = parts.to_h { |part| [part.ingredient.key, part.grams.value * part.ingredient.thick_power] }
        total = powers.values.sum
        total.positive? ? powers.transform_values { |power| power / total } : {}
      end

      # A bake timed to its end.
      def oven(planned, actual) = timed({"oven" => 1.0}, actual, planned, "oven")
      # A boil timed: the longer it took, the less the ring gives.
      def boil(setting, planned, actual) = timed({"hob #{setting}" => 1.0}, planned, actual, "boil")
      # Watts that were measured.
      def hob(setting, watts) = lesson({"hob #{setting}" => 1.0}, Math.log(watts / Physics::Pan.watts(setting)), "hob")

      # Liquid put in by feel: more than planned, and the flours drink more. Each bears what it holds.
      # @param flours [Hash{Ingredient => Float}] g
      def drink(flours, planned, actual)
        held = flours.to_h { |flour, grams| ["drink #{flour.key}", flour.hold_g_per_g * grams] }.select { |_, grams| grams.positive? }
        total = held.values.sum
        return if total.zero?

        timed(held.transform_values { |grams| grams / total }, actual, planned, "grams")
      end

      # Water of a root by its two weights.   @param share [Float] of the cooked root, measured   @param book [Ingredient]
      def water(share, book) = lesson({"water #{book.key}" => 1.0}, Math.log(100 * share / book.water_pct), "weighed")

      # How thick it was, where it was called right, beside how thick the wheat dish would have been.
      def liking(family, eaten, wheat) = lesson({"liking #{family}" => 1.0}, Math.log(eaten / wheat), "liking")

      def timed(shares, more, less, how)
        return unless more.to_f.positive? && less.to_f.positive?

        ratio = more / less.to_f
        # Further off a clock was forgotten, not an oven slow.
        most = Constants.fetch(:learning, :most_off)
        ratio.between?(1 / most, most) ? lesson(shares, Math.log(ratio), how) : nil
      end

      def lesson(shares, log_ratio, how) = {"shares" => shares, "log_ratio" => log_ratio.round(5), "how" => how}
    end
  end
end
