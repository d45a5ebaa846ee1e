module Restauro
  module Families
    # Doughs that are shaped and boiled. Master metric: the water ratio, with the stretch that gluten had. Pasta and
    # Gnocchi are its two families.
    class Dough
      %w[
        Boiling
        Cautions
        Contents
        Declarations
        Lines
        Method
        Mend
        Options
        Picture
        Prediction
        Report
        Rolling
        School
        Shape
        Stays
        Swapper
        Trials
        Writer
      ].each { |name| autoload name.to_sym, "restauro/families/dough/#{name.downcase}" }
      autoload :Kernel, "restauro/families/dough/kernel"
      autoload :Keeping, "restauro/families/dough/keeping"
      autoload :Swap, "restauro/families/dough/swap"
      autoload :Alternative, "restauro/families/dough/swap"
      autoload :HandShapes, "restauro/families/dough/hand_shapes"
      autoload :FillingSteps, "restauro/families/dough/filling_steps"
      autoload :Formula, "restauro/families/dough/formula"
      autoload :MixSteps, "restauro/families/dough/mix_steps"
      autoload :Ribbon, "restauro/families/dough/ribbon"
      autoload :RopeSaid, "restauro/families/dough/rope_said"
      autoload :SteamSteps, "restauro/families/dough/steam_steps"
      autoload :PotSteps, "restauro/families/dough/pot_steps"
      autoload :Solver, "restauro/families/dough/formula"

      include Declarations

      attr_reader :key, :catalogue

      # @param key [String] pasta or gnocchi
      def initialize(key, catalogue)
        @key = key
        @catalogue = catalogue
        freeze
      end

      # A dough is read as it stands.   @return [Recipes::Recipe]
      def read(recipe) = recipe

      # @return [Options]   @raise [InvalidInput]
      def options(**choices) = Options.new(family: key, **choices)
      def event(text) = raise(InvalidInput, "a dough has no events, got '#{text}'")

      # @return [Prediction]   @raise [InvalidInput]
      def predict(recipe, options) = Prediction.new(recipe, catalogue, options)
      # @return [Swap]   @raise [InvalidInput]
      def swap(recipe, options) = Swapper.new(catalogue, recipe, options).swap
      # @param swap [Swap]   @return [Array<Step>] in working order
      def steps(swap) = Method.new(swap, catalogue).steps
      # @return [Array<String>] what to look for, step by step
      def look_fors(swap) = steps(swap).filter_map(&:look_for)
      # What to do with the rest of the dough by what a test piece did.   @return [Array<Mend::Move>]
      def mend(swap, trouble:) = Mend.moves(swap, trouble, catalogue)
      # @return [Hash] the numbers that its pictures draw
      def picture(swap) = Picture.new(swap).to_h
      # @param result [Prediction, Swap]   @return [Hash] in the command line's fixed words
      def report(result) =
        Report
          .new(self, catalogue)
          .then { |report| result.is_a?(Swap) ? report.swap(result) : report.prediction(result) }

      # The schools that a diet leaves for a shape.   @return [Array(Array<School>, Array<School>)] left and out
      def schools(options) =
        School
          .all
          .select { |school| school.for?(options.shape) }
          .partition { |school| school.open?(catalogue, options) }
    end
  end
end
