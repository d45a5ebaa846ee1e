module Restauro
  module Families
    class Sauce
      # What can go wrong with this sauce, and what to do about it.
      module Cautions
        module_function

        # Warnings a course itself gives.   @param cooking [Cooking]   @return [Array<Warning>]
        def of_course(cooking)
          [no_thickener(cooking), too_little(cooking), stopped(cooking), below_pasting(cooking),
           untested(cooking)].compact
        end

        # Sentences for the cook, the worst first, from the notes of the thickeners and the state of the pan.
        # @param prediction [Prediction]   @return [Array<String>]
        def of_sauce(prediction)
          formula = prediction.cooking.formula
          notes = DataFiles.yaml("families/sauce/thickener_notes.yml")
          told = formula.thickeners.map { |part| part.ingredient.key }.uniq.flat_map do |key|
            notes.fetch(key, []).select { |note| applies?(note["when"], formula) }.map { |note| note["text"] }
          end
          splits = Splits.words(formula)
          rest = [*told, acid(prediction), splits, strings(prediction)].compact
          Splits.boiled?(formula) && splits ? [splits, *(rest - [splits])] : rest
        end

        def applies?(condition, formula)
          case condition
          when "dairy" then dairy_share(formula) >= Constants.fetch(:sauce, :dairy_slime_share)
          when "roux", "slurry" then formula.school == condition
          else true
          end
        end

        # @return [Float] share of the liquid's weight that is dairy
        def dairy_share(formula)
          total = formula.liquids.sum { |part| part.grams.value }
          milk = formula.liquids.select { |part| part.ingredient.allergens.include?("milk") }
            .sum { |part| part.grams.value }
          total.zero? ? 0.0 : milk / total
        end

        # @return [String, nil] of acid that thins it while it boils
        def acid(prediction)
          return unless prediction.cooking.result.mixture.ph < Constants.fetch(:sauce, :acid_caution_ph)

          "This sauce is sharp: put the acid in after it has thickened, or it thins as it boils."
        end

        # Cheese that is boiled, or sour, pulls strings or goes grainy.
        def strings(prediction)
          return unless prediction.cooking.formula.parts.any? { |part| part.ingredient.group == "cheese" }

          sour = prediction.cooking.result.mixture.ph < Constants.fetch(:sauce, :string_ph)
          hot = Constants.fetch(:sauce, :string_celsius).round
          "Cheese over #{hot} °C#{" or in a sauce this sour" if sour} goes stringy or grainy: off the boil, by handfuls."
        end

        # @return [Warning, nil] nothing that thickens
        def no_thickener(cooking)
          said = "no thickener was read in this recipe, so it is as thick as its liquid"
          Warning.new(code: :no_thickener, text: said) unless cooking.formula.thickened?
        end

        # @return [Warning, nil] hardly any liquid left
        def too_little(cooking)
          return unless cooking.flour_equivalents.nil?

          Warning.new(code: :too_little_liquid,
                      text: "under #{Constants.fetch(:sauce, :least_liquid).round} g of liquid is left: " \
                            "how thick it is cannot be told; add liquid")
        end

        # @return [Warning, nil] the heat's end before its time
        def stopped(cooking)
          case cooking.result.stop
          when :boiling_dry
            Warning.new(code: :boiling_dry, text: "it boils dry: under a quarter of the liquid is left after " \
                                                  "#{minutes(cooking.last.seconds)} min; lower the heat or stop sooner")
          when :never_boils
            Warning.new(code: :never_boils,
                        text: "it does not boil in #{minutes(Constants.fetch(:sauce, :boil_limit_seconds))} min on " \
                              "this heat; turn it up or make less at a time")
          end
        end

        # @return [Warning, nil] a boil below where its starch pastes
        def below_pasting(cooking)
          boil = cooking.options.pan.boiling_celsius + cooking.result.mixture.boiling_rise_c
          used = cooking.formula.thickeners.map(&:ingredient).uniq
          late = used.select { |ingredient| ingredient.paste_full_c && ingredient.paste_full_c > boil }
          return if late.empty?

          Warning.new(code: :boil_below_pasting,
                      text: "up here it boils at #{boil.round(1)} C, below what #{late.map(&:say).join(" and ")} " \
                            "#{late.one? ? "needs" : "need"} (#{late.map(&:paste_full_c).max.round} C): give it more minutes " \
                            "or use potato or tapioca starch")
        end

        # A slow flour in a short slurry: most of it is still raw.   @return [Array<Warning>]
        def short_of_time(cooking)
          slow = cooking.formula.thickeners.select do |part|
            part.ingredient.paste_tau_s.to_f >= Constants.fetch(:sauce, :slow_tau_s) &&
              cooking.share_of(part) < Constants.fetch(:sauce, :slow_share)
          end
          slow.map do |part|
            share = (100 * cooking.share_of(part)).round
            Warning.new(code: :short_of_time,
                        text: "#{part.ingredient.say} has only #{share} % of its strength by then: " \
                              "simmer 5 minutes or more, or make a roux")
          end
        end

        # A starch in a roux that is to brown.   @return [Array<Warning>]
        def pale(cooking)
          formula = cooking.formula
          pale = formula.thickeners.map(&:ingredient).uniq.reject { |ingredient| Roux.browns?(ingredient) }
          return [] if pale.empty? || formula.colour == "white"

          [Warning.new(code: :does_not_brown,
                       text: "#{pale.map(&:say).join(" and ")} does not brown: use a flour (sweet rice, sorghum, " \
                             "chickpea), or brown the fat or the flour dry")]
        end

        # @return [Warning, nil] so little or so much that nothing was tried on it
        def untested(cooking)
          grams = cooking.formula.liquid.value
          tested = Constants.fetch(:sauce, :untested_below)..Constants.fetch(:sauce, :untested_above)
          return if cooking.flour_equivalents.nil? || tested.cover?(grams)

          Warning.new(code: :not_tested,
                      text: "#{grams.round} g of liquid is outside what was tested (100 g to 5 kg): go by what you see")
        end

        # @return [Integer] min
        def minutes(seconds) = (seconds / 60.0).round
      end
    end
  end
end
