module Restauro
  # The Weigh and Cook rooms: a dish on its way, the scale and the probe beside it, what it came to.
  module DishRoutes
    def self.registered(web)
      web.helpers Helpers

      web.get("/weigh") { open_dish("weigh") }
      web.get("/cook") do
        services.meals.open ? redirect(to("/meals/#{services.meals.open.id}"), 303) : open_dish("cook")
      end

      web.post("/dishes") { redirect to("/dishes/#{start_dish}/weigh"), 303 }
      web.get("/dishes/:id/weigh") { dish_room(:weigh) }
      web.get("/dishes/:id/cook") { dish_room(:cook) }
      web.get("/dishes/:id/finish") { dish_room(:finish) }
      web.post("/dishes/:id/finish") { finish_dish }
      web.post("/dishes/:id/do") { do_in_dish }
      web.post("/dishes/:id/put-away") do
        services.dishes.put_away(dish_row.id)
        services.recorder.leave(dish_row.id)
        redirect to("/cook"), 303
      end
      web.get("/dishes/:id/photo.jpg") { photo }
    end

    module Helpers
      STALE = "This dish went on in another tab: here is where it stands. Look, then tap again.".freeze
      ROOMS = {weigh: "Weigh", cook: "Cook", finish: "Cook"}.freeze

      def dish_row
        id = params["id"].to_s
        raise NotFound, "no such dish is being made" unless id.match?(/\A\d{1,9}\z/)

        services.dishes.fetch(id.to_i)
      end

      # The one dish that is being made, or which of them.
      def open_dish(room)
        rows = services.dishes.open
        return redirect(to("/dishes/#{rows.first.id}/#{room}"), 303) if rows.length == 1

        page :dishes, room: room.capitalize, title: room.capitalize, rows: rows, to: room
      end

      def dish_room(room, error: nil)
        row = dish_row
        if row.finished_at && error.nil?
          return redirect(to(row.kept_swap_id ? "/notebook/#{row.kept_swap_id}" : "/cook"), 303)
        end

        page room, room: ROOMS.fetch(room), title: row.title, dish_page: DishPage.new(row, services, error: error)
      end

      # From the page that is open, or from the notebook.   @return [Integer] id
      def start_dish
        add_dish(input_to_make)
      end

      # @return [Integer] id of a dish on the bench
      def add_dish(input)
        worked = SwapPage.new(input, services)
        unless worked.answer
          raise InvalidInput, worked.error || "there is no swap to make yet: paste a recipe in Swap first"
        end

        plan = Making::Plan.of(worked.answer, worked.catalogue)
        inputs, choices =
          [NotebookRoutes::Helpers::INPUTS, NotebookRoutes::Helpers::CHOICES].map { |names| input.state.slice(*names) }
        services.dishes.add(
          family: worked.answer.main.family.key,
          title: given_title(input.title, worked.recipe.title),
          plan: plan.to_data,
          inputs: inputs,
          choices: choices,
          snapshot: JSON.parse(JSON.generate(worked.snapshot)),
          data_version: services.data_version
        )
      end

      # An entry of the notebook, the form as it was sent, or the draft.
      def input_to_make
        if params["from"] == "notebook" && params["kept_id"].to_s.match?(/\A\d{1,9}\z/)
          return kept_input(params["kept_id"].to_i)
        end
        return draft_input unless params["recipe"]

        swap_input.tap { |input| save_draft(input) }
      end

      def kept_input(id)
        kept = services.kept_swaps.fetch(id)
        SwapInput.new(kept.inputs.merge(kept.choices).merge("title" => kept.title))
      end

      # One thing done; the page as it is then. What another tab did first is shown instead, and nothing is done twice.
      def do_in_dish
        row = dish_row
        room = params["room"] == "cook" ? :cook : :weigh
        error = confirm(row, DishPage.new(row, services))
        return redirect(to("/dishes/#{row.id}/#{room}"), 303) unless request.env["HTTP_X_RESTAURO_LIVE"] || error

        dish_room(room, error: error)
      end

      # @return [String, nil] what went wrong
      def confirm(row, dish_page)
        happened = DishDoings.new(dish_page, params).events
        return if happened.empty?
        raise InvalidInput, "this dish is no longer on the stove" if row.finished_at
        raise Database::DishRepository::Stale if params["version"].to_i != dish_page.dish.version

        services.dishes.confirm(row.id, dish_page.dish.version, happened)
        # Only what is written down is tared away: what lies on the scale is not lost with the database.
        services.counter.scale.command("do" => "tare") if happened.any? { |kind, _| kind == "weighed" }
        follow_probe(row.id, happened)
        services.counter.hub.tell("dish", {id: row.id, version: dish_page.dish.version + happened.length})
        nil
      rescue InvalidInput => e
        e.message
      rescue Database::DishRepository::Stale
        STALE
      end

      def follow_probe(id, happened)
        change = happened.find { |kind, _| kind == "probe" } or return
        change.last["on"] ? services.recorder.follow(id) : services.recorder.leave(id)
      end

      def finish_dish
        row = dish_row
        finish = DishFinish.new(DishPage.new(row, services), params, services)
        id = finish.write
        session[:said] = "Kept in the notebook."
        redirect to("/notebook/#{id}"), 303
      rescue InvalidInput => e
        dish_room(:finish, error: e.message)
      rescue Database::DishRepository::Stale
        dish_room(:finish, error: STALE)
      end

      def photo
        image = services.dishes.photo(dish_row.id) or raise NotFound, "there is no photo of this dish"
        content_type "image/jpeg"
        image
      end
    end
  end
end
