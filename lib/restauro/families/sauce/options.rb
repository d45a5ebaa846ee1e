module Restauro
  module Families
    class Sauce
      # The cook's choices for a sauce, checked.
      #   school "roux", "slurry", "reduction" (boiled down, no thickener) or nil (detected in predict, roux in swap)
      #   with Array of thickener keys, empty for the boosted blend
      #   target Float e or nil (keep the wheat recipe's) · heat low..high · altitude m · serve_celsius C
      #   events Array of Event · without Array of diets, allergens, groups or keys to keep out · offer Array of keys to
      #   offer first
      #   simmer_s s after the boil, nil for the school's own · colour of a roux, nil for the recipe's own
      #   pour how it is put together, nil for the usual
      #   becomes what is to become of it, one of Becomes::KEYS or nil
      #   stew_minutes min that the recipe simmers its meat, nil for the usual
      #   watts W into the pan, nil for the heat's own · pan_cm cm across, nil for what holds the liquid · lid · stir
      #   still, whisk or blender
      Options =
        Struct.new(
          :school, :with, :target, :heat, :altitude, :serve_celsius, :events, :without, :offer, :simmer_s, :colour,
          :pour, :watts, :pan_cm, :lid, :stir, :stew_minutes, :becomes, keyword_init: true
        ) do
          def initialize(
            school: nil,
            with: [],
            target: nil,
            heat: "medium",
            altitude: 0,
            serve_celsius: nil,
            events: [],
            without: [],
            offer: [],
            simmer_s: nil,
            colour: nil,
            pour: nil,
            watts: nil,
            pan_cm: nil,
            lid: false,
            stir: "still",
            stew_minutes: nil,
            becomes: nil
          )
            serve_celsius ||= Constants.fetch(:sauce, :serve_celsius)
            unless [nil, *Options::SCHOOLS].include?(school)
              raise InvalidInput, "school is #{Options::SCHOOLS.join(", ")}; got '#{school}'"
            end
            raise InvalidInput, "serve at 0 to 100 C, got #{serve_celsius}" unless (0..100).cover?(serve_celsius)

            Physics::Pan.watts(heat)
            Physics::Air.pressure_pa(altitude)
            Options.check_simmer(simmer_s)
            Options.check_stove(watts, pan_cm, stir)
            Roux.power(colour) if colour
            unless [nil, *Becomes::KEYS].include?(becomes)
              raise InvalidInput, "a sauce becomes one of #{Becomes::KEYS.join(", ")}; got '#{becomes}'"
            end

            super(
              school: school,
              with: with.dup.freeze,
              target: Options.e_of(target),
              heat: heat,
              altitude: altitude,
              serve_celsius: serve_celsius,
              events: events.dup.freeze,
              without: without.dup.freeze,
              offer: offer.dup.freeze,
              simmer_s: simmer_s,
              colour: colour,
              pour: pour,
              watts: watts,
              pan_cm: pan_cm,
              lid: lid,
              stir: stir,
              stew_minutes: stew_minutes,
              becomes: becomes
            )
            freeze
          end

          # The same choices with some changed.   @return [Options]
          def with_choices(**changes) = Options.new(**to_h.merge(changes))
          # @return [Physics::Pan]
          def pan = Physics::Pan.wide(width_cm, altitude_m: altitude)
          # @return [Float] cm across
          def width_cm = pan_cm || Constants.fetch(:pan, :diameter)
          # Big pans stand on big rings: watts go with the base.
          def ring_share = (width_cm / Constants.fetch(:pan, :diameter))**2
          # Watts on the way to the boil.
          def heating_watts = watts || ring_share * Physics::Pan.watts(heat)
          # @return [Float] W on the lowest ring
          def simmer_watts = ring_share * Constants.fetch(:pan, :simmer_watts)
          # In a pan that holds so much liquid, where the cook has chosen none.   @param liquid_g [Float] g
          def sized(liquid_g) = pan_cm ? self : with_choices(pan_cm: Physics::Pan.cm_for(liquid_g))
          # @return [Float] share of the breakdown that stirring so adds
          def stirring = Constants.fetch(:starch, :"stir_#{stir}")

          # @param target [String, Numeric, nil] a grade ("medium") or e itself   @return [Float, nil]
          def self.e_of(target)
            return if target.nil?

            number = Float(target, exception: false)
            return Grade.fetch(target.to_s).flour_equivalents unless number

            most = Constants.fetch(:sauce, :most_target)
            return number if number.finite? && number.positive? && number <= most

            raise InvalidInput,
                  "a target is a grade (#{Grade::ALL.drop(1).map(&:key).join(", ")}) or flour-equivalents " \
                    "over 0 up to #{most}, got #{target}"
          end

          def self.check_stove(watts, pan_cm, stir)
            raise InvalidInput, "a hob gives 50 to 5000 W, got #{watts}" unless watts.nil? || watts.between?(50, 5000)
            unless pan_cm.nil? || pan_cm.between?(10, 80)
              raise InvalidInput, "a pan is 10 to 80 cm across, got #{pan_cm}"
            end
            return if Options::STIRRING.include?(stir)

            raise InvalidInput, "stir is #{Options::STIRRING.join(", ")}; got '#{stir}'"
          end

          def self.check_simmer(seconds)
            most = Constants.fetch(:sauce, :longest_seconds)
            return if seconds.nil? || (0..most).cover?(seconds)

            raise InvalidInput, "simmer 0 to #{(most / 60).round} minutes, got #{(seconds / 60.0).round(1)}"
          end
        end
      Options::SCHOOLS = %w[roux slurry reduction].freeze
      Options::STIRRING = %w[still whisk blender].freeze
    end
  end
end
