# frozen_string_literal: true

module Restauro
  module Practice
    # A dough between the hands: how wet it feels is the water it has over what its flour has drunk so far; a flour and
    # a husk drink for minutes.
    class Hands
      def initialize(lesson, acts, seconds, catalogue)
        @lesson, @acts, @seconds = lesson, acts, seconds
        @flour = catalogue.fetch(lesson.row["flours"]["key"])
        @binder = catalogue.fetch(lesson.row["binder"]["key"])
        @water = catalogue.fetch("water")
      end

      # @return [Hash] ratio felt, rested, stretch, rung, pressed
      def scene =
        {
          ratio: felt,
          rested: rested,
          stretch: stretch,
          rung: rung.key,
          says: hand_words,
          pressed: pressed?,
          minutes: @seconds / 60
        }
      # @return [String] what is to be felt now
      def words = "After #{(@seconds / 60).round} minutes it #{hand_words}."

      # @return [Hash{String => String}] what can be done now
      def tools
        names = {
          "water" => "A spoon of water (#{spoon(:water).round} g)",
          "flour" => "A spoon of flour (#{spoon(:flour).round} g)",
          "rest" => "Cover it: #{Constants.fetch(:practice, :covered_minutes).round} minutes",
          "press" => "Press it and bend it"
        }
        @lesson.tools.to_h { |tool| [tool, names.fetch(tool)] }.merge("now" => "Now: roll it out")
      end

      # @return [Verdict, nil] once it is shaped
      def verdict
        ratio = rested
        low, high = wanted.lower, wanted.upper
        fault = ratio < low ? "too_dry" : (ratio > high ? "too_wet" : nil)
        Verdict.new(
          fault: fault,
          words: "Rested, it is #{Hydration::Rung.of(ratio).says}; you wanted #{wanted.says}",
          hit: fault.nil?
        )
      end

      # Free water over held, when all has drunk.
      def rested = Hydration::WaterRatio.of(parts)
      # As it feels now: what has not been drunk yet is wet.
      def felt = rested / drunk

      private

      def done(what) = @acts.select { |act| act.what == what && act.seconds <= @seconds }
      def spoon(what) = Constants.fetch(:practice, what == :water ? :spoon_of_water_g : :spoon_of_flour_g)
      def wanted = Hydration::Rung.fetch(@lesson.wants)
      def rung = Hydration::Rung.of(felt)
      def stretch = Hydration::Stretch.of(parts)
      def pressed? = done("press").last&.seconds.to_f > [done("water"), done("flour")].flatten.map(&:seconds).max.to_f

      def parts
        flour = Float(@lesson.row["flours"]["all"]) + done("flour").length * spoon(:flour)
        water = @lesson.number("water") + done("water").length * spoon(:water)
        [[@flour, flour], [@binder, Float(@lesson.row["binder"]["g"])], [@water, water]]
      end

      # Since the last thing went in.
      def drunk
        at_once = Constants.fetch(:practice, :rest_share_at_once)
        last = [done("water"), done("flour")].flatten.map(&:seconds).max || 0.0
        1 - (1 - at_once) * Math.exp(-(@seconds - last) / (60 * Constants.fetch(:practice, :rest_minutes)))
      end

      def hand_words
        low, high = wanted.lower, wanted.upper
        return "cracks when it is bent" if felt < low

        felt > high ? "sticks to the hands" : "springs back and bends without a crack"
      end
    end
  end
end
