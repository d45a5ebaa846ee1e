module Restauro
  # Designing a blend from the cupboard's flours, and keeping it as a pack.
  module BlendRoutes
    def self.registered(web)
      web.helpers Helpers
      web.get("/cupboard/blend") { blend_page(BlendInput.new(params), design: !params["from"].nil?) }
      web.post("/cupboard/blend") { blend_page(BlendInput.new(params), design: true) }

      web.post("/cupboard/blend/keep") do
        input = BlendInput.new(params)
        blend = design(input)
        services.packs.mix(
          blend.parts.to_h { |part, grams| [part.key, grams] },
          name: input.name,
          note: blend_note(blend),
          price: blend.cost_per_kg&.then { |per_kg| (per_kg * blend.grams / 1000).round(2) }
        )
        redirect to("/cupboard"), 303
      rescue InvalidInput => e
        show_blend(input, blend, e.message)
      end
    end

    module Helpers
      def design(input)
        shelf = services.packs.shelf
        catalogue = shelf.catalogue(services.facts)
        wheat = services.facts.fetch("wheat_flour")
        designer = Blends::Designer.new(wheat: wheat, prices: ->(key) { shelf.cost(key, 1000) }, spoons: input.spoons?)
        designer.design(
          input.keys.map { |key| catalogue.fetch(key) },
          Blends::Purpose.fetch(input.purpose, wheat: wheat),
          grams: input.grams
        )
      end

      def blend_page(input, design:)
        blend = design(input) if design
        show_blend(input, blend, nil)
      rescue InvalidInput => e
        show_blend(input, nil, e.message)
      end

      def show_blend(input, blend, error)
        shelf = services.packs.shelf
        page :blend,
             room: "Cupboard",
             title: "Design a blend",
             input: input,
             error: error,
             choices: blend_choices(shelf),
             view: blend && Presenters::BlendView.new(blend),
             labels: blend ? blend.parts.flat_map { |part, _| shelf.label(part.key) } : []
      end

      # What can go into a blend: the cupboard's first, then the rest of the catalogue.
      def blend_choices(shelf)
        possible =
          shelf
            .catalogue(services.facts)
            .select { |i| %w[flour starch meal binder].include?(i.group) && !i.contains_gluten? && i.tbsp_g }
        possible.partition { |i| shelf.holds?(i.key) }
      end

      def blend_note(blend) = "mixed for #{blend.purpose.say}"
    end
  end
end
