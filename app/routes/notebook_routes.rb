module Restauro
  # The Notebook room: swaps kept, found again, opened, changed, deleted (asked first).
  module NotebookRoutes
    def self.registered(web)
      web.helpers Helpers

      web.get("/notebook") do
        words = params["q"].to_s.strip[0, 100]
        page :notebook, room: "Notebook", title: "Notebook", swaps: services.kept_swaps.list(matching: words.empty? ? nil : words), words: words
      end

      web.post("/notebook") { keep }

      web.get("/notebook/:id") do
        kept = fetch_kept
        view = Presenters.view(SwapSnapshot.from_json(kept.snapshot), pull: false)
        page :kept, room: "Notebook", title: kept.title, kept: kept, view: view, older: kept.data_version != services.data_version,
                    cooks: services.cooks.of(kept.id), photo: services.dishes.photographed(kept.id)
      end

      web.post("/notebook/:id") do
        kept = fetch_kept
        services.kept_swaps.update(kept.id, title: given_title(params["title"], kept.title), note: params["note"].to_s[0, 4000])
        redirect to("/notebook/#{kept.id}"), 303
      end

      web.post("/notebook/:id/open") do
        kept = fetch_kept
        state = SwapInput.new(kept.inputs.merge(kept.choices).merge("title" => kept.title, "note" => kept.note))
        save_draft(state, kept_id: kept.id)
        redirect to("/swap"), 303
      end

      # It was cooked: what it took comes off the cupboard.
      web.post("/notebook/:id/cooked") do
        kept = fetch_kept
        services.cooks.add(kept.id, kept.snapshot.fetch("needs", {}))
        redirect to("/notebook/#{kept.id}"), 303
      end

      web.get("/notebook/:id/delete") { page :delete, room: "Notebook", title: "Delete?", kept: fetch_kept }

      web.post("/notebook/:id/delete") do
        services.kept_swaps.delete(fetch_kept.id)
        redirect to("/notebook"), 303
      end
    end

    module Helpers
      INPUTS = %w[recipe units corrections].freeze
      CHOICES = (SwapInput::FIELDS - [*INPUTS, "title", "note", "look"]).freeze

      def fetch_kept
        id = params["id"].to_s
        raise NotFound, "no such swap in the notebook" unless id.match?(/\A\d{1,9}\z/)

        services.kept_swaps.fetch(id.to_i)
      end

      # Keeps what is on the page: as a new entry, or over the one it was opened from.
      def keep
        input = swap_input
        save_draft(input)
        worked = SwapPage.new(input, services)
        raise InvalidInput, worked.error || "there is no swap to keep yet: paste a recipe first" unless worked.answer

        id = write_kept(input, worked)
        services.drafts.save(browser_id, input.state.merge("kept_id" => id.to_s))
        redirect to("/notebook/#{id}"), 303
      end

      def write_kept(input, worked)
        fields = kept_fields(input, worked)
        return services.kept_swaps.add(**fields) unless params["keep"] == "over" && params["kept_id"].to_s.match?(/\A\d{1,9}\z/)

        services.kept_swaps.update(params["kept_id"].to_i, **fields)
        params["kept_id"].to_i
      end

      def kept_fields(input, worked)
        {family: worked.answer.main.family.key, title: given_title(input.title, worked.recipe.title), note: input.note,
         inputs: input.state.slice(*INPUTS), choices: input.state.slice(*CHOICES), data_version: services.data_version, snapshot: worked.snapshot}
      end

      def given_title(typed, fallback) = [typed.to_s.strip, fallback.to_s.strip, "Sauce"].find { |words| !words.empty? }[0, 200]
    end
  end
end
