module Restauro
  # What the pages show: words, numbers and SVG from plain results. Nothing here computes the trade.
  module Presenters
    %w[BakePicture BeliefPicture BatterView BlendView BoilPicture BreadingView CourseChart CrustBars CrustView Degrees DishWords
       DoughView Format HeatBands HeatPicks HeldView HouseFormat LabelView Ladder Lanes Layers LayoutPicture PanPicture PickWords Picks
       PlanActualPicture PracticePicture ProbePicture Ribbons SectionPicture ShapePicks ShelfView Signs Spoon Svg SwapView TimeStrip].each do |name|
      autoload name.to_sym, File.join(__dir__, "presenters", name.gsub(/(?<!^)([A-Z])/, '_\1').downcase)
    end

    # The view of a snapshot's own family. One kept before families were told apart is a sauce.
    # @param snapshot [Hash]   @param pull [Boolean] whether its picture can be pulled on
    # @param format [HouseFormat, Format] how this house writes
    def self.view(snapshot, pull: true, format: Format)
      views = {"batter" => BatterView, "breading" => BreadingView, "gnocchi" => DoughView, "pasta" => DoughView, "crust" => CrustView}
      views.fetch(snapshot[:family], SwapView).new(snapshot, pull: pull).tap { |view| view.format = format }
    end
  end
end
