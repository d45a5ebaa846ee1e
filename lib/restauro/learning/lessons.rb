# frozen_string_literal: true

module Restauro
  module Learning
    # What one cooked dish can teach, as plain data to be kept: measured beside what the book had predicted.
    module Lessons
      module_function

      # A sauce that was seen or eaten.   @param measured [Float] g/100 g
      # @param prediction [Families::Sauce::Prediction] by the book
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

      # A bake timed to its end.   @param way [String, nil] fan or basket
      # @param per_kelvin [Float] how much longer, as a logarithm, each kelvin more makes it: below nothing
      def oven(planned, actual, way: nil, per_kelvin: 0.0)
        offset = per_kelvin * Constants.fetch(:learning, :offset_scale_k)
        shares = {"oven" => 1.0, ("oven #{way}" if way) => 1.0, ("oven offset" if offset.nonzero?) => offset}
        timed(shares.except(nil), actual, planned, "oven")
      end

      # A thermometer in the middle of it.   @param set [Float] C that the knob says   @param reads [Float] C
      # @raise [InvalidInput] where one of the two cannot be
      def thermometer(set, reads)
        most = Constants.fetch(:learning, :most_offset_k)
        if (reads - set).abs > most
          raise InvalidInput, "an oven that is #{(reads - set).abs.round} K off was read too soon, or set to " \
                              "something else"
        end

        lesson({"oven offset" => 1.0}, (reads - set) / Constants.fetch(:learning, :offset_scale_k), "thermometer")
      end

      # Where it browned first.   @param where [String] left, right, front, back or even   @return [Array<Hash>]
      def sides(where)
        ahead = Constants.fetch(:learning, :side_ahead)
        SIDES.fetch(where).map { |key, sign| lesson({key => 1.0}, sign * ahead, "side") }
      end
      SIDES =
        {"even" => {"oven side" => 0, "oven depth" => 0}, "left" => {"oven side" => -1}, "right" => {"oven side" => 1},
         "front" => {"oven depth" => -1}, "back" => {"oven depth" => 1}}.freeze

      # How far a dough really stretched: as far as its shape needs where it held, so much less where it did not.
      # @param parts [Array<Array(Ingredient, Float)>] what is in it, by the book   @param needed [Float]
      # @param short [Float] of it
      # @return [Hash, nil] nil where nothing of ours stretches it, or where it held with more than it needed, which
      # tells nothing
      def stretch(parts, needed, short: 0.0)
        binders = parts.reject { |ingredient, _| ingredient.contains_gluten? }.to_h do |ingredient, grams|
          ["stretch #{ingredient.key}", Hydration::Stretch.per_share(ingredient) * grams]
        end.select { |_, share| share.positive? }
        total = binders.values.sum
        return unless total.positive? && needed > short
        if short.zero? && total > needed * Hydration::Stretch.flour_g(parts) * (1 +
                                                                                Constants.fetch(:learning, :to_spare))
          return
        end

        showed = (needed - short) * Hydration::Stretch.flour_g(parts)
        lesson(binders.transform_values { |share| share / total }, Math.log(showed / total), "stretch")
      end

      # A boil timed: the longer it took, the less the ring gives.
      def boil(setting, planned, actual) = timed({"hob #{setting}" => 1.0}, planned, actual, "boil")
      # Watts that were measured.
      def hob(setting, watts) = lesson({"hob #{setting}" => 1.0}, Math.log(watts / Physics::Pan.watts(setting)), "hob")

      # Liquid put in by feel: more than planned, and the flours drink more. Each bears what it holds.
      # @param flours [Hash{Ingredient => Float}] g
      def drink(flours, planned, actual)
        held = flours.to_h { |flour, grams| ["drink #{flour.key}", flour.hold_g_per_g * grams] }
          .select { |_, grams| grams.positive? }
        total = held.values.sum
        return if total.zero?

        timed(held.transform_values { |grams| grams / total }, actual, planned, "grams")
      end

      # Water of a root by its two weights.   @param share [Float] of the cooked root, measured
      # @param book [Ingredient]
      def water(share, book) = lesson({"water #{book.key}" => 1.0}, Math.log(100 * share / book.water_pct), "weighed")

      # How thick, or how wet, it was where it was called right, beside what the wheat dish would have been.
      # @param who [String, nil] who called it so; nil for the house
      def liking(family, eaten, wheat, who: nil)
        shares = {"liking #{family}" => 1.0, **(who ? {"liking #{family} #{who}" => 1.0} : {})}
        lesson(shares, Math.log(eaten / wheat), "liking")
      end

      # A lesson taken from a plan that counted with what was believed already: as if it had been made by the book.
      # @param believed [Hash{String => Float}] factors the plan was made with
      def by_the_book(lesson, believed)
        counted = lesson ? lesson["shares"].sum { |key, share| share * Math.log(believed.fetch(key, 1.0)) } : 0.0
        lesson&.merge("log_ratio" => (lesson["log_ratio"] + counted).round(5))
      end

      # @return [Hash, nil] a lesson of minutes told as a log ratio; nil where they are too far apart to be one
      def timed(shares, more, less, how)
        return unless more.to_f.positive? && less.to_f.positive?

        ratio = more / less.to_f
        # Further off a clock was forgotten, not an oven slow.
        most = Constants.fetch(:learning, :most_off)
        ratio.between?(1 / most, most) ? lesson(shares, Math.log(ratio), how) : nil
      end

      # @return [Hash] in plain data
      def lesson(shares, log_ratio, how) = {"shares" => shares, "log_ratio" => log_ratio.round(5), "how" => how}
    end
  end
end
