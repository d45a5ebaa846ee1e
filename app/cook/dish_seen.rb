module Restauro
  # What the cook sees of a dish on the stove, in one tap, and the rescue for it.
  class DishSeen
    # @param page [DishPage]   @param fields [Hash] seen and where, or trouble
    def initialize(page, fields)
      @page = page
      @fields = fields
    end

    # What is seen, what to do about it, and what that does to the plan.
    # @return [Array<Array(String, Hash)>]
    # @raise [InvalidInput]
    def events
      found = RescuePage.new(@page.worked, RescueInput.new(@fields))
      raise InvalidInput, found.error || "choose what you see" unless found.trouble || found.result || found.moves.any?

      trouble = found.trouble
      moves = (found.result&.moves || found.moves).map(&:text)
      words = trouble ? trouble.sees : sauce_words(found)
      measured =
        (
          if found.seen_e
            {"e" => found.seen_e.round(3), "how" => found.input.plate_mm ? "plate_test" : "spoon"}
          else
            test_piece(found)
          end
        )
      measured = measured.merge("short" => trouble.stretch) if trouble && !trouble.stretch.zero?
      [
        [
          "saw",
          {
            **measured,
            "words" => words,
            "do" => [trouble&.do, *moves].compact,
            "caution" => trouble&.caution,
            "right" => trouble.nil? && moves.empty?
          }
        ],
        *later(found.result)
      ]
    end

    private

    def sauce_words(found)
      if found.input.plate_mm
        "the rings read #{found.input.plate_mm.round} mm"
      else
        "the spoon #{Families::Sauce::Grade.fetch(found.input.seen).does}"
      end
    end

    # What one piece says of all the bowl: how much more, or less, its flours drink than was reckoned.
    def test_piece(found)
      move = found.moves.find { |one| %w[wetter drier thicken dilute].include?(one.kind) && one.grams.to_f.positive? }
      return {} unless move && found.swap.respond_to?(:flours)

      drinks =
        %w[wetter dilute].include?(move.kind) ? more_liquid(found.swap, move.grams) : more_flour(found.swap, move.grams)
      drinks ? {"drink" => drinks.round(4)} : {}
    end

    def more_liquid(swap, grams) = swap.liquid&.grams&.value&.then { |liquid| (liquid + grams) / liquid }
    def more_flour(swap, grams) =
      swap.flours.sum { |line| line.grams.value }.then { |flour| flour.positive? ? flour / (flour + grams) : nil }

    # What mending a sauce takes is added to this step, and moves all that comes after it.
    def later(result)
      minutes = result&.moves&.first&.minutes.to_f
      return [] unless minutes.positive?

      all = (@page.step.minutes.to_f + minutes).round(1)
      [
        [
          "moved",
          {
            "words" =>
              "Mending it takes about #{Recipes::WeighedLine.tenths(minutes.round(1))} min: everything after it is later by that.",
            "minutes" => {
              @page.dish.step.to_s => all
            }
          }
        ]
      ]
    end
  end
end
