module Restauro
  # A swap to take along: one page to print, a recipe in an open format, plain text. Of the page that is open, or of an
  # entry of the notebook.
  module CardRoutes
    # Ending => content type and how it is written.
    FORMATS = {
      "txt" => ["text/plain", :to_text],
      "csv" => ["text/csv", :to_csv],
      "md" => ["text/markdown", :to_markdown]
    }.freeze

    def self.registered(web)
      web.helpers Helpers

      web.get("/card.pdf") { card_pdf(*open_swap, home_address("/swap")) }
      web.get("/card.json") { card_json(*open_swap) }
      FORMATS.each_key { |ending| web.get("/card.#{ending}") { card_written(ending, *open_swap) } }
      web.get("/notebook/:id/card.pdf") { card_pdf(*kept_swap, home_address("/notebook/#{params["id"]}")) }
      web.get("/notebook/:id/card.json") { card_json(*kept_swap, entry: kept_marks) }
      FORMATS.each_key { |ending| web.get("/notebook/:id/card.#{ending}") { card_written(ending, *kept_swap) } }
    end

    module Helpers
      # Where a phone in the same house finds a page; nil while Restauro is open to this machine alone, where a code
      # would lead nowhere.
      def home_address(path) = services.address && "#{services.address}#{path}"

      # @return [Array(Hash, Hash)] snapshot and inputs
      def open_swap
        worked = SwapPage.new(draft_input, services)
        raise InvalidInput, worked.error || "there is no swap yet: paste a recipe in Swap" unless worked.answer

        [worked.snapshot, draft_input.state]
      end

      def kept_swap
        kept = fetch_kept
        [
          SwapSnapshot.from_json(kept.snapshot),
          kept.inputs.merge(kept.choices, "title" => kept.title, "note" => kept.note)
        ]
      end

      def kept_marks = fetch_kept.then do |kept|
        {"title" => kept.title, "note" => kept.note, "marks" => kept.marks, "favourite" => kept.favourite}
      end

      def card_pdf(snapshot, _inputs, address)
        content_type "application/pdf"
        headers "content-disposition" => "inline; filename=\"#{file_name(snapshot)}.pdf\""
        Documents::Card.new(snapshot, address, paper: paper, format: format_of).render
      end

      def paper = params["paper"] == "letter" ? "letter" : "a4"

      def card_json(snapshot, inputs, entry: nil)
        content_type "application/ld+json"
        headers "content-disposition" => "attachment; filename=\"#{file_name(snapshot)}.json\""
        CardJson.write(snapshot, inputs, entry: entry, format: format_of)
      end

      def card_written(ending, snapshot, inputs)
        type, writer = FORMATS.fetch(ending)
        content_type type, charset: "utf-8"
        headers "content-disposition" => "attachment; filename=\"#{file_name(snapshot)}.#{ending}\""
        WrittenSnapshot.of(snapshot, inputs, format: format_of).public_send(writer)
      end

      def file_name(snapshot)
        name = snapshot[:title].to_s.downcase.gsub(/[^a-z0-9]+/, "-").gsub(/\A-|-\z/, "")[0, 60]
        name.empty? ? "swap" : name
      end
    end
  end
end
