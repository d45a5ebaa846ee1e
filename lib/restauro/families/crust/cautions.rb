module Restauro
  module Families
    class Crust
      # What to be told of this crust.
      module Cautions
        # A gum is weighed to 0.1 g: of a gram that is up to a twentieth.
        NEARLY = Constants.fetch(:dough, :nearly_stretch)

        module_function

        # @param crust [Prediction]   @return [Array<Warning>]
        def of(crust)
          heated = crust.steamed? || crust.griddled? ? [] : [*heat(crust), baked(crust)]
          # By the piece in a dry pan it lies in no tin.
          lined = crust.griddled? ? [] : pan(crust)
          [size(crust), weak(crust), *lined, filling(crust), *heated].compact
        end

        # Only what is closed around its filling can be fried.   @return [Warning, nil]
        def baked(crust)
          return if crust.options.oil.nil? || crust.frying

          warning(:baked_not_fried,
                  "#{crust.style.say} is baked: the fat was left aside; folded by the piece it can be fried")
        end

        # So little or so much that no time was tried on it.   @return [Warning, nil]
        def size(crust)
          small, large = %i[small_g large_g].map { |name| Constants.fetch(:crust, name) }
          return if crust.grams.between?(small, large)

          warning(
            :not_tested,
            "under #{small.round} g or over #{(large / 1000).round} kg of dough is not tested: times may be off"
          )
        end

        # It stretches less than its style needs.   @return [Warning, nil]
        def weak(crust)
          return if crust.style.sheet? || crust.stretch >= crust.stretch_needed * NEARLY

          warning(
            :stretch_short,
            "this stretches #{crust.stretch.round(2)}; #{crust.style.say} needs #{crust.stretch_needed.round(2)}: " \
              "it will crack, press it in or bind it"
          )
        end

        # @return [Array<Warning>] of the dough and the filling in their pan
        def pan(crust)
          lining = crust.lining or return []
          [thickness(crust, lining), overfull(crust)].compact
        end

        # Thinner or thicker than a crust can lie.   @return [Warning, nil]
        def thickness(crust, lining)
          least, most = Constants.fetch(:crust, :least_mm), crust.style.most_mm
          lies = "in this pan the dough lies #{lining.there_mm.round(1)} mm thick"
          usual = "#{crust.usual_grams.round} g lies the usual #{Recipes::WeighedLine.tenths(lining.usual_mm)} mm"
          return if crust.style.sheet?
          return warning(:dough_short, "#{lies}: too thin; #{usual}") if lining.there_mm < least

          warning(:dough_over, "#{lies}: too much; #{usual}") if lining.there_mm > most && !lining.rolled
        end

        # The filling stands too high in its pan.   @return [Warning, nil]
        def overfull(crust)
          deep, depth = crust.filling_depth_cm, crust.cups&.deep_cm || crust.options.pan.depth_cm
          return unless deep && depth && deep > depth * Constants.fetch(:crust, :filling_share)

          warning(
            :overfull,
            "the filling would stand #{deep.round(1)} cm deep in a pan of #{Recipes::WeighedLine.tenths(depth)} cm: " \
              "it boils over; leave #{(100 - 100 * Constants.fetch(:crust, :filling_share)).round} % free"
          )
        end

        # Too thin to hold, or to cut.
        def filling(crust)
          return unless crust.filling&.fruit?

          e = crust.filling.sauce(without: crust.options.without)&.flour_equivalents&.value
          return if e.nil? || e >= Constants.fetch(:sauce, :edge_medium)

          warning(:filling_thin, "the fruit gives its juice up and the filling will run: thicken it to cut clean")
        end

        # @return [Array<Warning>] a rim that burns, a middle that is never done
        def heat(crust)
          baking = crust.baking
          burnt, filling = baking.rim_burnt_minutes, crust.filling
          where, instead = crust.frying ? ["fat", "fry them cooler"] : ["oven", "cover it or turn the oven down"]
          first = crust.frying ? "the crust" : "the rim"
          early = "#{first} burns after #{burnt&.round} min in this #{where}, before the rest is done: #{instead}"
          never = "the filling does not get to #{filling&.done_celsius&.round} °C in two and a half hours " \
                  "in this #{where}"
          [(warning(:burns, early) if burnt && burnt < baking.total_minutes),
           (warning(:not_done, never) if filling && !crust.chilled? && baking.filling_minutes.nil?)]
        end

        # @return [Warning]
        def warning(code, text) = Warning.new(code: code, text: text)
      end
    end
  end
end
