module Restauro
  # What the notebook has taught: learnt figures, tries side by side, a dish made again with a change, the card for the
  # fridge door, all of it taken along and brought back.
  module LearntRoutes
    def self.registered(web)
      web.helpers Helpers

      web.get("/learnt") { page :learnt, room: "Notebook", title: "What was learnt", learnt: learnt_page }
      web.post("/learnt/:id/forget") do
        services.observations.forget(params["id"].to_s[/\A\d{1,9}\z/].to_i)
        redirect to("/learnt"), 303
      end

      web.get("/fridge-card.pdf") do
        content_type "application/pdf"
        headers "content-disposition" => "inline; filename=\"instead-of-wheat.pdf\""
        Documents::FridgeCard.new(services.learnt, services.packs.shelf.catalogue(services.facts), paper: paper).render
      end

      web.get("/all.tar.gz") do
        content_type "application/gzip"
        headers "content-disposition" =>
                  "attachment; filename=\"restauro-#{services.clock.call.strftime("%F")}.tar.gz\""
        Archive::Export.new(services.database, services).bytes
      end

      web.post("/all") do
        file = params["file"]
        unless file.is_a?(Hash) && file[:tempfile]
          raise InvalidInput, "choose the archive that was taken along, a .tar.gz"
        end

        session[:said] = Archive::Import.new(services.database, services).call(file[:tempfile].read).say
        redirect to("/notebook"), 303
      end

      web.get("/notebook/:id/beside/:other") do
        pair = %w[id other].map { |name| services.kept_swaps.fetch(params[name].to_s[/\A\d{1,9}\z/].to_i) }
        page :beside, room: "Notebook", title: "Side by side", tries: TwoTries.new(*pair)
      end

      # With what is to be otherwise, and why, in its note.
      web.post("/notebook/:id/again") do
        kept = fetch_kept
        because = FormText.clean(params["because"]).strip[0, 1000]
        state =
          SwapInput.new(
            kept
              .inputs
              .merge(kept.choices)
              .merge("title" => kept.title, "note" => because.empty? ? "" : "Made again, changed: #{because}")
          )
        save_draft(state, kept_id: nil)
        session[:said] = "Change it here. Why stands in its note: #{because[0, 120]}" unless because.empty?
        redirect to("/swap"), 303
      end

      # A reading of the sauce on the page, written down by itself.
      web.post("/rescue/observed") do
        rescued = RescuePage.new(SwapPage.new(draft_input, services), RescueInput.new(params))
        raise InvalidInput, rescued.error || "choose the spoon you see, or type the plate test" unless rescued.seen_e

        note_reading(rescued)
        redirect to("/learnt"), 303
      end
    end

    module Helpers
      def learnt_page = LearntPage.new(services, fahrenheit: preferences.fahrenheit?)

      def note_reading(rescued)
        plate = rescued.input.plate_mm
        words =
          (
            if plate
              "the rings read #{plate.round} mm"
            else
              "the spoon #{Families::Sauce::Grade.fetch(rescued.input.seen).does}"
            end
          )
        found =
          DishLessons.reading(
            rescued.worked,
            rescued.seen_e,
            how: plate ? "plate_test" : "spoon",
            words: words,
            services: services
          )
        unless found
          raise InvalidInput, "nothing in this sauce thickens without wheat: there is nothing to learn from it"
        end

        services.observations.add(found.first, words: "#{rescued.worked.recipe.title&.strip || "a sauce"}: #{words}")
        session[:said] = "Written down. The next swap counts with it."
      end
    end
  end
end
