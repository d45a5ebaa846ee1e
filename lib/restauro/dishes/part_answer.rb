# frozen_string_literal: true

module Restauro
  module Dishes
    # What becomes of one part.   part Part · family object or nil · swap the family's own swap or nil · pairs each
    # wheat line with those in its place
    #   steps Array of Families::Step · warnings · substitutions · failed the error where the family could not do it, or
    #   nil
    PartAnswer =
      Struct.new(:part, :family, :swap, :pairs, :steps, :warnings, :substitutions, :failed, keyword_init: true) do
        def initialize(swap: nil, family: nil, failed: nil, **)
          super
          freeze
        end

        # @return [String]
        def name = part.name
        # The same with other values.   @return [PartAnswer]
        def with(**changes) = PartAnswer.new(**to_h.merge(changes))
        # @return [Array<Recipes::Line>] our lines, titles left out
        def lines = pairs.flat_map(&:last).reject(&:words?)
        # A batter that is poured thin: it goes around something.
        def pancakes? = batter? && swap.ours.style == "pancake"
        # A batter that is shared among cups: something goes into it.
        def puddings? = batter? && swap.ours.in_cups?
        def batter? = family&.key == "batter" && !swap.nil?
        # Spoonfuls that go onto a stew.
        def dropped? = family&.key == "gnocchi" && !swap.nil? && swap.ours.options.shape == "spooned"
        # Whether nothing of wheat had to be replaced.
        def untouched? = swap.nil? || swap.replaced.empty?
      end
  end
end
