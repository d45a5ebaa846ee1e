module Restauro
  module Families
    # Crusts: rolled, pressed, thin, crumbled, of crumbs, bought. Master metric: the water ratio, with the fat beside
    # it.
    class Crust
      %w[
        Baking
        Cautions
        Cover
        Cups
        Declarations
        Depth
        Filling
        Laminated
        Lining
        Mend
        Method
        Options
        Parts
        Picture
        Prediction
        Report
        School
        Sheet
        Style
        Swap
        Swapper
        Trials
        Words
        Writer
      ].each { |name| autoload name.to_sym, "restauro/families/crust/#{name.downcase}" }
      autoload :AsCooked, "restauro/families/crust/as_cooked"
      autoload :BakedBlind, "restauro/families/crust/baked_blind"
      autoload :BlindSteps, "restauro/families/crust/blind_steps"
      autoload :CaseSteps, "restauro/families/crust/case_steps"
      autoload :ByKind, "restauro/families/crust/by_kind"
      autoload :ByThePiece, "restauro/families/crust/by_the_piece"
      autoload :Chilled, "restauro/families/crust/chilled"
      autoload :ColdFilling, "restauro/families/crust/cold_filling"
      autoload :CooledFilling, "restauro/families/crust/cooled_filling"
      autoload :Custard, "restauro/families/crust/custard"
      autoload :FillSteps, "restauro/families/crust/fill_steps"
      autoload :FillingSteps, "restauro/families/crust/filling_steps"
      autoload :FillingSwap, "restauro/families/crust/filling_swap"
      autoload :DoughRest, "restauro/families/crust/dough_rest"
      autoload :DoughSteps, "restauro/families/crust/dough_steps"
      autoload :Dropped, "restauro/families/crust/dropped"
      autoload :FillingMaker, "restauro/families/crust/filling_maker"
      autoload :FillingWarnings, "restauro/families/crust/filling_warnings"
      autoload :FruitFilling, "restauro/families/crust/fruit_filling"
      autoload :FrySteps, "restauro/families/crust/fry_steps"
      autoload :Gathered, "restauro/families/crust/gathered"
      autoload :Glaze, "restauro/families/crust/glaze"
      autoload :Rounds, "restauro/families/crust/rounds"
      autoload :SteamSteps, "restauro/families/crust/steam_steps"
      autoload :StewedFilling, "restauro/families/crust/stewed_filling"
      autoload :GriddleSteps, "restauro/families/crust/griddle_steps"
      autoload :HeatSteps, "restauro/families/crust/heat_steps"
      autoload :ShapeSteps, "restauro/families/crust/shape_steps"
      autoload :NutCaramel, "restauro/families/crust/nut_caramel"
      autoload :NutFilling, "restauro/families/crust/nut_filling"
      autoload :LaidRaw, "restauro/families/crust/laid_raw"
      autoload :RawPacked, "restauro/families/crust/raw_packed"
      autoload :SheetSteps, "restauro/families/crust/sheet_steps"
      autoload :SheetSwapper, "restauro/families/crust/sheet_swapper"

      include Declarations

      attr_reader :catalogue

      def initialize(catalogue)
        @catalogue = catalogue
        freeze
      end

      # Each line marked as the crust's or the filling's.   @return [Recipes::Recipe]
      def read(recipe) = Parts.marked(Glaze.apart(recipe, catalogue), catalogue)

      # @return [Options]   @raise [InvalidInput]
      def options(**choices) = Options.new(**choices)
      def event(text) = raise(InvalidInput, "a crust has no events, got '#{text}'")

      # @return [Prediction]   @raise [InvalidInput]
      def predict(recipe, options) = Prediction.new(read(recipe), catalogue, options)

      # @return [Swap]   @raise [InvalidInput]
      def swap(recipe, options)
        marked = read(recipe)
        if bought?(marked)
          SheetSwapper.new(catalogue, marked, options).swap
        else
          Swapper.new(catalogue, marked, options).swap
        end
      end

      # @param swap [Swap]   @return [Array<Step>] in working order
      def steps(swap) = Method.new(swap, catalogue).steps
      # @return [Array<String>] what to look for, step by step
      def look_fors(swap) = steps(swap).filter_map(&:look_for)
      # What to do with the rest of the dough by what it did.   @return [Array<Mend::Move>]
      def mend(swap, trouble:) = Mend.moves(swap, trouble, catalogue)
      # @return [Hash] the numbers that its pictures draw
      def picture(swap) = Picture.new(swap).to_h
      # @param result [Prediction, Swap]   @return [Hash] in the command line's fixed words
      def report(result) =
        Report
          .new(self, catalogue)
          .then { |report| result.is_a?(Swap) ? report.swap(result) : report.prediction(result) }

      # The schools that a diet leaves for a style.   @return [Array(Array<School>, Array<School>)] left and out
      def schools(options) =
        School.all.select { |school| school.for?(options.style) }.partition { |school| open?(school, options) }

      private

      def open?(school, options) =
        (school.binders.empty? || !school.binder(catalogue, options).nil?) && school.mixes(catalogue, options).any?

      # A sheet or crumbs of wheat, which are replaced as they are.
      # A sheet, or crumbs: ground nuts beside flour are in its dough.
      def bought?(recipe)
        found = Recipes::Parts.dough(recipe).select(&:counted?).map { |line| catalogue.fetch(line.ingredient) }
        flour = found.any? { |ingredient| ingredient.group == "flour" }
        found.any? do |ingredient|
          ingredient.group == "pastry" || (ingredient.group == "crumb" && (ingredient.contains_gluten? || !flour))
        end
      end
    end
  end
end
