# frozen_string_literal: true

module Restauro
  module Families
    class Batter
      # The steps at the heat, by what is cooked and in what.
      class Cooking
        include OnATray
        include InFat

        # @param prediction [Prediction, Breading::Prediction]
        # @param lines [#coated, #pan_fat, #in_tin] the lines that are cooked in it
        # @param dips [Boolean] whether the coat goes on at the heat; a crumb coat is on already
        # @param sticks [Boolean] whether each piece is on a stick
        # @param fried_first [Boolean] whether it is golden before it goes into the oven
        def initialize(prediction, lines, catalogue, dips: true, sticks: false, fried_first: false)
          @dips = dips
          @fried_first = fried_first
          @sticks = sticks
          @ours = prediction
          @lines = lines
          @catalogue = catalogue
          @options = prediction.options
          freeze
        end

        # @return [Array<Step>]
        def steps
          return @options.oil ? fried : baked if @ours.section

          case @dips && @ours.style
          when "pudding" then HotTin.new(@ours, @lines, @catalogue).steps
          when "baked" then InADish.new(@options, @lines, @catalogue, egg: @ours.egg?).steps
          when "muffin" then Muffins.new(@ours, @lines).steps
          when "pancake", "fritter", "patty" then swims? ? by_eye : Pancakes.new(@ours, @lines, @catalogue).steps
          else @options.oil ? by_eye : unplanned
          end
        end

        # The later of crisp and done: golden is something to look for, never what the minutes wait for; burnt is a
        # limit.
        def self.stop_minutes(section)
          crisp = section.crisp
          crisp = [crisp, section.burnt * Constants.fetch(:heat, :short_of_burnt)].min if crisp && section.burnt
          [section.done, crisp].compact.max
        end

        # Never less than is reckoned.   @param minutes [Float]   @return [Float] to the half
        def self.half(minutes) = (minutes * 2).ceil / 2.0

        private

        # Spoonfuls in deep fat that nothing is reckoned of: no water was told.
        def swims? = @ours.style != "pancake" && @options.oil && !@options.oil.shallow

        def half(minutes) = minutes && Cooking.half(minutes)
        def section = @ours.section
        def piece = @ours.cooked_piece
        def minutes = Cooking.stop_minutes(section)
        def list(lines) = Companions.named(lines, @catalogue)
        def dip = @dips ? "#{dried}, #{dusted}dip, drip; cook" : "Cook #{what}"
        def dust = @dips ? @lines.dust : []
        def dusted = ("turn them in #{list(dust)}, shake it off, " if dust.any?)
        def dried
          return "Push a stick into each of #{what}; dry them" if @sticks

          inside = @dips ? @lines.stuffing : []
          inside.any? ? "Fill #{list(@lines.coated - inside)} with #{list(inside)} and close them; dry" : "Dry #{what}"
        end
        # Spoonfuls of the batter itself swim, with what is in them.
        def spooned? = @dips && @ours.style == "fritter"
        def patties? = @dips && @ours.style == "patty"
        def into_fat
          return "Slide in spoonfuls of #{@ours.piece_g.round} g. " if spooned?

          return "Make #{what}; dip, drip. " if @dips && @lines.sandwich?

          patties? ? "Slide them in. " : ("#{dried}, #{dusted}dip, drip. " if @dips)
        end

        def what
          return "sandwiches of #{list(@lines.coated)}, pressed together" if @dips && @lines.sandwich?

          @lines.coated.any? ? "#{Companions.named_cut(@lines.coated, @catalogue)}#{cut}" : "the pieces"
        end

        # A vegetable that comes whole is cut as it was reckoned.
        def cut
          return unless @options.piece && @lines.coated.one? && Heat::PieceLine.whole_vegetable?(@lines.coated.first)
          return if @lines.coated.first.cut

          cut = " in #{piece.kind}s" unless @lines.coated.first.text.match?(Heat::PieceLine::CUT_UP)
          "#{cut} #{piece.millimetres.round} mm thick"
        end

        def safety
          whole = spooned? || patties?
          held = whole ? @lines.folded : @lines.coated | mixed
          [piece.food.safety, *@lines.companions.safety(held), *("egg_dish" if whole && @ours.egg?)].compact.uniq
        end

        # What cakes in a crumb coat are made of.
        def mixed = @dips ? [] : @lines.mixture

        def looks
          done = "its middle done (#{piece.food.why}, #{piece.food.done_celsius.round} °C) from" if section.done
          found = [("crisp from about #{section.crisp.ceil} min" if section.crisp&.positive?),
                   ("golden from #{section.brown.round}" if section.brown && section.brown <= 2 * minutes.to_f),
                   ("#{done} #{Recipes::WeighedLine.tenths(half(section.done))}" if section.done)].compact
          return "golden, its middle cooked" if found.empty?

          "#{found.join(", ")}; reckoned for #{size}"
        end

        # Around an egg half of a slice is there.
        def size
          return "pieces #{(1000 * piece.thickness_m).round} mm thick" if @options.piece

          "#{Breading::Wrapping.shell_mm(piece, @ours.recipe).round} mm around each egg"
        end

        def unplanned
          [Step.new(kind: "fry", text: "#{dip} through.", uses: [*@lines.coated, *dust, *@lines.pan_fat],
                    look_for: "golden, and the middle as hot as the food asks",
                    caution: CHOOSE,
                    safety: unknown_safety)]
        end

        # Of what is named, else of all that it could be.
        def unknown_safety = @lines.coated.any? ? @lines.companions.safety(@lines.coated) : %w[poultry fish]
      end
    end
  end
end
