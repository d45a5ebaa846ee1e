module Restauro
  module Families
    class Crust
      # The cook's choices for a crust.
      #   style key or nil for what the recipe is · school key or nil · with Array of flour or binder keys · target
      #   Float ratio or nil
      #   pan Kitchen::BakingPan or nil · oven Kitchen::OvenTemperature or nil for the style's own · blind_oven the same
      #   of an empty crust, blind_minutes as the recipe says them · cover bottom, double, top, free or nil
      #   filling_start hot, cold or nil for its own · thickness_mm or nil for what pan and dough give
      #   hold e of the filling, or nil for what holds · filling_with thickener keys · without Array of diets,
      #   allergens, groups or keys
      #   offer Array of keys to offer first · bake_minutes min, as the recipe says, or nil · steam_minutes min in a
      #   basin over water, or nil
      #   stew_minutes min that the recipe simmers what is in it, or nil
      #   crowned whether something that is baked goes over what is in it
      #   makes how many, as the recipe says, where they are small · cups Cups that they were told to be, or nil
      #   chilled, griddled, scalded whether the recipe's own words had it set in the cold, cooked in a dry pan, made
      #   with boiling water, or nil
      #   filled_raw whether the recipe packs its meat in raw, or cooks it first, or nil where nothing is told
      #   laid_raw whether its onions and bacon go on as they are, the oven alone cooks them
      #   cut_out whether the recipe pats a soft dough flat and cuts it, or nil
      #   round_cm of the rounds that are folded over, as the recipe cuts them, or nil
      #   oil Heat::Frying (or its C) or nil: what is folded by the piece can be fried
      Options =
        Struct.new(
          :style, :school, :with, :target, :pan, :oven, :cover, :filling_start, :thickness_mm, :hold, :filling_with,
          :without, :offer, :altitude, :hands, :bake_minutes, :blind_oven, :blind_minutes, :oil,
          :steam_minutes, :stew_minutes, :crowned, :makes, :cups, :chilled, :griddled, :scalded, :round_cm, :cut_out,
          :filled_raw, :laid_raw, keyword_init: true
        ) do
          # What other families are asked for is taken and left alone.
          def initialize(
            with: [],
            target: nil,
            filling_with: [],
            without: [],
            offer: [],
            altitude: 0,
            hands: "flour",
            hold: nil,
            **more
          )
            more = more.merge(cover: more[:cover] || "free") if more[:style] == "free"
            super(
              with: with.dup.freeze,
              target: Options.ratio_of(target),
              filling_with: filling_with.dup.freeze,
              without: without.dup.freeze,
              offer: offer.dup.freeze,
              altitude: altitude,
              hands: hands,
              hold: Sauce::Options.e_of(hold),
              oil: Batter::Options.frying(more[:oil]),
              **more.slice(
                :style, :school, :pan, :oven, :cover, :filling_start, :thickness_mm, :bake_minutes, :blind_oven,
                :blind_minutes, :steam_minutes, :stew_minutes, :crowned, :makes, :cups, :chilled, :griddled, :scalded,
                :round_cm, :cut_out, :filled_raw, :laid_raw
              )
            )
            check
            freeze
          end

          # The same choices with some changed.   @return [Options]
          def with_choices(**changes) = Options.new(**to_h.merge(changes))
          # @return [Diets::Exclusion] of who eats
          def exclusion(catalogue) = Diets::Exclusion.of(without, catalogue)
          # A dough's shape is a crust's style.
          def shape = style
          # Raw meat as it is told, where it has the time to be done.
          def packed_raw? = filled_raw == true && long_in_the_heat?(:raw_filling_minutes)

          # @param least [Symbol] min of an oven; over water it is another
          def long_in_the_heat?(least)
            minutes, least = steam_minutes, :steamed_raw_minutes if steam_minutes
            (minutes || bake_minutes).to_f >= Constants.fetch(:crust, least)
          end

          # A root is no crust: nothing is told of its moisture.
          def roasted_from_g = nil
          # Nothing is told of a root's moisture.
          def look = nil

          # @param target [String, Numeric, nil] a rung or the ratio itself
          def self.ratio_of(target)
            Hydration::Rung.ratio(
              target,
              what: "a crust",
              examples: Hydration::Rung.all.first(5),
              range: Constants.fetch(:crust, :least_target)..Constants.fetch(:crust, :most_target)
            )
          end

          private

          def check
            Style.fetch(style) if style
            {
              school: School.all.map(&:key),
              cover: Options::COVERS.keys,
              filling_start: %w[hot cold]
            }.each do |name, allowed|
              next if self[name].nil? || allowed.include?(self[name])

              raise InvalidInput, "#{name.to_s.tr("_", " ")} is #{allowed.join(", ")}; got '#{self[name]}'"
            end
            thickness
            Physics::Air.pressure_pa(altitude)
          end

          def thickness
            range = Constants.fetch(:crust, :least_mm)..20
            return if thickness_mm.nil? || range.cover?(thickness_mm)

            raise InvalidInput,
                  "a crust is #{range.first.round} to #{range.last} mm thick, got #{thickness_mm.round(1)}"
          end
        end

      Options::COVERS = {
        "bottom" => "under the filling",
        "double" => "under and over",
        "top" => "only on top",
        "free" => "free on a tray",
        "hand" => "folded over, by the piece",
        "wrapped" => "wrapped around it"
      }.freeze
    end
  end
end
