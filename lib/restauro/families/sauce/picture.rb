module Restauro
  module Families
    class Sauce
      # The numbers of the sauce's instrument: thickness and temperature against time, wheat's and ours, over the grade bands.
      #   wheat, ours Side · bands Array of Band · target Pa s at the serving temperature · stops Array of Stop for pulling the target
      Picture = Struct.new(:wheat, :ours, :bands, :target_e, :target_pa_s, :stops, :serve_celsius, keyword_init: true) do
        def initialize(**)
          super
          freeze
        end

        # @param swap [Swap]
        def self.of(swap)
          on_plate = ->(e) { swap.ours.plate_viscosity_of(e) }
          new(wheat: side(swap.wheat), ours: side(swap.ours), bands: bands, target_e: swap.target, target_pa_s: on_plate[swap.target],
              stops: stops.map { |e| Picture::Stop.new(e, on_plate[e]) }, serve_celsius: swap.ours.serve_celsius)
        end

        def self.side(prediction)
          Picture::Side.new(course: prediction.course, cooling: prediction.cooling, off_seconds: prediction.end_seconds, boil_seconds: prediction.boil_seconds)
        end

        # Grades as they look on a 60 C plate.
        def self.bands
          edges = [nil, *Grade::ALL.map(&:upper)].map { |e| e && Physics::Viscosity.pa_s(e, celsius: Constants.fetch(:sauce, :viscosity_celsius), base: 0.0) }
          Grade::ALL.each_with_index.map { |grade, i| Picture::Band.new(grade, edges[i], edges[i + 1]) }
        end

        # Where the target line can stand: every tenth of a spoon of flour a cup.
        def self.stops
          (5..45).map { |tenths| (tenths / 10.0 * Constants.fetch(:sauce, :e_per_spoon)).round(3) }
        end
      end
      Picture::Side = Struct.new(:course, :cooling, :off_seconds, :boil_seconds, keyword_init: true)
      Picture::Band = Struct.new(:grade, :low_pa_s, :high_pa_s)
      Picture::Stop = Struct.new(:flour_equivalents, :pa_s)
    end
  end
end
