module Restauro
  module Shaping
    # A dough as so many pieces of one shape.
    #   shape · pieces · piece_g of dough · thickness_mm of a sheet, strand or rope · cutter_mm ring or ribbon width ·
    #   sheets Sheets or nil
    #   rounds Array of Integer, one a rolling · rounds_each rounds to a piece · left_g of dough over
    Plan =
      Struct.new(
        :shape, :pieces, :piece_g, :thickness_mm, :cutter_mm, :sheets, :rounds, :rounds_each, :left_g,
        keyword_init: true
      ) do
        def initialize(sheets: nil, rounds: [], rounds_each: 1, left_g: 0.0, cutter_mm: nil, **)
          super
          freeze
        end

        # @param grams [Float] g of dough
        # @param density [Float] kg/m3
        # @param choice thickness_mm, cutter_mm, rope_mm, tool, seal
        def self.of(choice, grams:, density:)
          volume = 1e6 * grams / density
          new(shape: choice.shape, **public_send(choice.shape, choice, volume, grams))
        end

        # Cut as long as the rope is thick.
        def self.dumpling(choice, volume, grams)
          each = Math::PI * choice.rope_mm**3 / 4
          counted(volume / each, grams * each / volume, grams, thickness_mm: choice.rope_mm)
        end

        # Cut from a thin rope as long as it is thick, then pressed.
        def self.thumbed(choice, volume, grams) = dumpling(choice, volume, grams)

        # Rolled by hand, as long as an extruder's.
        def self.strings(choice, volume, grams)
          each = Math::PI * choice.rope_mm**2 / 4 * Constants.fetch(:shaping, :strand_length_mm)
          counted(volume / each, grams * each / volume, grams, thickness_mm: choice.rope_mm)
        end

        # Sheets as wide as they are cut for a dish.
        def self.sheets(choice, volume, grams) = rolled(choice, volume, grams)

        # A ball from a spoon.
        def self.spooned(choice, volume, grams)
          each = Math::PI * choice.rope_mm**3 / 6
          counted(volume / each, grams * each / volume, grams, thickness_mm: choice.rope_mm)
        end

        # A ball between the hands.
        def self.round(choice, volume, grams) = spooned(choice, volume, grams)
        # @param volume [Float] mm3   @return [Float] mm across a ball of it
        def self.ball_mm(volume) = Math.cbrt(6 * volume / Math::PI)

        # A short strand through a hole.
        def self.pushed(choice, volume, grams)
          each = Math::PI * choice.rope_mm**2 / 4 * Constants.fetch(:dough, :pushed_length_mm)
          counted(volume / each, grams * each / volume, grams, thickness_mm: choice.rope_mm)
        end

        # @return [Hash] strands of one length
        def self.extruded(choice, volume, grams)
          each = Math::PI * choice.thickness_mm**2 / 4 * Constants.fetch(:shaping, :strand_length_mm)
          counted(volume / each, grams * each / volume, grams, thickness_mm: choice.thickness_mm)
        end

        # @return [Hash] ribbons of a sheet
        def self.rolled(choice, volume, grams)
          sheets =
            Sheets.of(
              volume: volume,
              thickness: choice.thickness_mm,
              tool: choice.tool,
              longest: Constants.fetch(:shaping, :ribbon_length_mm)
            )
          ribbons = sheets.ribbons(choice.cutter_mm)
          {
            pieces: ribbons,
            piece_g: grams / ribbons,
            thickness_mm: choice.thickness_mm,
            cutter_mm: choice.cutter_mm,
            sheets: sheets
          }
        end

        # @return [Hash] rounds of a sheet, the scraps rolled again
        def self.filled(choice, volume, grams)
          sheets = Sheets.of(volume: volume, thickness: choice.thickness_mm, tool: choice.tool)
          rounds = sheets.rounds(choice.cutter_mm)
          each = choice.seal == "pair" ? 2 : 1
          one = grams * Sheets.disc(choice.cutter_mm) / sheets.area
          {
            pieces: rounds.sum / each,
            piece_g: each * one,
            thickness_mm: choice.thickness_mm,
            cutter_mm: choice.cutter_mm,
            sheets: sheets,
            rounds: rounds.freeze,
            rounds_each: each,
            left_g: grams - rounds.sum * one
          }
        end

        # @return [Hash] whole pieces, and what is left
        def self.counted(pieces, piece_g, grams, thickness_mm:)
          whole = (pieces + Packing::TINY).floor
          {pieces: whole, piece_g: piece_g, thickness_mm: thickness_mm, left_g: grams - whole * piece_g}
        end

        # The thickest way through a piece of dough, both layers where it is sealed.   @return [Float] mm
        def path_mm
          case shape
          when "filled"
            2 * thickness_mm
          when "thumbed"
            [thickness_mm, Constants.fetch(:shaping, :pressed_mm)].min
          else
            thickness_mm
          end
        end

        # Trays with the pieces side by side, not touching.
        def trays
          gap, long, wide = %i[tray_gap_mm tray_length_mm tray_width_mm].map { |name| Constants.fetch(:shaping, name) }
          side, other = footprint
          per_tray = (long / (side + gap)).floor * (wide / (other + gap)).floor
          (laid_down / per_tray.to_f).ceil
        end

        private

        # Ribbons and strands lie in nests.
        def laid_down = nests? ? (pieces * piece_g / Constants.fetch(:shaping, :nest_grams)).ceil : pieces
        def nests? = %w[rolled extruded pushed strings].include?(shape)

        def footprint
          return [Constants.fetch(:shaping, :nest_mm)] * 2 if nests?
          return thickness_mm, thickness_mm if %w[dumpling round spooned thumbed].include?(shape)
          return cutter_mm, 2 * cutter_mm if shape == "sheets"

          rounds_each == 2 ? [cutter_mm, cutter_mm] : [cutter_mm, cutter_mm / 2]
        end
      end
  end
end
