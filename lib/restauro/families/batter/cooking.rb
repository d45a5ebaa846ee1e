module Restauro
  module Families
    class Batter
      # The steps at the heat, by what is cooked and in what.
      module Cooking
        module_function

        # @param prediction [Prediction] with a piece and a heat
        def steps(prediction) = prediction.options.oil ? fried(prediction) : baked(prediction)

        # Golden, or done and still pale where the oven is gentle; short of burnt, but never short of done.
        def stop_minutes(section)
          outside = section.brown || section.crisp
          outside = [outside, section.burnt * Constants.fetch(:heat, :short_of_burnt)].min if outside && section.burnt
          [section.done, outside].compact.max
        end

        def baked(prediction)
          section, oven, piece = prediction.section, prediction.options.oven, prediction.options.piece
          minutes = stop_minutes(section)
          [Step.new(text: "Dry the pieces, dip, drip, lay them on an oiled rack or tray with room between."),
           Step.new(text: "Bake at #{oven_words(oven)}; turn at half time.", minutes: minutes && half(minutes), look_for: looks(section, piece),
                    caution: done_caution(piece))]
        end

        def oven_words(oven) = oven.fan ? "#{oven.fan_celsius.round} °C with the fan" : "#{oven.celsius.round} °C"
        def half(minutes) = (minutes * 2).round / 2.0

        def looks(section, piece)
          [("crisp from about #{section.crisp.round} min" if section.crisp), ("golden from #{section.brown.round}" if section.brown),
           ("middle #{piece.food.why} (#{piece.food.done_celsius.round} °C) from #{section.done.round}" if section.done)].compact.join(", ")
        end

        def done_caution(piece)
          return "#{piece.food.why}: measure the middle. Brown is not done." if piece.food.why.start_with?("USDA")

          "Go by the middle: an oven can be out by a good part of the time."
        end

        def fried(prediction)
          section, piece, oil = prediction.section, prediction.options.piece, prediction.options.oil
          minutes = stop_minutes(section)
          [heat_oil(oil),
           Step.new(text: oil.shallow ? "Fry in one layer with room between; turn often." : "#{batches(prediction)}.",
                    minutes: minutes && half([minutes, 1.0].max), look_for: looks(section, piece), caution: done_caution(piece)),
           Step.new(text: "Drain on a rack; let the oil come back before the next batch.",
                    look_for: "oil back at #{oil.celsius.round} °C: never under #{Constants.fetch(:heat, :oil_least_celsius).round}")]
        end

        def heat_oil(oil)
          amount = oil.shallow ? "#{Constants.fetch(:heat, :shallow_mm).round} mm of #{oil.say} in a wide pan" : deep(oil)
          Step.new(text: "Heat #{amount} to #{oil.celsius.round} °C.", look_for: "a drop of batter rises and bubbles at once",
                   caution: "Hot oil: never water near it, never move the pan, heat off and lid on if it smokes. Dry pieces, or they spit.")
        end

        def deep(oil) = "#{litres(oil)} of #{oil.say}, the pan at most a third full,"
        def litres(oil) = oil.litres == 1 ? "a litre" : "#{oil.litres.round(2).to_s.delete_suffix(".0")} litres"

        # How many at a time so that the oil stays hot, and how often.
        def batches(prediction)
          oil, each = prediction.options.oil, prediction.piece_g
          at_once = [(oil.batch_g / each).floor, 1].max
          count, = prediction.pieces
          words = "Fry at most #{at_once == 1 ? "one piece" : "#{at_once} pieces"} at a time " \
                  "(#{oil.batch_g.round} g of food in #{litres(oil)} of oil)"
          count && count > at_once ? "#{words}: #{(count / at_once.to_f).ceil} batches" : words
        end

        def hot_tin(prediction)
          c = ->(name) { Constants.fetch(:batter, name).round }
          [Step.new(text: "#{c[:tin_oil_mm]} mm of refined oil or dripping in each cup of the tin, into the oven at #{c[:tin_celsius]} °C.",
                    minutes: c[:tin_preheat_minutes].to_f,
                    look_for: "the oil shimmers", caution: "Smoking-hot fat: no unrefined olive oil, tin on a tray, long gloves, never water."),
           Step.new(text: "Pour the batter in quickly, half full: #{filled(prediction, :tin_fill_share)}. Door shut.",
                    minutes: c[:tin_first_minutes].to_f, look_for: "puffed over the rim"),
           Step.new(text: "Down to #{c[:tin_then_celsius]} °C; leave the door shut.",
                    minutes: c[:tin_last_minutes].to_f, look_for: "brown and stiff at the sides",
                    caution: "Egg must set: the middle at 71 °C or more. Underdone egg is not for the pregnant, old, young or ill.")]
        end

        # Grams in each cup and how many cups.
        def filled(prediction, share)
          tin, full = Tin.fetch(prediction.options.tin), Constants.fetch(:batter, share)
          cups = tin.cups(prediction.grams, full)
          "#{tin.fill_g(full).round} g in each of #{cups} #{tin.say} cup#{"s" if cups != 1}"
        end

        def muffins(prediction)
          minutes = muffin_minutes(Tin.fetch(prediction.options.tin))
          [Step.new(text: "Fold wet into dry in a few strokes; fill the cups two thirds: #{filled(prediction, :muffin_fill_share)}.",
                    look_for: "streaks are fine: gas is lost by stirring"),
           Step.new(text: "Bake at #{Constants.fetch(:batter, :muffin_celsius).round} °C.", minutes: minutes && half(minutes),
                    look_for: "domed, and the middle at #{Constants.fetch(:batter, :muffin_done_celsius).round} °C: a filling fools the skewer",
                    caution: "A fan can blow a rising batter over: still air if there is a choice.")]
        end

        # The middle of a muffin by conduction, set and no longer raw.
        def muffin_minutes(tin)
          food = Heat::Food.composed("batter", nil, done_celsius: Constants.fetch(:batter, :muffin_done_celsius), why: "set",
                                       steam: Constants.fetch(:heat, :crumb_steam))
          piece = Heat::Piece.new(name: "muffin", food: food, shape: :sphere, thickness_m: tin.ball_m(Constants.fetch(:batter, :muffin_fill_share)),
                                  kind: "muffin")
          around = Heat::Surroundings.oven(Kitchen::OvenTemperature.new(celsius: Constants.fetch(:batter, :muffin_celsius)))
          Heat::Section.cook(piece, around).done
        end

        def pancakes
          [Step.new(text: "A hot pan, a film of fat; pour a thin round and tilt.", minutes: 1.0, look_for: "the edge dry, bubbles that stay open"),
           Step.new(text: "Turn, and cook the other side.", minutes: 0.5, look_for: "golden flecks", caution: "With egg: set through, 71 °C.")]
        end

        def unplanned
          [Step.new(text: "Cook the coated pieces through.", look_for: "golden, and the middle as hot as the food asks",
                    caution: "Choose a piece and an oven or oil, and its minutes are worked out: poultry 74 °C, fish 63 °C, eggs 71 °C.")]
        end
      end
    end
  end
end
