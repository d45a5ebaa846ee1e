# frozen_string_literal: true

module Restauro
  module Dishes
    # When each step of a method begins for one pair of hands: what needs none (rest, chill, oven) runs while the hands
    # go on with another part; a part waits for what it put away. Plain step hashes in, since a kept dish is drawn as
    # well.
    module Timeline
      # index of the step · from, to minutes from the start · attended whether the hands are on it
      Slot = Struct.new(:index, :from, :to, :attended, keyword_init: true)
      UNTIMED = {"set_out" => :set_out_minutes, "mix" => :mix_minutes, "shape" => :shape_minutes}.freeze
      OVEN = "the oven"

      module_function

      # @param steps [Array<Hash>] kind, part, minutes, batches, attended   @return [Array<Slot>]
      def of(steps)
        hands, until_ready, slots = 0.0, Hash.new(0.0), []
        steps.each_with_index do |step, index|
          minutes = minutes_of(step) or next
          from = [hands, ready(step, until_ready)].max
          slots << Slot.new(index: index, from: from, to: from + minutes, attended: step[:attended] != false)
          step[:attended] == false ? until_ready[place(step)] = from + minutes : hands = from + minutes
        end
        slots
      end

      # All of it, from the first to the last.   @return [Float] min
      def minutes(steps) = of(steps).map(&:to).max || 0.0

      # @param step [Hash] of a report   @return [Float] min, all batches
      def minutes_of(step)
        return step[:minutes] * (step[:batches] || 1) if step[:minutes]&.positive?

        Constants.fetch(:dishes, UNTIMED.fetch(step[:kind])) if UNTIMED.key?(step[:kind])
      end

      # @return [String] what a step is drawn beside: the oven, or its part
      def place(step) = step[:kind] == "preheat" ? OVEN : step[:part]

      # What a step has to wait for: its own part; the oven; of a step for the whole dish, everything.
      def ready(step, until_ready)
        return until_ready.values.max || 0.0 if step[:part].nil? && !%w[set_out preheat].include?(step[:kind])

        [until_ready[step[:part]], (until_ready[OVEN] if %w[bake prebake].include?(step[:kind]))].compact.max
      end
    end
  end
end
