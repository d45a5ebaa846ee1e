module Restauro
  module Families
    class Sauce
      # The cook's choices for a sauce, checked.
      #   school "roux", "slurry" or nil (detected in predict, roux in swap) · with Array of thickener keys, empty for the boosted blend
      #   target Float e or nil (keep the wheat recipe's) · heat low..high · altitude m · serve_celsius C
      #   events Array of Event · without Array of diets, allergens, groups or keys to keep out · offer Array of keys to offer first
      #   simmer_s s after the boil, nil for the school's own
      Options = Struct.new(:school, :with, :target, :heat, :altitude, :serve_celsius, :events, :without, :offer, :simmer_s, keyword_init: true) do
        def initialize(school: nil, with: [], target: nil, heat: "medium", altitude: 0, serve_celsius: nil, events: [], without: [],
                       offer: [], simmer_s: nil)
          serve_celsius ||= Constants.fetch(:sauce, :serve_celsius)
          raise InvalidInput, "school is roux or slurry, got '#{school}'" unless [nil, *Options::SCHOOLS].include?(school)
          raise InvalidInput, "serve at 0 to 100 C, got #{serve_celsius}" unless (0..100).cover?(serve_celsius)

          Physics::Pan.watts(heat)
          Physics::Air.pressure_pa(altitude)
          Options.check_simmer(simmer_s)
          super(school: school, with: with.dup.freeze, target: Options.e_of(target), heat: heat, altitude: altitude,
                serve_celsius: serve_celsius, events: events.dup.freeze, without: without.dup.freeze,
                offer: offer.dup.freeze, simmer_s: simmer_s)
          freeze
        end

        def with_choices(**changes) = Options.new(**to_h.merge(changes))
        def pan = Physics::Pan.new(altitude_m: altitude)

        # @param target [String, Numeric, nil] a grade ("medium") or e itself   @return [Float, nil]
        def self.e_of(target)
          return if target.nil?

          number = Float(target, exception: false)
          return Grade.fetch(target.to_s).flour_equivalents unless number

          most = Constants.fetch(:sauce, :most_target)
          return number if number.finite? && number.positive? && number <= most

          raise InvalidInput, "a target is a grade (#{Grade::ALL.drop(1).map(&:key).join(", ")}) or flour-equivalents " \
                              "over 0 up to #{most}, got #{target}"
        end

        def self.check_simmer(seconds)
          most = Constants.fetch(:sauce, :longest_seconds)
          return if seconds.nil? || (0..most).cover?(seconds)

          raise InvalidInput, "simmer 0 to #{(most / 60).round} minutes, got #{(seconds / 60.0).round(1)}"
        end
      end
      Options::SCHOOLS = %w[roux slurry].freeze
    end
  end
end
