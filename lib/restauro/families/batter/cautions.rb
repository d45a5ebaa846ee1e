module Restauro
  module Families
    class Batter
      # What to be told of this batter.
      module Cautions
        module_function

        # @param prediction [Prediction]   @return [Array<Warning>]
        def of(prediction) = [unknown(prediction), *gas(prediction.gas), *heat(prediction)].compact

        # @return [Warning, nil] of a batter whose wetness cannot be told
        def unknown(prediction)
          return if prediction.ratio

          Warning.new(
            code: :ratio_unknown,
            text: "hardly anything here holds water, so how thick it is cannot be told: is the flour's line read?"
          )
        end

        # @param gas [Lift::Gas]   @return [Array<Warning>] of what is tasted
        def gas(gas)
          [soapy(gas), metallic(gas)].compact
        end

        # Alkali that no acid takes up.   @return [Warning, nil]
        def soapy(gas)
          return unless gas.soapy

          Warning.new(
            code: :soapy,
            text:
              "#{gas.bicarbonate_left.round(1)} g of bicarbonate has no acid: it tastes soapy; add yogurt or lemon, " \
                "or use baking powder"
          )
        end

        # More baking powder than goes untasted.   @return [Warning, nil]
        def metallic(gas)
          return unless gas.metallic

          Warning.new(
            code: :metallic,
            text: "over 6 g of baking powder in 100 g of flour tastes metallic: less, or whip egg whites"
          )
        end

        # @param prediction [#section, #options]
        # @return [Array<Warning>] of the fat and of a middle that comes too late
        def heat(prediction)
          section = prediction.section or return []
          piece = prediction.cooked_piece
          instead = "cut it thinner, cook it first, or a lower heat"
          instead = "a lower heat, or brown it and finish it in the oven" unless prediction.options.piece
          [raw(section, piece, instead), never_done(section, piece), smoking(prediction.options.oil)].compact
        end

        # @param oil [Heat::Frying, nil]   @return [Warning, nil]
        def smoking(oil) = oil&.caution&.then { |words| Warning.new(code: :oil_smokes, text: words) }

        # Burnt before the middle is done.
        def raw(section, piece, instead)
          return unless section.burnt && (section.done.nil? || section.done > section.burnt)

          Warning.new(code: :burns_before_done,
                      text: "#{piece.millimetres.round} mm burns outside before its middle is done: #{instead}")
        end

        # A middle that is not done within the section's time.   @return [Warning, nil]
        def never_done(section, piece)
          return if section.done || section.burnt

          Warning.new(
            code: :never_done,
            text: "the middle does not reach #{piece.food.done_celsius.round} C in this: hotter or thinner"
          )
        end
      end
    end
  end
end
