module Restauro
  # A swap to take along: one page to print, a recipe in an open format, plain text. Of the page that is open, or of an entry of the notebook.
  module CardRoutes
    def self.registered(web)
      web.helpers Helpers

      web.get("/card.pdf") { card_pdf(*open_swap, url("/")) }
      web.get("/card.json") { card_json(*open_swap) }
      web.get("/card.txt") { card_text(*open_swap) }
      web.get("/notebook/:id/card.pdf") { card_pdf(*kept_swap, url("/notebook/#{params["id"]}")) }
      web.get("/notebook/:id/card.json") { card_json(*kept_swap) }
      web.get("/notebook/:id/card.txt") { card_text(*kept_swap) }
    end

    module Helpers
      # @return [Array(Hash, Hash)] snapshot and inputs
      def open_swap
        worked = SwapPage.new(draft_input, services)
        raise InvalidInput, worked.error || "there is no swap yet: paste a recipe in Swap" unless worked.answer

        [worked.snapshot, draft_input.state]
      end

      def kept_swap
        kept = fetch_kept
        [SwapSnapshot.from_json(kept.snapshot), kept.inputs.merge(kept.choices)]
      end

      def card_pdf(snapshot, _inputs, address)
        content_type "application/pdf"
        headers "content-disposition" => "inline; filename=\"#{file_name(snapshot)}.pdf\""
        Documents::Card.new(snapshot, address).render
      end

      def card_json(snapshot, inputs)
        content_type "application/ld+json"
        headers "content-disposition" => "attachment; filename=\"#{file_name(snapshot)}.json\""
        CardJson.write(snapshot, inputs)
      end

      def card_text(snapshot, _inputs)
        content_type "text/plain", charset: "utf-8"
        headers "content-disposition" => "attachment; filename=\"#{file_name(snapshot)}.txt\""
        Presenters::RecipeText.new(snapshot).to_s
      end

      def file_name(snapshot)
        name = snapshot[:title].to_s.downcase.gsub(/[^a-z0-9]+/, "-").gsub(/\A-|-\z/, "")[0, 60]
        name.empty? ? "swap" : name
      end
    end
  end
end
