# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # How a crust is made and cooked, by its words and by what is chosen: boiling fat or cold; oven, basin, pan, fat.
      #   Needs recipe, options, style, cover, filling, baking, chilled, laminated? and hot_filling?.
      module AsCooked
        HOT_WATER = DataFiles.words("families/crust/words.yml").fetch(:hot_water)
        GRIDDLED, DRY_PAN, SCALDED, ROLLED_IN =
          DataFiles.words("families/crust/words.yml")
            .values_at(:griddled, :dry_pan, :scalded, :rolled_into_flatbread)
        CASES = DataFiles.words("dishes/words.yml").fetch(:cut_cases)
        HOT_OVEN = DataFiles.words("families/crust/words.yml").fetch(:hot_oven)
        private_constant :CASES, :HOT_WATER, :GRIDDLED, :DRY_PAN, :SCALDED, :ROLLED_IN, :HOT_OVEN

        # In a basin over water.
        def steamed? = !options.steam_minutes.nil?
        # Its fat and water go onto the flour boiling: a raised pie.
        def hot_water? =
          %w[rolled hand].include?(style.key) && recipe.ingredients.any? { |line| line.ingredient == "water" } &&
            recipe.lines.any? { |line| line.text.match?(HOT_WATER) }
        # Boiling water onto its flour: what sets there makes it bend.
        def scalded?
          return options.scalded unless options.scalded.nil?

          griddled? && recipe.ingredients.any? { |line| line.ingredient == "water" } &&
            recipe.lines.any? { |line| line.text.match?(SCALDED) }
        end
        # Raised in the warm, and never chilled.
        def yeast? = Recipes::Parts.dough(recipe).any?(&:yeast?)
        # @return [Kitchen::OvenTemperature] the cook's, else the style's own
        def oven = options.oven || Kitchen::OvenTemperature.new(celsius: usual_celsius)
        # A rolled crust dries by itself in a hotter oven than sets a custard or dries a meringue (common practice).
        def blind_oven
          gentle = style.key == "rolled" && oven.celsius < Constants.fetch(:crust, :gentle_celsius)
          options.blind_oven || (gentle ? Kitchen::OvenTemperature.new(celsius: style.oven_celsius) : oven)
        end
        # @return [Float] C
        def usual_celsius
          return Constants.fetch(:crust, :laminated_celsius) if laminated?

          hot_oven? ? Constants.fetch(:crust, :hot_celsius) : style.oven_celsius
        end
        # @return [Float] min
        def spoonfuls_minutes =
          Constants.fetch(:crust, hot_oven? ? :spoonfuls_hot_minutes : :spoonfuls_minutes)
        # Thin with something on it, or spoonfuls by themselves.
        def hot_oven? =
          (style.key == "thin" || (style.key == "dropped" && filling.nil?)) && Cover.words(recipe).match?(HOT_OVEN)
        # A flatbread by its name or its steps, with nothing on it and no oven said: it is cooked in a dry pan.
        def griddled?
          return options.griddled unless options.griddled.nil?

          style.key == "thin" && (filling.nil? || rolled_in.any?) && options.oven.nil? &&
            (recipe.title.to_s.match?(GRIDDLED) || recipe.steps.any? { |line| line.text.match?(DRY_PAN) })
        end
        # Spring onions and leaves that are all there is in it.   @return [Array<Recipes::Line>]
        def rolled_in
          lines = filling ? filling.recipe.ingredients.reject(&:to_fry_in?) : []
          lines.all? { |line| line.role == "seasoning" || line.text.match?(ROLLED_IN) } ? lines : []
        end
        # The fat that it is fried in: closed around its filling, by the piece.   @return [Heat::Frying, nil]
        def frying = by_the_piece? ? options.oil : nil
        def by_the_piece? = style.key == "hand" || (cover == "wrapped" && !rolled_up?)
        # Whether what is in it sets in the cold.
        def chilled? = options.chilled.nil? ? cover == "bottom" && chilled.is? : options.chilled
        # A base of crumbs that no oven is told for, under what sets.
        def unbaked? = style.key == "base" && chilled? && chilled.unbaked?
        # Around its filling, which goes in cold: hot it would melt the dough.
        def closed? = style.key == "hand" || cover == "wrapped"
        # Whether the filling lies open to the oven.
        def open? = cover == "bottom" && !style.loose?
        # A pasty that is baked for long, and a raised pie, take their meat and roots raw, cut small; others where they
        # are told to, and are in the heat for long enough (common practice).
        def raw_filling?
          lines = filling.recipe.ingredients
          return false if lines.none? { |line| RawFilling::MEATS.include?(line.kind) }

          return options.packed_raw? unless options.filled_raw.nil?

          lines.none? { |line| line.role == "liquid" } && !steamed? &&
            options.long_in_the_heat?(style.key == "hand" ? :raw_filling_minutes : :raised_minutes)
        end
        # What a pan would have cooked goes on as it is, all of it.
        def laid_raw? = options.laid_raw && !filling.cooked_first?(but: LaidRaw::KINDS)
        # @return [String] hot, cold, or of the room where a custard is poured over what has just been cooked
        def filling_start
          return options.filling_start if options.filling_start
          return "hot" if hot_filling?

          (open? && filling&.custard? && filling.cooked_first? && !laid_raw?) || filling&.caramel? ? "room" : "cold"
        end
        # @return [String, nil] where the recipe's minutes are far from those that are reckoned
        def otherwise
          said, ours = options.bake_minutes, baking.bake_minutes
          return unless said && ours && (said - ours).abs > ours * Constants.fetch(:crust, :oven_band)

          "the recipe says #{said.round} min, reckoned are #{ours.round}"
        end
        # Cut out of a sheet, baked empty and filled: vol-au-vents.
        def cases? = style.sheet? && !filling.nil? && Cover.words(recipe).match?(CASES)
        # Fillets that are each wrapped by itself.   @return [Integer, nil] how many
        def singles = (FillSteps.singles(filling.recipe.ingredients) if filling && rolled_up?)
        # One fruit to each square of dough.
        def gathered?
          return false unless rounds && filling && Gathered.said?(recipe)

          fruit = Gathered.whole(filling.recipe.ingredients, @catalogue)
          !fruit.nil? && Heat::PieceLine.how_many(fruit) == rounds.count
        end

        # Rolled up in one, else folded by the piece.
        def rolled_up? = Cover.rolled_up?(recipe)
      end
    end
  end
end
