module Restauro
  # What belongs to one sauce beside its swap: candidates side by side, rescue, the plate-test sheet, the stove.
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

      web.get("/stove") { stove_page({}) }
      web.post("/stove") { measure_stove }
      web.post("/stove/forget") do
        services.household.forget_stove
        redirect to("/stove"), 303
      end
    end

    module Helpers
      def compare_page
        worked = SwapPage.new(draft_input, services)
        columns = worked.swap && worked.family.grades.any? ? comparison(worked).columns : []
        page :compare, room: "Swap", title: "Side by side", worked: worked, columns: columns,
                       best: columns.any? ? Families::Sauce::Comparison.recommend(columns) : nil
      end

      def comparison(worked)
        Families::Sauce::Comparison.new(worked.family, worked.recipe, worked.options, chosen: worked.swap,
                                        cost: ->(key, grams) { worked.shelf.cost(key, grams) },
                                        at_hand: worked.at_hand)
      end

      def rescue_page(input)
        page :rescue, room: "Swap", title: "It came out otherwise", rescued: RescuePage.new(SwapPage.new(draft_input, services), input), input: input
      end

      def plate_sheet
        base = services.facts.fetch("whole_milk").eta_60c_pa_s
        grades = Families::Sauce::Grade::ALL.drop(1).map { |grade| ring(grade, base) }
        Documents::PlateSheet.new(grades, millilitres: Constants.fetch(:sauce, :plate_millilitres),
                                  thin_ml: Constants.fetch(:sauce, :plate_millilitres_thin),
                                          seconds: Constants.fetch(:sauce, :plate_seconds), paper: paper, address: home_address("/rescue"))
      end

      # Where a grade's rim comes to; what spreads beyond the printed rings is told for the small ring's amount.
      # @return [Array(String, Float)]
      def ring(grade, base)
        radius = ->(**more) { Families::Sauce::PlateTest.millimetres(grade.flour_equivalents, base: base, **more) }
        return [grade.name, radius.call] if radius.call <= Documents::PlateSheet::RINGS_MM.last

        thin = Constants.fetch(:sauce, :plate_millilitres_thin)
        ["#{grade.name}, with #{thin.round} mL", radius.call(millilitres: thin)]
      end

      def stove_page(fields, error: nil)
        page :stove, room: "Swap", title: "Stove", stove: services.household.stove, fields: fields, error: error
      end

      def measure_stove
        fields = %w[heat pan_cm water from to seconds].to_h { |name| [name, FormText.clean(params[name]).strip] }
        numbers = fields.except("heat").to_h { |name, text| [name, FormText.number(text)] }
        missing = numbers.find { |_, number| number.nil? }
        raise InvalidInput, "the #{missing.first.tr("_", " ")} is a number, got '#{fields[missing.first][0, 20]}'" if missing

        pan = Physics::Pan.wide(numbers["pan_cm"].clamp(10, 45))
        Physics::Pan.watts(fields["heat"])
        watts = pan.measured_watts(water_g: numbers["water"], from: numbers["from"], to: numbers["to"], seconds: numbers["seconds"])
        services.household.measured(fields["heat"], watts, pan_cm: numbers["pan_cm"].clamp(10, 45))
        services.observations.add(Learning::Lessons.hob(fields["heat"], watts),
                                  words: "#{fields["heat"].tr("_", "-")} gives #{watts.round} W, by half a litre of water")
        redirect to("/stove"), 303
      rescue InvalidInput => e
        status 422
        stove_page(fields, error: e.message)
      end
    end
  end
end
