module Restauro
  # The Cook room of a whole meal.
  module MealRoutes
    def self.registered(web)
      web.helpers Helpers

      web.post("/meals") { redirect to("/meals/#{start_meal}"), 303 }
      web.get("/meals/:id") { meal_room }
      web.post("/meals/:id/do") { do_in_meal }
      web.post("/meals/:id/finish") do
        services.meals.finish(meal_row.id)
        session[:said] = "The meal is over. What was weighed in it stands with its dishes: say there how each was."
        redirect to("/cook"), 303
      end
    end

    module Helpers
      def meal_row
        id = params["id"].to_s
        raise NotFound, "no such meal is being cooked" unless id.match?(/\A\d{1,9}\z/)

        services.meals.fetch(id.to_i)
      end

      def meal_room(error: nil)
        row = meal_row
        return redirect(to("/cook"), 303) if row.finished_at

        page :meal, room: "Cook", title: "The meal", meal: MealServicePage.new(row, services, error: error)
      end

      # The plan that stands on the Table, with a dish on the stove behind each that was swapped.   @return [Integer] id
      def start_meal
        meal = MealPage.new(meal_state, services)
        raise InvalidInput, meal.error || "there is no meal yet: add a dish on the Table" unless meal.plan

        services.meals.transaction do
          dishes = meal.swapped.to_h { |index, input| [index.to_s, add_dish(input)] }
          id =
            services.meals.add(
              state: meal.state,
              plan: Planning::PlanData.of(meal.plan),
              dishes: dishes,
              day: services.clock.call.to_date
            )
          page = MealServicePage.new(services.meals.fetch(id), services)
          services.meals.confirm(id, 0, page.first_words)
          id
        end
      end

      def do_in_meal
        row = meal_row
        error = confirm_in_meal(row)
        return redirect(to("/meals/#{row.id}"), 303) unless request.env["HTTP_X_RESTAURO_LIVE"] || error

        meal_room(error: error)
      end

      # @return [String, nil] what went wrong
      def confirm_in_meal(row)
        return if params["do"].to_s.empty?
        return "This meal is over." if row.finished_at

        meal = MealServicePage.new(row, services)
        return DishRoutes::Helpers::STALE.sub("dish", "meal") if params["version"].to_i != meal.version

        happened = meal.happened(params["do"])
        services.meals.confirm(row.id, meal.version, happened)
        services.counter.hub.tell("dish", {id: "meal-#{row.id}", version: meal.version + happened.length})
        nil
      rescue InvalidInput => e
        e.message
      rescue Database::DishRepository::Stale
        DishRoutes::Helpers::STALE.sub("dish", "meal")
      end
    end
  end
end
