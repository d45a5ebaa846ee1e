module Restauro
  module Families
    class Crust
      # What a crust covers, and how thick it then is.
      #   base_cm2 of the pan · covered_cm2 all of it · there_mm with all of the dough · rolled whether it can be rolled
      #   thinner
      #   roll_cm [length, width] to roll it to, or nil · usual_mm
      Lining = Value.of(:base_cm2, :covered_cm2, :there_mm, :rolled, :roll_cm, :usual_mm) do
        # @param pan [Kitchen::BakingPan]
        # @param style [Style]
        # @param cover [String]
        # @param volume_cm3 [Float] of the dough
        def self.of(pan, style:, cover:, volume_cm3:)
          covered = covered_cm2(pan, style, cover)
          new(
            base_cm2: pan.area_cm2,
            covered_cm2: covered,
            there_mm: 10 * volume_cm3 / covered,
            rolled: %w[rolled sheet hand].include?(style.key),
            roll_cm: style.loose? ? nil : roll_cm(pan, style, cover),
            usual_mm: style.thickness_mm
          )
        end

        # @param cups [Cups]
        def self.of_cups(cups, style:, volume_cm3:)
          new(base_cm2: cups.base_cm2, covered_cm2: cups.covered_cm2, there_mm: 10 * volume_cm3 / cups.covered_cm2,
              rolled: true, roll_cm: nil, usual_mm: style.thickness_mm)
        end

        # The round tin, as deep as is usual, that so much dough lines at its usual thickness.
        # @param volume_cm3 [Float]   @return [Kitchen::BakingPan]
        def self.round_for(style, volume_cm3)
          rolled = 2 * Math.sqrt(10 * volume_cm3 / style.thickness_mm / Math::PI)
          wall =
            (
              if style.key == "base"
                0.0
              else
                2 * (Constants.fetch(:crust, :depth_cm) + Constants.fetch(:crust, :overhang_cm))
              end
            )
          least, most = %i[least_tin_cm most_tin_cm].map { |name| Constants.fetch(:crust, name) }
          Kitchen::BakingPan.new(shape: :round, length_cm: (rolled - wall).clamp(least, most))
        end

        # The base and its walls, the lid too; on top or free all that is rolled out.
        def self.covered_cm2(pan, style, cover)
          unless %w[top free].include?(cover) && !style.loose?
            return pan.area_cm2 * (cover == "double" ? 2 : 1) + wall_cm2(pan, style, cover)
          end

          length, width = roll_cm(pan, style, cover)
          Kitchen::BakingPan.new(shape: pan.shape, length_cm: length, width_cm: width).area_cm2
        end

        # Up the wall, where the crust stands under its filling.
        def self.wall_cm2(pan, style, cover)
          return 0.0 unless %w[bottom double].include?(cover) && Lining::LINES.include?(style.key)

          pan.perimeter_cm * depth_cm(pan, style)
        end

        def self.depth_cm(pan, style)
          depth = pan.depth_cm || Constants.fetch(:crust, :depth_cm)
          style.key == "pressed" ? [depth, Constants.fetch(:crust, :pressed_depth_cm)].min : depth
        end

        # As large as the base, its walls and what hangs over; free, with a border to fold in; on top, with what
        # overlaps.
        def self.roll_cm(pan, style, cover)
          more =
            case cover
            when "free"
              2 * Constants.fetch(:crust, :border_cm)
            when "top"
              2 * Constants.fetch(:crust, :overlap_cm)
            else
              style.key == "thin" ? 0.0 : 2 * (depth_cm(pan, style) + Constants.fetch(:crust, :overhang_cm))
            end
          [pan.length_cm + more, pan.width_cm + more]
        end

        # What is rolled is rolled as thin as is usual where there is enough of it.   @return [Float] mm
        def thickness_mm = rolled ? [there_mm, usual_mm].min : there_mm
        # Dough that lies at its usual thickness.   @return [Float] cm3
        def usual_cm3 = covered_cm2 * usual_mm / 10
      end
      # Styles that stand up the wall of their tin.
      Lining::LINES = %w[rolled pressed sheet].freeze
    end
  end
end
