# frozen_string_literal: true

module Restauro
  module Dishes
    # What the recipe's own text says of oven, tin, minutes, pieces: the cook's word, each with the line it was read
    # from.
    #   oven Kitchen::OvenTemperature, blind_oven the one of an empty crust where it is another, blind_minutes
    #   Array of its min, under weights and without · pan Kitchen::BakingPan
    #   bake_minutes, simmer_minutes, steam_minutes min · makes how many · oil "180C", "175C shallow" or nil
    #   turned TurnedDown, where the oven is set anew · baked whether it goes into an oven at all, grills whether it
    #   browns under a grill · pot PotSaid, one that cooks by itself · bakes [min, oven or nil], each time it is baked
    #   simmers, fries, boils and rests Array of Timing, each time on the stove, in fat, in water, of a batter
    #   that stands · from Hash of name => line
    Said = Value.of(:oven, :blind_oven, :blind_minutes, :pan, :bake_minutes, :turned, :simmer_minutes, :steam_minutes,
                    :makes, :oil, :pot, :baked, :grills, :bakes, :simmers, :fries, :boils, :rests, :from) do
      # Meat that goes tender under a lid in the oven, and not on the stove before; poultry on its bones too.
      # @param parts [Array<Part>]
      def stewed_in_the_oven?(parts) =
        baked && bake_minutes.to_f >= Constants.fetch(:dishes, :oven_stew_minutes) &&
          parts.none? { |part| part.role == :shell } &&
          parts.flat_map(&:lines).any? { |line| line.kind == "whole_meat" || Families::CompanionKinds.joint?(line) }

      # A crust in a basin over water: as long as is said, else by its name.   @return [Float, nil] min
      def steamed(title) =
        steam_minutes || (Constants.fetch(:crust, :steam_minutes) if oven.nil? && title.to_s.match?(Said::STEAMED_TITLE))

      # Option names with what was read.   @return [Array<Hash>]
      def to_a = from.map { |name, line| {option: name.to_s, line: line} }
    end

    Said::STEAMED_TITLE = DataFiles.words("dishes/words.yml").fetch(:steamed_title)

    class << Said
      include SaidSentences
      include SaidMinutes

      # No oven is meant.
      A_POT = DataFiles.words("dishes/words.yml").fetch(:oven_that_is_a_pot)
      BAKED_TITLE = DataFiles.words("dishes/words.yml").fetch(:baked_title)
      # "Steak pie gravy" is poured.
      POURED_TITLE = DataFiles.words("dishes/words.yml").fetch(:poured_title)
      ON_THE_STOVE = DataFiles.words("dishes/words.yml").fetch(:on_the_stove)
      GRILLED_NAME = DataFiles.words("dishes/words.yml").fetch(:grilled_by_name)
      GRILLS = DataFiles.words("dishes/words.yml").fetch(:grills)
      STEAMS = DataFiles.words("dishes/words.yml").fetch(:steams)
      NO_OVEN = DataFiles.words("dishes/words.yml").fetch(:no_oven)
      HOT_TIN = DataFiles.words("dishes/words.yml").fetch(:fat_in_its_tin)
      PAN_WORD, DRY_PAN = DataFiles.words("dishes/words.yml").values_at(:pan, :a_dry_pan)
      # "Spread 1.5cm thick on a tray", "cut 5cm rounds": no tin is meant.
      THICKNESS = /\d+(?:[.,]\d+)?\s*-?\s*(?:cm|mm|in(?:ch(?:es)?)?)\s*-?
        (?:thick\w*|rounds|circles|squares|slices|strips|pieces|cubes|ropes|apart)\b/ix
      PAN_FRIED = /\bpan[- ]?fr(?:y|ied)\w*/i
      # @param recipe [Recipes::Recipe]   @param roasts [Boolean] whether what is said of a roast is asked for
      # @return [Said]
      def of(recipe, roasts: false)
        words = recipe.lines.select(&:words?).map { |line| line.text.gsub(A_POT, "pot") }
        sentences = sentences(words)
        sentences = sentences.reject { |text| Roast.step?(text) } if !roasts && Roast.alone?(recipe)
        sentences = without_roasted(sentences, recipe.title.to_s) unless roasts
        baking = filled_first(sentences)
        found = {
          oven: oven(baking),
          blind_oven: oven(blind(sentences)),
          blind_minutes: BlindSaid.of(sentences),
          pan: pan(sentences),
          bake_minutes: bake_minutes(sentences, baking),
          turned: first_in(baking) { |text| TurnedDown.of(text) },
          simmer_minutes: minutes(on_the_stove(sentences, oven(baking)&.last), SIMMERS) || stewed_first(baking),
          steam_minutes: minutes(sentences, STEAMS),
          makes: first_in(words) { |text| CountSaid.of(text, title: text.equal?(words.first)) },
          oil: FatSaid.of(recipe, sentences),
          pot: PotSaid.of(sentences)
        }.compact
        found.delete(:turned) unless found[:turned]&.last.to_s.include?(found[:bake_minutes]&.last.to_s)
        grills = sentences.drop(1).any? { |text| text.match?(GRILLS) } || recipe.title.to_s.match?(GRILLED_NAME)
        baked = found.key?(:oven) || baked?(sentences, words.first.to_s, grills, found.key?(:simmer_minutes))
        units = Recipes::UnitClues.line(recipe.lines.map(&:text), recipe.system)
        from = found.except(:turned).transform_values(&:last).merge({units: units}.compact)
        new(**found.transform_values(&:first), baked: baked, grills: grills, bakes: bakes(baking),
            simmers: Timing.all(words, simmered(on_the_stove(sentences, oven(baking)&.last))),
            fries: Timing.all(words, timed(sentences, FRIES)), boils: Timing.all(words, timed(sentences, BOILS)),
            rests: Timing.all(words, timed(before_its_heat(sentences), RESTS)),
            from: from.transform_values(&:strip).freeze)
      end

      private

      # @return [Array(Float, Kitchen::OvenTemperature)] min, and at what, where that is said
      def bakes(sentences) =
        timed(sentences, BAKES).map { |text| [Recipes::TimeSaid.of(text).first, OvenSaid.of(text)] }.freeze
      def timed(sentences, words) = sentences.grep(words).select { |text| Recipes::TimeSaid.of(text).any? }

      # Also of meat that is poached, by words of its own.
      def simmered(sentences) =
        sentences.select { |text| (text.match?(SIMMERS) || Recipes::Poached.step?(text)) && Recipes::TimeSaid.of(text).any? }

      # On the stove; or in an oven that is not the bake's: "Cook the stew for 2 hours at 160C. Top it, bake at 200C."
      # @return [Array<String>] sentences
      def on_the_stove(sentences, bake)
        filled = sentences.grep_v(BLIND)
        stove = filled.reject { |text| OvenSaid.of(text) }
        timed(stove, SIMMERS).any? ? stove : filled - [bake]
      end

      def baked?(sentences, title, grills, simmers) =
        sentences.drop(1).any? { |text| text.match?(BAKES) } || (!grills && baked_by_name?(title, simmers))

      # A casserole that simmers does so on the stove.
      def baked_by_name?(title, simmers) =
        (title.match?(BAKES) || title.match?(BAKED_TITLE)) && !title.match?(POURED_TITLE) &&
          !(simmers && title.match?(ON_THE_STOVE))

      def first_in(texts) = texts.lazy.filter_map { |text| (yield text)&.then { |value| [value, text] } }.first

      def oven(texts)
        first_in(texts) do |text|
          next if text.match?(NO_OVEN) && !text.match?(BAKES) && !text.match?(HOT_TIN)

          OvenSaid.of(text)
        end
      end

      def pan(texts)
        first_in(texts.map { |text| text.gsub(PAN_FRIED, "fry").gsub(THICKNESS, "") }) do |text|
          next if !text.match?(PAN_WORD) || text.match?(DRY_PAN)

          Kitchen::BakingPan.parse(text) ||
            (text.match?(/\d\s*-?\s*(?:cm|in\b|inch)/i) ? Kitchen::BakingPan.parse("#{text} round") : nil)
        rescue InvalidInput
          nil
        end
      end
    end
  end
end
