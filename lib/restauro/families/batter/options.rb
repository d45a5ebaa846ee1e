module Restauro
  module Families
    class Batter
      # The cook's choices for a batter.
      #   with Array of flour keys · target Float ratio or nil · piece Heat::Piece or nil · oven
      #   Kitchen::OvenTemperature or nil oil Heat::Frying (or its C) or nil
      #   pan Kitchen::BakingPan where one tray takes it all · makes how many, as the recipe says · bake_minutes of the
      #   recipe's own oven and fry_minutes of its fat, an Array of min for one side and the other · tin key of
      #   data/families/batter/tins.yml
      #   without Array of diets, allergens, groups or keys · offer Array of keys to offer first
      Options =
        Struct.new(
          :with, :target, :piece, :oven, :oil, :tin, :pan, :makes, :bake_minutes, :fry_minutes, :rest_minutes,
          :without, :offer,
          keyword_init: true
        ) do
          # What other families are asked for is taken and left alone.
          def initialize(
            with: [],
            target: nil,
            piece: nil,
            oven: nil,
            oil: nil,
            tin: "standard",
            pan: nil,
            makes: nil,
            bake_minutes: nil,
            fry_minutes: nil,
            rest_minutes: nil,
            without: [],
            offer: [],
            **
          )
            super(
              with: with.dup.freeze,
              target: Options.ratio_of(target),
              piece: piece,
              oven: oven,
              oil: Options.frying(oil),
              tin: Tin.fetch(tin).key,
              pan: pan,
              makes: makes,
              bake_minutes: bake_minutes,
              fry_minutes: fry_minutes,
              rest_minutes: rest_minutes,
              without: without.dup.freeze,
              offer: offer.dup.freeze
            )
            freeze
          end

          # The same choices with some changed.   @return [Options]
          def with_choices(**changes) = Options.new(**to_h.merge(changes))

          # @return [Heat::Surroundings, nil]
          def around
            return Heat::Surroundings.oil(oil) if oil

            oven && Heat::Surroundings.oven(oven)
          end

          # @param oil [Numeric, Heat::Frying, nil] C or the fat itself   @return [Heat::Frying, nil]
          def self.frying(oil) = oil.is_a?(Numeric) ? Heat::Frying.new(celsius: oil.to_f) : oil

          # @param target [String, Numeric, nil] a rung or the ratio itself
          def self.ratio_of(target)
            Hydration::Rung.ratio(
              target,
              what: "a batter",
              examples: Hydration::Rung.all.drop(4),
              range: Constants.fetch(:batter, :least_target)..Constants.fetch(:batter, :most_target)
            )
          end
        end
    end
  end
end
