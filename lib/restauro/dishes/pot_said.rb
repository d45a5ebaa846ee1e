# frozen_string_literal: true

module Restauro
  module Dishes
    # A pot that cooks by itself: a slow cooker on low or high, a pressure cooker.   say "slow cooker, lid on, on low"
    #   minutes min · caution what it does to a sauce
    PotSaid = Value.of(:say, :minutes, :caution) do
      # Behind what goes tender in it, before what needs minutes alone.
      # @param steps [Array<Families::Step>] of a sauce
      # @param companions [Families::Companions] of the same sauce   @return [Array<Families::Step>]
      def put_into(steps, companions)
        slow = companions.slow
        at = steps.rindex { |step| step.uses.any? { |line| slow.any? { |one| one.equal?(line) } } } or return steps
        [*steps[0..at], step(companions.safety(slow)), *steps[(at + 1)..]]
      end

      # "slow cooker, lid on, on low, 480 min"
      def to_s = "#{say}, #{minutes.round} min"

      private

      def step(safety) =
        Families::Step.new(kind: "simmer", text: "Into the #{say}.", minutes: minutes, attended: false, safety: safety,
                           look_for: "a fork goes in and out", caution: caution)
    end

    class << PotSaid
      SLOW, PRESSURE, LOW, HIGH =
        DataFiles.words("dishes/words.yml").values_at(:slow_cooker, :pressure_cooker, :on_low, :on_high)
      THINS = "Hours of heat thin starch: look at the end; a spoon of starch in cold water brings it back."
      CATCHES = "A thick sauce catches under pressure: half of it thin in the pot, the starch stirred in after."
      private_constant :SLOW, :PRESSURE, :LOW, :HIGH, :THINS, :CATCHES

      # @param sentences [Array<String>] title and steps   @return [Array(PotSaid, String), nil] with where it was read
      def of(sentences)
        return slow(sentences) if sentences.any?(SLOW)

        said(sentences, [PRESSURE]) { |minutes, _| new(say: "pressure cooker", minutes: minutes, caution: CATCHES) }
      end

      private

      def slow(sentences)
        said(sentences, [LOW, HIGH, SLOW]) do |minutes, text|
          heat = text.match?(HIGH) ? "high" : "low"
          new(say: "slow cooker, lid on, on #{heat}", minutes: minutes, caution: THINS)
        end
      end

      # The first sentence with such words that says a time.
      def said(sentences, words)
        said = words.lazy.flat_map { |word| sentences.grep(word) }
        found = said.find { |text| Recipes::TimeSaid.of(text).any? } or return
        [yield(Recipes::TimeSaid.of(found).first, found), found]
      end
    end
  end
end
