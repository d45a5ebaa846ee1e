module Restauro
  # What belongs to one sauce beside its swap: candidates side by side, rescue, the plate-test sheet.
  module SauceRoutes
    def self.registered(web)
      web.helpers Helpers

      web.get("/compare") { compare_page }

      web.get("/rescue") { rescue_page(RescueInput.new(params)) }
      web.post("/rescue") { rescue_page(RescueInput.new(params)) }

      web.get("/plate-test.pdf") do
        content_type "application/pdf"
        headers "content-disposition" => "inline; filename=\"plate-test.pdf\""
        plate_sheet.render
      end
    end

    module Helpers
      def compare_page
        worked = SwapPage.new(draft_input, services)
        columns = worked.swap && worked.family.grades.any? ? comparison(worked).columns : []
        page :compare,
             room: "Swap",
             title: "Side by side",
             worked: worked,
             columns: columns,
             best: columns.any? ? Families::Sauce::Comparison.recommend(columns) : nil
      end

      def comparison(worked)
        Families::Sauce::Comparison.new(
          worked.family,
          worked.recipe,
          worked.options,
          chosen: worked.swap,
          cost: ->(key, grams) { worked.shelf.cost(key, grams) },
          at_hand: worked.at_hand
        )
      end

      def rescue_page(input)
        page :rescue,
             room: "Swap",
             title: "It came out otherwise",
             rescued: RescuePage.new(SwapPage.new(draft_input, services), input),
             input: input
      end

      def plate_sheet
        base = services.facts.fetch("whole_milk").eta_60c_pa_s
        grades = Families::Sauce::Grade::ALL.drop(1).map { |grade| ring(grade, base) }
        Documents::PlateSheet.new(
          grades,
          millilitres: Constants.fetch(:sauce, :plate_millilitres),
          thin_ml: Constants.fetch(:sauce, :plate_millilitres_thin),
          seconds: Constants.fetch(:sauce, :plate_seconds),
          paper: paper,
          address: home_address("/rescue")
        )
      end

      # Where a grade's rim comes to; what spreads beyond the printed rings is told for the small ring's amount.
      # @return [Array(String, Float)]
      def ring(grade, base)
        radius = ->(**more) { Families::Sauce::PlateTest.millimetres(grade.flour_equivalents, base: base, **more) }
        return grade.name, radius.call if radius.call <= Documents::PlateSheet::RINGS_MM.last

        thin = Constants.fetch(:sauce, :plate_millilitres_thin)
        ["#{grade.name}, with #{thin.round} mL", radius.call(millilitres: thin)]
      end
    end
  end
end
