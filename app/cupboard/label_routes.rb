module Restauro
  # Reading a label: the words that matter marked in the text, one plain finding. It can be put on a pack.
  module LabelRoutes
    def self.registered(web)
      web.helpers do
        def label_page(text, sold_in, error: nil)
          verdict = error ? nil : label_verdict(text, sold_in)
          view = verdict && Presenters::LabelView.new(text, verdict)
          page :label,
               room: "Cupboard",
               title: "Read a label",
               text: text,
               sold_in: sold_in,
               view: view,
               error: error,
               packs: services.packs.list
        end
      end

      web.get("/cupboard/label") { label_page("", "eu") }

      web.post("/cupboard/label") do
        text, sold_in = FormText.clean(params["label_text"]), FormText.clean(params["sold_in"])
        label_page(text, sold_in)
      rescue InvalidInput => e
        label_page(text, sold_in, error: e.message)
      end

      web.post("/cupboard/label/keep") do
        kept = services.packs.fetch(params["pack"].to_s[/\A\d{1,9}\z/].to_i)
        text, sold_in = FormText.clean(params["label_text"]), FormText.clean(params["sold_in"])
        verdict = services.label_reader.read(text, sold_in: sold_in)
        services.packs.update(kept.pack.id, label_text: text, sold_in: sold_in, finding: verdict.finding)
        redirect to("/cupboard"), 303
      end
    end
  end
end
