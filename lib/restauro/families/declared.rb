module Restauro
  module Families
    # What a family says about itself, so that nobody outside has to ask which family it is. These are the answers of
    # one that has nothing to add; a family's own stand in the file declarations.rb of its folder.
    #   Needs key and catalogue.
    module Declared
      # Choices that every family knows.
      ANY = %i[without offer altitude].freeze

      # @return [Array<Symbol>] the choices that its options know
      def choices = ANY
      # @return [Symbol] what it solves for: flour_equivalents, water_ratio or coat
      def metric = :water_ratio
      # Whether an ingredient can do its flour's work.
      def takes?(ingredient) = ingredient.starchy?
      # @return [Array<String>] keys of its ways of working
      def ways = []
      # Whether a texture is one of its scale.
      def texture?(value) = Hydration::Rung.all.map(&:key).include?(value.to_s) || number?(value)
      # How it can be said to have come out.   @return [Hash{String => String}]
      def textures = Hydration::Rung.all.to_h { |rung| [rung.key, "#{rung.key.tr("_", " ")}: #{rung.says}"] }
      # What the spoon can show, to be tapped.   @return [Array<Sauce::Grade>]
      def grades = []

      # What the recipe's text says that is this family's to know.
      # @param place [Dishes::Place]
      # @param shared [Hash] choices for the whole dish
      def told(_place, _shared) = {}
      # What is usual where nobody chose and the recipe does not say.
      # @param recipe [Recipes::Recipe] as read
      # @param chosen [Hash]
      def usual(_place, _recipe, _chosen) = {}
      # Parts that this one holds: under its crust, inside its pieces.   @return [Array<Integer>]
      def holds(_place) = []

      # What a probe should see.
      # @return [Array(String, Array, Float or nil)] what it is put into, [minutes, C] points or nil, C when done
      def expected(swap)
        points = swap.ours.section&.points if swap.ours.respond_to?(:section)
        [
          "the middle of a piece",
          points&.map { |point| [point.minutes, point.centre] },
          swap.ours.cooked_piece&.food&.done_celsius
        ]
      end

      # The bowl of a line that is in no filling and no gel; nil for the one of its kind.   @param way [String, nil]
      def bowl(_line, _way) = nil

      private

      def number?(value) = !Float(value.to_s, exception: false).nil?
    end
  end
end
