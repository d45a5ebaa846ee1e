module Restauro
  module Families
    # Dry, wet, dry: a dusting, something wet, crumbs; or crumbs over a batter. Master metric: the coat's thickness.
    class Breading
      %w[
        Bath Bound Declarations Layers Lines Method Mixture Pinned Prediction Report Seasoned Swapper Wrapping
      ].each do |name|
        autoload name.to_sym, "restauro/families/breading/#{name.downcase}"
      end
      autoload :ByHand, "restauro/families/breading/by_hand"
      autoload :DustedCakes, "restauro/families/breading/dusted_cakes"
      autoload :FlourAndMeal, "restauro/families/breading/flour_and_meal"
      autoload :Soak, "restauro/families/breading/soak"
      autoload :SqueezedOver, "restauro/families/breading/squeezed_over"
      autoload :Swap, "restauro/families/breading/swap"
      autoload :WrappedEggs, "restauro/families/breading/wrapped_eggs"

      include Declarations

      attr_reader :catalogue

      def initialize(catalogue)
        @catalogue = catalogue
        freeze
      end

      # A coat is read as it stands, but for what binds the cakes in it.   @return [Recipes::Recipe]
      def read(recipe) = Bound.of(recipe)

      # The same choices as a batter's: flour and crumb in with, piece, oven or oil.   @return [Batter::Options]
      def options(target: nil, **choices)
        raise InvalidInput, "a crumb coat keeps the wheat coat's thickness: it has no target, got #{target}" if target

        Batter::Options.new(**choices)
      end

      # @return [Prediction]   @raise [InvalidInput]
      def predict(recipe, options) = Prediction.new(recipe, catalogue, options)
      # @return [Swap]   @raise [InvalidInput]
      def swap(recipe, options) = Swapper.new(catalogue, recipe, options, predict(recipe, options)).swap
      # @param swap [Swap]   @return [Array<Step>] in working order
      def steps(swap) = Method.new(swap, catalogue).steps
      # @return [Array<String>] what to look for, step by step
      def look_fors(swap) = steps(swap).filter_map(&:look_for)

      # @return [Hash] the layers of both coats, and the section's points where there is a piece and a heat
      def picture(swap)
        {wheat: swap.wheat.layers.map(&:to_h), ours: swap.ours.layers.map(&:to_h), section: Batter.section(swap.ours)}
      end

      # @param result [Prediction, Swap]   @return [Hash] in the command line's fixed words
      def report(result) =
        Report
          .new(self, catalogue)
          .then { |report| result.is_a?(Swap) ? report.swap(result) : report.prediction(result) }
    end
  end
end
