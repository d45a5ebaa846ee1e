module Restauro
  # The front door: where to paste, what stands on the stove, what was made last, dishes to start from, one spoon of
  # flour; the demo cleared and had back.
  module FrontRoutes
    def self.registered(web)
      web.helpers Helpers

      web.get("/") { front_page }

      # A dish of the demo to start from: its recipe alone, nobody's rules.
      web.post("/start") do
        start = Demo.starts.find { |one| one["key"] == params["start"] } or
          raise NotFound, "there is no such dish to start from"
        save_draft(SwapInput.new("recipe" => start["recipe"], "units" => start["units"] || "metric"), kept_id: nil)
        redirect to("/swap"), 303
      end

      web.get("/more") { page :more, room: "More", title: "More" }
      web.get("/spoon") do
        page :spoon,
             room: "Swap",
             title: "Instead of one spoon of flour",
             spoon: SpoonPage.new(params["line"], services)
      end

      # Only where the pages are open to the home network.
      web.get("/let-in") do
        unless services.passcode
          raise NotFound, "the pages are not open to the home network: bin/start --lan opens them"
        end

        page :let_in, room: "More", title: "Who was let in", devices: settings.let_in.list, ours: session[:device]
      end
      web.post("/let-in/out") do
        settings.let_in.put_out(params["device"].to_s)
        redirect to("/let-in"), 303
      end

      web.post("/demo/clear") do
        Demo.clear(services)
        redirect to("/"), 303
      end
      web.post("/demo/back") do
        Demo.bring_back(services)
        redirect to("/"), 303
      end
    end

    module Helpers
      STOVE, NOTES = 2, 2

      def front_page
        open = services.dishes.open.first(STOVE).map { |row| DishPage.new(row, services) }
        page :front,
             room: "Home",
             title: "Swap a wheat recipe",
             stove: open,
             last: services.kept_swaps.latest(NOTES),
             eaters: services.household.eaters,
             starts: Demo.starts,
             demo: Demo.here?(services),
             draft: services.drafts.find(browser_id)
      end
    end
  end
end
