module Restauro
  # The Table: a meal put together, planned, taken along.
  module TableRoutes
    TYPES = {"ics" => "text/calendar", "csv" => "text/csv"}.freeze

    def self.registered(web)
      web.helpers Helpers

      web.get("/table") { table_page(meal_state) }
      web.post("/table") do
        save_meal(changed_meal(meal_state))
        redirect to("/table"), 303
      rescue InvalidInput => e
        table_page(meal_state, error: e.message)
      end
      web.get("/table/plan.:ending") { take_along(params["ending"]) }
    end

    module Helpers
      def meal_session = "meal-#{browser_id}"
      def meal_state = services.drafts.find(meal_session) || MealPage::DEFAULTS
      def save_meal(state) = services.drafts.save(meal_session, state)

      def table_page(state, error: nil)
        meal = MealPage.new(state, services)
        page :table, room: "Table", title: "Table", meal: meal, error: error || meal.error, kept: services.kept_swaps.list,
                     eaters: services.household.eaters, draft: services.drafts.find(browser_id), today: services.clock.call.strftime("%F")
      end

      def changed_meal(state)
        state = state.merge(params.slice("serve_at", *MealPage::KITCHEN).transform_values { |value| FormText.clean(value).strip[0, 10] })
        state = state.merge("eaters" => Array(params["eaters"]).grep(/\A\d{1,9}\z/).join(",")) if params.key?("meal")
        Planning::Meal.minutes_of(state["serve_at"])
        state.merge("dishes" => dishes_after(state["dishes"].to_a))
      end

      def dishes_after(dishes)
        return dishes.each_with_index.reject { |_, index| index.to_s == params["remove"] }.map(&:first) if params["remove"]
        return dishes if params["add"].to_s.empty?
        raise InvalidInput, "a meal has #{Planning::Meal::MOST} dishes at most" if dishes.length >= Planning::Meal::MOST

        [*dishes, added(params["add"])]
      end

      # From the notebook, from the bench, from a pasted recipe, or typed as steps.
      def added(from)
        case from
        when "notebook" then of_notebook
        when "bench" then of_inputs(services.drafts.find(browser_id) || {})
        when "recipe" then of_inputs({"recipe" => FormText.clean(params["recipe"]), "units" => "metric"})
        when "typed" then typed
        else raise InvalidInput, "a dish comes from the notebook, the bench, a recipe or a few steps"
        end
      end

      def of_notebook
        kept = services.kept_swaps.fetch(params["kept_id"].to_s[/\A\d{1,9}\z/].to_i)
        {"name" => kept.title[0, MealPage::MOST_NAME], "inputs" => kept.inputs.merge(kept.choices).slice(*SwapInput::FIELDS)}
      end

      def of_inputs(inputs)
        text = inputs["recipe"].to_s.strip
        raise InvalidInput, "paste a recipe first" if text.empty?

        {"name" => text.lines.first.strip[0, MealPage::MOST_NAME], "inputs" => inputs.slice(*SwapInput::FIELDS)}
      end

      def typed
        name = FormText.clean(params["name"]).strip[0, MealPage::MOST_NAME]
        raise InvalidInput, "give the thing a name, such as Joint" if name.empty?

        TypedDish.read(name, text = FormText.clean(params["steps"])[0, 2000])
        {"name" => name, "typed" => text}
      end

      def take_along(ending)
        raise NotFound, "a plan is taken along as ics or csv" unless TYPES.key?(ending)

        meal = MealPage.new(meal_state, services)
        raise InvalidInput, meal.error || "there is no meal yet: add a dish" unless meal.plan

        content_type TYPES[ending], charset: "utf-8"
        headers "content-disposition" => "attachment; filename=\"meal.#{ending}\""
        return meal.report.to_csv if ending == "csv"

        Planning::Calendar.new(meal.plan, date: params["date"], zone: params["zone"]).to_ical
      end
    end
  end
end
