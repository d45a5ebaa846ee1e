module Restauro
  # The Swap room: one form, worked out on every change. Its state is saved as the browser's draft, so a reload loses
  # nothing.
  module SwapRoutes
    def self.registered(web)
      web.helpers Helpers

      web.get("/swap") { swap_page(draft_input) }

      # What is worked out only when it is looked at.
      web.get("/swap/ovens") { ovens_page(SwapPage.new(draft_input, services)) }

      # The last change is taken back, or made again.
      %w[undo redo].each do |turn|
        web.post("/swap/#{turn}") do
          services.drafts.public_send(turn, browser_id)
          redirect to("/swap"), 303
        end
      end

      web.post("/swap") do
        next 204, {}, [] if services.turns.stale?(browser_id, params["turn"])

        input = swap_input
        save_draft(input)
        next redirect(to(back_to_form), 303) unless request.env["HTTP_X_RESTAURO_LIVE"]

        swap_page(input)
      end

      # A recipe file, or JSON-LD or HTML that was pasted: it becomes plain lines that can be edited.
      web.post("/swap/recipe") do
        input = SwapInput.new(params.merge("recipe" => uploaded || params["recipe"].to_s, "corrections" => "[]"))
        card = CardJson.read(input.recipe_text)
        save_draft(
          SwapInput.new(
            card ? {**input.state, "family" => "", **card} : input.state.merge("recipe" => plain_text(input))
          )
        )
        redirect to("/swap"), 303
      end

      web.post("/swap/new") do
        lasting = draft_input.state.slice("units", "eaters") # the kitchen and its eaters outlast a recipe
        save_draft(SwapInput.new({**lasting, **params.slice("units").reject { |_, value| value.to_s.empty? }}))
        redirect to("/swap#recipe"), 303
      end
    end

    module Helpers
      # What is being typed: the form just sent, else the draft, else nothing yet.
      def draft_input
        SwapInput.new(services.drafts.find(browser_id) || {"units" => preferences.units})
      end

      def swap_input = SwapInput.new(params)

      def save_draft(input, kept_id: params["kept_id"])
        services.drafts.save(browser_id, input.state.merge("kept_id" => kept_id.to_s[/\A\d{1,9}\z/]))
      end

      def back_to_form =
        params["open"].to_s.match?(/\A\d{1,3}\z/) ? "/swap?open=#{params["open"]}#line-#{params["open"]}" : "/swap"

      # The line being put right: the one just opened, or the one that stands open.
      def open_line = params.fetch("open", params["still_open"]).to_s[/\A\d{1,3}\z/]&.to_i

      def swap_page(input)
        worked = SwapPage.new(input, services)
        kept_id = params["kept_id"] || services.drafts.find(browser_id)&.fetch("kept_id", nil)
        view = worked.shown && Presenters.view(worked.shown, format: format_of)
        page :swap,
             room: "Swap",
             title: "Swap",
             worked: worked,
             view: view,
             state: input.state,
             open_line: open_line,
             kept_id: kept_id.to_s[/\A\d+\z/],
             picks: Presenters::Picks.new(worked, view, preferences),
             turns: services.drafts.turns(browser_id)
      end

      def ovens_page(worked)
        unless worked.swap && worked.family.key == "crust"
          raise NotFound, "there is no crust on the Swap page: paste one first"
        end

        ovens = CrustSnapshot.ovens(worked.family, worked.swap, slower: worked.oven&.slowness || 1.0)
        if request.env["HTTP_X_RESTAURO_LIVE"]
          return erb(:_ovens, layout: false, locals: {ovens: ovens, title: "Minutes in each"})
        end

        page :ovens, room: "Swap", title: "The same in other ovens", ovens: ovens
      end

      def uploaded
        file = params["file"]
        return unless file.is_a?(Hash) && file[:tempfile]

        CommandLine::Input.text(file[:tempfile].read(SwapInput::MOST_RECIPE + 1).to_s)
      end

      def plain_text(input)
        return input.recipe_text unless input.recipe_text.lstrip.start_with?("{", "[", "<")

        services.reader(input.system).read(input.recipe_text).to_text
      rescue InvalidInput
        input.recipe_text # the page shows what is wrong with it
      end
    end
  end
end
