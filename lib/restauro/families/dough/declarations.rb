module Restauro
  module Families
    class Dough
      # What boiled doughs say about themselves. What differs between their two families stands in their shapes.
      module Declarations
        include Declared

        CHOICES = %i[
          school
          with
          target
          shape
          thickness_mm
          cutter_mm
          rope_mm
          seal
          tool
          helpers
          litres
          heat
          watts
          frozen
          filling_g
          roasted_from_g
          roasted_to_g
          look
          hands
        ].freeze
        HELD = %w[binder egg curd puree].freeze

        # (see Declared#choices)
        def choices = CHOICES + ANY
        def takes?(ingredient) = ingredient.starchy? || HELD.include?(ingredient.group)
        # (see Declared#ways)
        def ways = School.all.map(&:key)

        # Filled where something fills it, sheets where it is layered; boiled for as long as the recipe says.
        def usual(place, _recipe, _chosen) = {**shaped(place), boil_minutes: place.boiling&.minutes}.compact

        # (see Declared#holds)
        def holds(place) = rolled? ? place.inside : []

        # (see Declared#expected)
        def expected(swap)
          [
            "the middle of a piece",
            swap.ours.boiling && middles(swap.ours.boiling),
            Constants.fetch(:boil, :done_celsius)
          ]
        end

        private

        def rolled? = key == "pasta"

        def shaped(place)
          return {rope_mm: RopeSaid.mm(place.dish.recipe)}.compact unless rolled?
          return {shape: "filled", **unboiled(place), **ring(place), **raw(place)} if place.filled?

          return {shape: "sheets"} if place.between?

          {cutter_mm: Ribbon.width_mm(place.dish.recipe), thickness_mm: Ribbon.thick_mm(place.dish.recipe)}.compact
        end

        def raw(place)
          filling = place.inside.flat_map { |at| place.dish.parts[at].lines }
          {raw_filling: (true if RawFilling.said?(place.dish.recipe, filling))}.compact
        end

        # As the recipe cuts them, so far as a pot holds them.
        def ring(place)
          wide = RoundsSaid.mm(place.dish.recipe)
          wide && wide <= Constants.fetch(:dough, :most_cutter_mm) ? {cutter_mm: wide} : {}
        end

        # Over water, or in a pan with a little of it; larger rounds than for the pot.
        def unboiled(place)
          way = SteamSteps.way(place.dish.recipe) or return {}
          {way: way, steam_minutes: SteamSteps.minutes(place.dish.recipe),
           cutter_mm: Constants.fetch(:dough, :steamed_ring_mm)}.compact
        end

        def middles(boiling)
          last = 1.3 * (boiling.minutes_done || Constants.fetch(:boil, :float_high_minutes))
          (0..30).map { |index| (last * index / 30).then { |minutes| [minutes, boiling.body.centre(minutes)] } }
        end
      end
    end
  end
end
