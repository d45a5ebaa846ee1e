module Restauro
  # The Notebook room: swaps kept, found again, opened, changed, deleted (asked first).
  module NotebookRoutes
    def self.registered(web)
      web.helpers Helpers, TwoNotes

      web.get("/notebook") do
        find = NotebookFind.of(params)
        number = params["page"].to_s[/\A[1-9]\d{0,3}\z/].to_i.clamp(1, nil)
        swaps, more = services.kept_swaps.page(find, number: number)
        page :notebook, room: "Notebook", title: "Notebook", swaps: swaps, more: more, number: number, find: find,
          eaters: services.household.eaters,
                        deleted: services.kept_swaps.deleted(session.delete(:deleted))
      end

      web.post("/notebook") { keep }

      web.get("/notebook/:id") do
        kept = fetch_kept
        view = Presenters.view(SwapSnapshot.from_json(kept.snapshot), pull: false, format: format_of)
        page :kept, room: "Notebook", title: kept.title, kept: kept, view: view,
          older: kept.data_version != services.data_version,
                    cooks: services.cooks.of(kept.id), tries: tries_of(kept), eaters: services.household.eaters,
                    photo: services.dishes.photographed(kept.id)
      end

      web.post("/notebook/:id") do
        kept = fetch_kept
        next both_notes(kept) if note_changed?(kept)

        services.kept_swaps.update(kept.id, title: given_title(params["title"], kept.title),
                                   note: params["note"].to_s[0, 4000])
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
        services.kept_swaps.delete(session[:deleted] = fetch_kept.id)
        redirect to("/notebook"), 303
      end

      web.post("/notebook/:id/bring-back") do
        services.kept_swaps.bring_back(entry_id)
        session[:said] = "It is back."
        redirect to("/notebook/#{entry_id}"), 303
      end

      web.post("/notebook/:id/mark") do
        mark = params["mark"].to_s
        raise InvalidInput, "a try is right, nearly or no" unless ["", *MARKS.keys].include?(mark)

        EntryMark.new(fetch_kept, services).set(FormText.clean(params["eater"]).strip[0, 60], mark)
        redirect back_to_entry, 303
      end

      web.post("/notebook/:id/favourite") do
        services.kept_swaps.favour(fetch_kept.id, params["yes"] == "yes")
        redirect back_to_entry, 303
      end
    end

    # One tap each, and the sign that stands for it in the list.
    MARKS = {"right" => "right", "nearly" => "nearly", "no" => "no"}.freeze

    module Helpers
      INPUTS = %w[recipe units corrections].freeze
      CHOICES = (SwapInput::FIELDS - [*INPUTS, "title", "note", "look"]).freeze

      # Entries of the same dish, by the beginning of its name: "Gravy", "Gravy, second try".
      # @return [Array<Database::KeptSwap>] oldest first
      def tries_of(kept)
        found = services.kept_swaps.named(kept.title[/\A[^,:(]+/].strip)
        found.length > 1 ? found : []
      end

      def entry_id
        id = params["id"].to_s
        id.match?(/\A\d{1,9}\z/) ? id.to_i : raise(NotFound, "no such swap in the notebook")
      end

      def fetch_kept = services.kept_swaps.fetch(entry_id)
      def back_to_entry = to("/notebook/#{entry_id}")

      # Keeps what is on the page: as a new entry, or over the one it was opened from.
      def keep
        input = swap_input
        save_draft(input)
        worked = SwapPage.new(input, services)
        raise InvalidInput, worked.error || "there is no swap to keep yet: paste a recipe first" unless worked.answer

        id = write_kept(input, worked)
        services.drafts.save(browser_id, input.state.merge("kept_id" => id.to_s))
        session[:said] = params["keep"] == "over" ? "Kept over the old one." : "Kept."
        redirect to("/notebook/#{id}"), 303
      end

      def write_kept(input, worked)
        fields = kept_fields(input, worked)
        over = params["keep"] == "over" && params["kept_id"].to_s.match?(/\A\d{1,9}\z/)
        return services.kept_swaps.twin(**fields) || services.kept_swaps.add(**fields) unless over

        services.kept_swaps.update(params["kept_id"].to_i, **fields)
        params["kept_id"].to_i
      end

      def kept_fields(input, worked)
        {family: worked.answer.main.family.key, title: given_title(input.title, worked.recipe.title), note: input.note,
         inputs: input.state.slice(*INPUTS), choices: input.state.slice(*CHOICES), data_version: services.data_version,
         snapshot: worked.snapshot}
      end

      def given_title(typed, fallback) =
        [typed.to_s.strip, fallback.to_s.strip, "Sauce"].find { |words| !words.empty? }[0, 200]
    end
  end
end
