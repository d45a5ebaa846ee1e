module Restauro
  # The scale and the probe: what they show as it comes, and what they are told.
  module CounterRoutes
    def self.registered(web)
      web.helpers Helpers

      # An endless answer: the socket is handed to the hub, and the server's thread goes on to the next page.
      web.get("/live") do
        hub = services.counter.hub
        # A body that is no array, or its length would be sent: it has none.
        [
          200,
          {
            "content-type" => "text/event-stream",
            "cache-control" => "no-store",
            "x-accel-buffering" => "no",
            "rack.hijack" => ->(socket) { hub.join(socket) }
          },
          [].each
        ]
      end

      web.get("/counter") { page :counter, room: "Cook", title: "Counter", counter: services.counter, said: nil }
      web.post("/counter") { counter_command }
    end

    module Helpers
      def counter_command
        link = params["device"] == "probe" ? services.counter.probe : services.counter.scale
        command = params.slice("do", "grams", "seconds", "celsius").reject { |_, value| value.to_s.empty? }
        said = link.command(command.merge(command.except("do").transform_values { |value| number(value) }))
        said = said ? "Done: #{command["do"].to_s.tr("_", " ")}." : "The #{link.kind} does not answer."
        return redirect(to("/counter"), 303) unless request.env["HTTP_X_RESTAURO_LIVE"]

        page :counter, room: "Cook", title: "Counter", counter: services.counter, said: said
      end

      def number(text) = FormText.number(text) || raise(InvalidInput, "'#{text.to_s[0, 20]}' is no number")
    end
  end
end
