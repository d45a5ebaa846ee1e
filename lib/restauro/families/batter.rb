module Restauro
  module Families
    # Batters: to coat with, to pour, to raise. Master metric: the water ratio.
    class Batter
      %w[
        Balance
        Beforehand
        Cautions
        Cooking
        Declarations
        Dipped
        Dusted
        Leavening
        Lines
        Method
        Options
        Patties
        Prediction
        Report
        Rescue
        Resting
        Style
        Swapper
        Tin
      ].each { |name| autoload name.to_sym, "restauro/families/batter/#{name.downcase}" }
      autoload :CookedThere, "restauro/families/batter/cooked_there"
      autoload :FriedIn, "restauro/families/batter/fried_in"
      autoload :HotTin, "restauro/families/batter/hot_tin"
      autoload :InADish, "restauro/families/batter/in_a_dish"
      autoload :Muffins, "restauro/families/batter/muffins"
      autoload :InFat, "restauro/families/batter/in_fat"
      autoload :OnATray, "restauro/families/batter/on_a_tray"
      autoload :Pancakes, "restauro/families/batter/pancakes"
      autoload :RoastedFirst, "restauro/families/batter/roasted_first"
      autoload :Swap, "restauro/families/batter/swap"
      autoload :Alternative, "restauro/families/batter/swap"

      # A cooked section as plain numbers, for any coated piece.   @return [Hash, nil]
      def self.section(prediction)
        found = prediction.section or return
        piece = prediction.cooked_piece
        {
          thickness_mm: piece.millimetres,
          coat_mm: 1000 * prediction.coat_m,
          crisp: found.crisp,
          done: found.done,
          brown: found.brown,
          burnt: found.burnt,
          done_celsius: piece.food.done_celsius,
          name: piece.name,
          around: prediction.options.around.celsius,
          points:
            found.points.map do |point|
              {
                minutes: point.minutes,
                centre: point.centre,
                surface: point.surface,
                coat_water: point.coat_water,
                profile: point.profile
              }
            end
        }
      end

      include Declarations

      attr_reader :catalogue

      def initialize(catalogue)
        @catalogue = catalogue
        freeze
      end

      # A batter is read as it stands, but for what its pieces are dusted with and fried in.   @return [Recipes::Recipe]
      def read(recipe) = FriedIn.of(Dusted.of(recipe))
      # @return [Options]   @raise [InvalidInput]
      def options(**choices) = Options.new(**choices)
      def event(text) = raise(InvalidInput, "a batter has no events, got '#{text}'")

      # @return [Prediction]   @raise [InvalidInput]
      def predict(recipe, options) = Prediction.new(recipe, catalogue, options)

      # @return [Swap]   @raise [InvalidInput]
      def swap(recipe, options) = Swapper.new(catalogue, recipe, options, predict(recipe, options)).swap

      # @param swap [Swap]   @return [Array<Step>] in working order
      def steps(swap) = Method.new(swap, catalogue).steps
      # What to look for: in the bowl, on the piece, at the heat.   @return [Array<String>]
      def look_fors(swap) = steps(swap).filter_map(&:look_for)
      # @return [Array<Rescue::Move>]   @param observed [Float] ratio
      def mend(swap, observed:) = Rescue.moves(swap, observed, catalogue)

      # @return [Hash] the ladder with both ratios, and the section's points where there is a piece and a heat
      def picture(swap)
        {
          rungs:
            Hydration::Rung.all.map { |rung| {key: rung.key, lower: rung.lower, upper: rung.upper, says: rung.says} },
          target: swap.target,
          wheat: estimate(swap.wheat.ratio),
          ours: estimate(swap.ours.ratio),
          section: Batter.section(swap.ours),
          by_the_piece: swap.ours.by_the_piece?
        }
      end

      # @param result [Prediction, Swap]   @return [Hash] in the command line's fixed words
      def report(result) =
        Report
          .new(self, catalogue)
          .then { |report| result.is_a?(Swap) ? report.swap(result) : report.prediction(result) }

      private

      def estimate(ratio) = ratio && {value: ratio.value, low: ratio.low, high: ratio.high}
    end
  end
end
