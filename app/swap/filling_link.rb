module Restauro
  # A sauce kept in the notebook as the filling of a crust: its lines, how thick it was to be, what thickened it. The
  # two are one dish.
  class FillingLink
    HEADING = "Filling:".freeze

    # @param kept [Database::KeptSwap] of a sauce   @raise [InvalidInput]
    def initialize(kept)
      unless kept.family == "sauce"
        raise InvalidInput, "'#{kept.title}' is no sauce: choose a sauce from the notebook as the filling"
      end

      @kept = kept
    end

    # The crust's recipe with that sauce's wheat lines as its filling, in the place of its own.
    # @return [Recipes::Recipe]
    def into(recipe, catalogue, services)
      corrections = CorrectionsInput.new(@kept.inputs["corrections"] || "[]").corrections
      sauce = services.reader(@kept.inputs["units"] || "metric").read(@kept.inputs["recipe"], corrections: corrections)
      own = Families::Crust::Parts.marked(recipe, catalogue).lines
      crust = recipe.lines.zip(own).reject { |_, marked| marked.part == Families::Crust::Parts::NAME }.map(&:first)
      heading = Recipes::Line.new(text: HEADING, role: "title", part: HEADING)
      recipe.with(lines: [*crust, heading, *sauce.ingredients.map { |line| line.with(part: HEADING) }])
    end

    # As thick as it was kept, with what it was kept with.   @return [Hash] for Families::Sauce::Options
    def options
      {
        target: @kept.snapshot.dig("target", "flour_equivalents"),
        with: @kept.snapshot.fetch("thickeners", []).filter_map { |line| line["key"] }
      }.compact
    end

    def to_h = {id: @kept.id, title: @kept.title}
  end
end
