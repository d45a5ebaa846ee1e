module Restauro
  module Presenters
    # A swap's snapshot in the words and shapes of the page.
    class SwapView
      include DishWords

      attr_writer :format

      # How this house writes.
      def format = @format || Format

      MOMENTS = {"pan" => "in the pan", "plate" => "on the plate", "fridge" => "tomorrow, from the fridge"}.freeze

      attr_reader :snapshot

      def initialize(snapshot, pull: true)
        @snapshot = snapshot
        @pull = pull
      end

      def family = "sauce"
      # Whether eggs alone hold it (a sauce).
      def emulsion? = snapshot[:emulsion] || false
      # Of a sauce that takes no thickener.   @return [Float, nil]
      def boil_down_minutes = thickeners.empty? && !emulsion? ? snapshot[:minutes] : nil
      # What a family's view has beside its amounts; each where it has it.
      def minutes_words = nil
      def surer_words = nil
      def filling_words = nil
      def lift = nil
      # What the water is for that the swap brings in.
      def water_words = snapshot[:school] == "slurry" ? ", for the slurry" : ""
      def thickeners = snapshot[:thickeners]
      def method_steps = snapshot[:method]
      def moments = snapshot[:look_fors]
      def moment_name(moment) =
        if moment[:minute]
          "after #{Format.minutes_text((moment[:minute] * 2).round / 2.0)} min"
        else
          MOMENTS.fetch(moment[:when])
        end
      def spoon(moment) = Spoon.new(moment).to_s
      def chart = CourseChart.new(snapshot[:picture], pull: @pull).to_s
      def ribbon(row) = (@ribbons ||= Ribbons.new(snapshot[:rows])).draw(row)
      def recipe_text = WrittenSnapshot.of(snapshot, format: format).to_text
      def alternatives = snapshot[:alternatives]
      # Who eats, in a swap kept since eaters were known.
      def diet = snapshot[:diet]

      # What an alternative takes.
      def other_amount(other) =
        Format.list(other[:names].zip(other[:grams]).map { |name, grams| "#{Format.grams(grams)} g #{name}" })
      # The form's field that chooses it, and what to put there.
      def other_field = "with"
      def other_value(other) = other[:with].join(",")
      # The lists it sets, which are not drawn again.
      def other_lists(other) = {other_field => other_value(other)}

      # Where an alternative stands in the cupboard.   @return [String, nil]
      def at_hand(other)
        return unless other[:at_hand]

        [
          "in the cupboard#{", but too little" unless other[:enough]}",
          (format.money(other[:price]) if other[:price])
        ].compact.join(", ")
      end

      def instead_of
        words = snapshot[:replaced].map do |line|
          [line[:grams]&.then { |grams| "#{Format.grams(grams)} g" }, line[:name]].compact.join(" ")
        end
        words.empty? ? "As the recipe has it" : "Instead of #{Format.list(words)}"
      end

      # Spoons of all thickeners, with how far they are off where it matters.   @return [String] HTML
      def spoons
        thickeners
          .map do |line|
            next "as much as it takes" unless line[:grams]
            next "#{Format.grams(line[:grams])} g: weigh it" unless line[:measure]

            error = Format.measure_error(line[:measure_error_pct])
            "#{Format.measure(line[:measure])}#{" <span class=\"quiet\">(#{error})</span>" if error}"
          end
          .join(" and ")
      end

      # Grams of all thickeners, where the spoons stand first.
      def grams_beside =
        Format.list(thickeners.map { |line| line[:grams] ? "#{Format.grams(line[:grams])} g" : "as much as it takes" })
      def give_or_take =
        if thickeners.all? { |line| line[:low] }
          "give or take #{Format.list(thickeners.map { |line| half_width(line) })}"
        else
          ""
        end

      def half_width(line)
        half = (line[:high] - line[:low]) / 2
        "#{half < 1 ? Format.grams(half) : half.round} g"
      end

      def how
        if snapshot[:school] == "reduction"
          return "no thickener: boiled down until #{snapshot[:left_g]} g of liquid are left"
        end
        if snapshot[:school] == "slurry" && snapshot[:slurry_water_g].to_f.positive?
          return "stirred into #{Format.grams(snapshot[:slurry_water_g])} g cold water, poured in at the boil"
        end

        if snapshot[:school] == "slurry"
          "whisked into the cold liquid, then boiled"
        else
          "cooked in the fat, then the liquid cold, all at once"
        end
      end

      def texture_words
        "#{snapshot[:target][:does]} (#{snapshot[:target][:grade].tr("_", " ")})"
      end

      def band_words(moment)
        low, high = moment.values_at(:low_grade, :high_grade)
        low == high ? "" : ", between #{low.tr("_", " ")} and #{high.tr("_", " ")}"
      end
    end
  end
end
