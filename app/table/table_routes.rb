module Restauro
  # The Table: a meal put together, planned, pinned, taken along.
  module TableRoutes
    TYPES = {"ics" => "text/calendar", "csv" => "text/csv"}.freeze

    def self.registered(web)
      web.helpers Helpers

      web.get("/table") { table_page(meal_state) }
      web.post("/table") do
        change = MealChange.new(meal_state, params, services, services.drafts.find(browser_id))
        save_meal(change.state)
        services.household.kitchen = change.kitchen if params.key?("meal")
        redirect to("/table"), 303
      rescue InvalidInput => e
        table_page(meal_state, error: e.message)
      end
      web.get("/table/plan.:ending") { take_along(params["ending"]) }

      # What was bought goes into the cupboard, as a full pack of so much.
      web.post("/table/bought") do
        ingredient = services.facts.find_key(params["key"].to_s) or raise InvalidInput, "there is no such thing to buy"
        grams = FormText.number(params["grams"]) || raise(InvalidInput, "say how many grams were bought")
        services.packs.add(key: ingredient.key, grams_left: grams, grams_full: grams, note: "bought for the table")
        redirect to("/table#to-buy"), 303
      end
    end

    module Helpers
      def meal_session = "meal-#{browser_id}"
      def meal_state =
        services.drafts.find(meal_session) || MealPage::DEFAULTS.slice("serve_at", "eaters", "dishes", "pins")
      def save_meal(state) = services.drafts.save(meal_session, state)

      def table_page(state, error: nil)
        meal = MealPage.new(state, services)
        page :table,
             room: "Table",
             title: "Table",
             meal: meal,
             error: error || meal.error,
             kept: services.kept_swaps.page.first,
             eaters: services.household.eaters,
             draft: services.drafts.find(browser_id),
             today: services.clock.call.strftime("%F"),
             cooking: services.meals.open
      end

      def take_along(ending)
        raise NotFound, "a plan is taken along as pdf, ics or csv" unless TYPES.key?(ending) || ending == "pdf"

        meal = MealPage.new(meal_state, services)
        raise InvalidInput, meal.error || "there is no meal yet: add a dish" unless meal.plan

        content_type ending == "pdf" ? "application/pdf" : TYPES[ending],
                     **(ending == "pdf" ? {} : {charset: "utf-8"})
        headers "content-disposition" => "#{ending == "pdf" ? "inline" : "attachment"}; filename=\"meal.#{ending}\""
        return meal.report.to_csv if ending == "csv"
        return Documents::MealSheet.new(meal, paper: paper, format: format_of).render if ending == "pdf"

        Planning::Calendar.new(meal.plan, date: params["date"], zone: params["zone"]).to_ical
      end
    end
  end
end
