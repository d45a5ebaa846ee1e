# frozen_string_literal: true

module Restauro
  module Learning
    # An oven as its trials showed it.   slowness times the reckoned minutes · offset_k K hotter inside than its knob
    # says, 0 where not known
    #   hotter Array of left, right, front, back   trials that told of its minutes
    Oven = Struct.new(:slowness, :offset_k, :hotter, :trials, keyword_init: true) do
      # @param kitchen [Kitchen]   @param way [String, nil] fan or basket
      def self.of(kitchen, way: nil)
        slow = ["oven", *("oven #{way}" if way)]
        factor = slow.map { |key| kitchen.factor(key) }.reduce(:*)
        off = kitchen.tells?("oven offset") ? Oven.kelvin(kitchen.factor("oven offset")) : 0.0
        new(
          slowness: Kitchen.near?(factor) ? 1.0 : factor,
          offset_k: off,
          hotter: [*side(kitchen, "oven side", "left", "right"), *side(kitchen, "oven depth", "front", "back")],
          trials: slow.map { |key| kitchen.beliefs[key]&.trials.to_i }.max
        )
      end

      # An offset is kept as a logarithm like all else: so many kelvin to one.
      def self.kelvin(factor) = Math.log(factor) * Constants.fetch(:learning, :offset_scale_k)
      # @return [String, nil] which of two words a factor that is known speaks for
      def self.side(kitchen, key, less, more) = kitchen.tells?(key) ? (kitchen.factor(key) > 1 ? more : less) : nil

      def initialize(**)
        super
        freeze
      end

      # As the book has it.
      def plain? = slowness == 1.0 && offset_k.zero? && hotter.empty?
      # What its knob is set to for so much inside.   @return [Integer] C, in steps of five
      def knob(celsius) = ((celsius - offset_k) / 5).round * 5
    end
  end
end
