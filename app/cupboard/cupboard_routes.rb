module Restauro
  # The Cupboard room: packs, and who eats. Labels, measures and blends have files of their own.
  module CupboardRoutes
    def self.registered(web)
      web.helpers Helpers

      web.get("/cupboard") do
        cupboard_page(FormText.clean(params["q"]).strip[0, 60], [params["page"].to_s[/\A\d{1,4}\z/].to_i, 1].max)
      end
      web.get("/cupboard/packs/new") { pack_page(PackInput.new("key" => params["key"].to_s)) }

      web.post("/cupboard/packs") do
        input = PackInput.new(params)
        saving_pack(input) { services.packs.add(**input.fields(services.facts, services.label_reader)) }
      end

      web.get("/cupboard/packs/:id") { fetch_pack.then { |kept| pack_page(PackInput.of(kept), kept: kept) } }

      web.post("/cupboard/packs/:id") do
        kept = fetch_pack
        input = PackInput.new(params)
        mixed = kept.own if kept.own&.key?("parts")
        saving_pack(input, kept: kept) do
          services.packs.update(kept.pack.id, **input.fields(services.facts, services.label_reader, own: mixed))
        end
      end

      web.post("/cupboard/packs/:id/delete") do
        services.packs.delete(session[:deleted_pack] = fetch_pack.pack.id)
        redirect to("/cupboard"), 303
      end

      web.post("/cupboard/packs/:id/bring-back") do
        services.packs.bring_back(params["id"].to_s[/\A\d{1,9}\z/].to_i)
        redirect to("/cupboard"), 303
      end

      web.get("/cupboard/labels.pdf") do
        jars = services.packs.list.select do |kept|
          kept.own&.key?("parts") && (params["pack"].to_s.empty? || kept.pack.id.to_s == params["pack"])
        end
        raise InvalidInput, "there is no jar to label: design a blend and put it in the cupboard" if jars.empty?

        content_type "application/pdf"
        Documents::JarLabels.new(jars.map { |kept| jar_label(kept) }, paper: paper).render
      end

      web.get("/cupboard/house") { page :house, room: "Cupboard", title: "How we write", chosen: preferences }

      web.post("/cupboard/house") do
        services.household.preferences = Preferences.of(params.slice(*Preferences::CHOICES.keys))
        session[:said] = "Kept."
        redirect to("/cupboard/house"), 303
      end

      web.get("/cupboard/eaters") do
        page :eaters, room: "Cupboard", title: "Who eats", eaters: services.household.eaters
      end

      web.post("/cupboard/eaters") do
        name = FormText.clean(params["name"]).strip
        raise InvalidInput, "type the eater's name, at most 60 letters" unless name.length.between?(1, 60)

        diets = Array(params["diets"]).grep(String).reject(&:empty?).map { |key| Diets.fetch(key).key }
        services.household.add_eater(name: name, diets: diets)
        redirect to("/cupboard/eaters"), 303
      end

      web.post("/cupboard/eaters/:id/delete") do
        raise NotFound, "nobody such eats here" unless params["id"].to_s.match?(/\A\d{1,9}\z/)

        services.household.delete_eater(params["id"].to_i)
        redirect to("/cupboard/eaters"), 303
      end
    end

    module Helpers
      def cupboard_page(word, number)
        packs, more = services.packs.page(word, number: number)
        page :cupboard,
             room: "Cupboard",
             title: "Cupboard",
             packs: packs,
             more: more,
             word: word,
             number: number,
             deleted: services.packs.deleted(session.delete(:deleted_pack)),
             made: services.made.list,
             today: services.clock.call.to_date,
             view: Presenters::ShelfView.new(services.facts)
      end

      def jar_label(kept)
        pack = kept.pack
        parts = kept.own.fetch("parts").map { |key, grams| [services.facts.fetch(key).say, grams] }
        mixed_on = pack.opened_on && "mixed #{format_of.date(pack.opened_on)}"
        finding = pack.finding && "#{Presenters::ShelfView::FINDINGS.fetch(pack.finding)}.".capitalize
        Documents::JarLabels::Label.new(
          name: pack.ingredient.say,
          mixed_on: mixed_on,
          parts: parts,
          allergens: pack.ingredient.allergens,
          finding: finding
        )
      end

      def fetch_pack
        id = params["id"].to_s
        raise NotFound, "no such pack in the cupboard" unless id.match?(/\A\d{1,9}\z/)

        services.packs.fetch(id.to_i)
      end

      def pack_page(input, kept: nil, error: nil)
        verdict = label_verdict(input.state["label_text"], input.state["sold_in"])
        page :pack,
             room: "Cupboard",
             title: kept ? kept.pack.ingredient.say : "New pack",
             state: input.state,
             kept: kept,
             error: error,
             verdict: verdict
      end

      # What was typed stays in the form beside the error.
      def saving_pack(input, kept: nil)
        yield
        redirect to("/cupboard"), 303
      rescue InvalidInput => e
        status 422
        pack_page(input, kept: kept, error: e.message)
      end

      # @return [Labels::Verdict, nil] nil when there is nothing to read
      def label_verdict(text, sold_in)
        return if text.to_s.strip.empty?

        services.label_reader.read(text, sold_in: Labels::SOLD_IN.include?(sold_in) ? sold_in : "other")
      end
    end
  end
end
