# frozen_string_literal: true

module Restauro
  module Dishes
    # Vegetables that lie under or between a sauce: raw slices, and what is boiled and drained first.   Needs list.
    module PlainLayers
      private

      def laid?(lines) = lines.all? { |line| Bake.laid?(line) }

      def drained?(lines) = lines.all? { |line| Plain.drained?(line) }

      def drained(lines)
        [
          Families::Step.new(
            kind: "boil",
            text: "Boil #{list(lines)} in salted water; drain well, and let the steam go off.",
            uses: lines,
            minutes: Constants.fetch(:making, :drained_minutes),
            look_for: "a knife goes in with a push: it goes on cooking"
          )
        ]
      end

      # Aubergine and the like, by the dish's name or with oil to fry it in, floured or not, and a sauce of its own.
      def fried_slices?(lines) = to_fry(lines).any? && to_fry(lines).length < lines.length

      def to_fry(lines)
        oil = lines.any?(&:to_fry_in?)
        lines.select do |line|
          line.kind == Recipes::SlicedByName::FRIED || (oil && line.text.match?(Recipes::ToDredge::SLICES))
        end
      end

      def fried_slices(lines)
        fried = to_fry(lines)
        dust, oil = lines.select { |line| dusts?(line) }, lines.select(&:to_fry_in?)
        turned = "turn slices of #{list(fried)} in #{list(dust)}, shake it off, and fry them"
        turned = "fry slices of #{list(fried)}" if dust.empty?
        fat = oil.any? ? list(oil) : "a film of oil"
        fry = Families::Step.new(kind: "fry", uses: [*fried, *dust, *oil], look_for: "brown, and soft when pressed",
                                 text: "#{name}: #{turned} in #{fat}, a layer at a time; onto paper.",
                                 minutes: Constants.fetch(:making, :brown_minutes), safety: ["hot_oil"])
        rest = lines - fry.uses
        [fry, *(steps(rest) if rest.any?)]
      end

      # Flour or starch without an amount, or told to be for that.
      def dusts?(line) =
        %w[flour starch thickener].include?(line.role) &&
          (line.grams.nil? || line.own_text.match?(Recipes::ToDredge::WORDS))

      # Raw slices stay raw; what would swim is fried first, or roasted where its recipe does so.
      def laid(slices)
        lines = slices.select { |line| Bake.fried_layer?(line) }
        return [] if lines.empty?

        oven, minutes = roasted(lines)
        return roasted_steps(lines, oven, minutes) if oven

        [
          Families::Step.new(
            kind: "brown",
            text: "Brown the slices of #{list(lines)} on both sides in oil, a layer at a time; onto paper.",
            uses: lines,
            minutes: Constants.fetch(:making, :brown_minutes),
            look_for: "brown, and soft when pressed"
          )
        ]
      end

      # @param name [String] what they are called besides
      # @return [Array(Kitchen::OvenTemperature, Float), nil] as a step that names them says it, and its min
      def roasted(lines, name = "")
        stems = [name, *lines.map { |line| line.name_text.to_s }].flat_map { |words| Timing.stems(words) }
        text = Recipes::Sentences.of_steps(@part.recipe.lines).grep(SaidSentences::ROASTED)
                    .find { |sentence| stems.any? { |stem| sentence.downcase.include?(stem) } }
        oven, minutes = OvenSaid.of(text), Recipes::TimeSaid.of(text).last if text
        [oven, minutes] if oven && minutes
      end

      def roasted_steps(lines, oven, minutes)
        [Families::Step.new(kind: "preheat", text: "Heat the oven to #{oven.say}.", celsius: oven.celsius,
                            minutes: Constants.fetch(:crust, :preheat_minutes)),
         Families::Step.new(kind: "bake", uses: lines, celsius: oven.celsius, minutes: minutes,
                            text: "Brush the slices of #{list(lines)} with oil, side by side on a tray; roast at " \
                                  "#{oven.say}.",
                            look_for: "brown, and soft when pressed")]
      end
    end
  end
end
