module Restauro
  module Families
    class Dough
      # What is in the dough itself, a root as the purée it becomes, at the moisture it has.
      #   parts Array of [Ingredient, Estimate g] · puree Ingredient or nil · moisture Hydration::Moisture or nil
      class Contents
        attr_reader :parts, :puree, :moisture

        # @return [Hash] purée key => row of data/families/dough/roots.yml
        def self.roots = DataFiles.yaml("families/dough/roots.yml")
        # The purée that a key is or becomes.   @return [String, nil]
        def self.mash(key) = roots.key?(key) ? key : roots.find { |_, row| row["raw"] == key }&.first

        # Whether it becomes one of them when it is cooked.
        def self.raw?(key) = !key.nil? && roots.any? { |_, row| row["raw"] == key }

        # "500 g cooked potatoes" were weighed cooked; "500 g potatoes, boiled" may have been weighed raw.
        # @param line [Recipes::Line]
        def self.weighed_cooked?(line) = line.text[/\A[^,(]*/].match?(CompanionKinds::READY)

        # A line's ingredient and grams, a raw root as the purée it becomes.   @return [Array(Ingredient, Float)]
        def self.cooked(line, catalogue)
          mash = mash(line.ingredient)
          return catalogue.fetch(line.ingredient), line.grams.value if mash.nil? || mash == line.ingredient

          left = weighed_cooked?(line) ? 1 : Float(roots.fetch(mash)["left"])
          [catalogue.fetch(mash), line.grams.value * left]
        end

        # @param options [#roasted_from_g, #roasted_to_g, #look, nil]
        def initialize(recipe, catalogue, options = nil)
          @catalogue = catalogue
          @options = options
          @lines = Recipes::Parts.dough(recipe).select(&:counted?)
          told = @lines.filter_map { |line| Contents.mash(line.ingredient) }.first&.then { |key| catalogue.fetch(key) }
          @moisture = told && moisture_of(told)
          @puree = told&.at_water(moisture.water)
          @parts = @lines.map { |line| part(line) }.freeze
          freeze
        end

        # @return [Array<Array(Ingredient, Float)>] g of each
        def weights = parts.map { |ingredient, grams| [ingredient, grams.value] }

        # Flour wetted with milk or water, and neither root nor curd for it: it is solved by what is poured.
        def poured? =
          puree.nil? && weights.none? { |ingredient, _| ingredient.group == "curd" } &&
            weights.any? { |ingredient, _| ingredient.liquid? }

        # @return [Float] g of the purée itself
        def puree_g = weights.sum(0.0) { |ingredient, grams| ingredient.equal?(puree) ? grams : 0.0 }

        # How much more free water there is in a gram of the purée for so many points more of water.
        def free_share_spread(points)
          Hydration::WaterRatio.free_share(puree.at_water(puree.water_pct + points)) -
            Hydration::WaterRatio.free_share(puree)
        end

        # The ratio with its band, the purée's moisture in it.   @return [Estimate, nil]
        def ratio
          found = Hydration::WaterRatio.estimate(parts) or return
          return found unless puree && found.value.positive?

          drier, wetter = [-moisture.points, moisture.points].map { |points| at(moisture.water + points) / found.value }
          wide = found.widen([1 - drier, 0].max, [wetter - 1, 0].max)
          Estimate.new(value: wide.value, low: [wide.low, 0.0].max, high: wide.high)
        end

        private

        def moisture_of(puree)
          return weighed(puree) if @options&.roasted_from_g

          @options&.look ? Hydration::Moisture.seen(puree, @options.look) : Hydration::Moisture.told(puree)
        end

        def weighed(puree)
          raw = @catalogue.fetch(Contents.roots.fetch(puree.key)["raw"])
          Hydration::Moisture.weighed(
            raw_water: raw.water_pct,
            from_g: @options.roasted_from_g,
            to_g: @options.roasted_to_g
          )
        end

        # A raw root weighs what is left of it.
        def part(line)
          mash = Contents.mash(line.ingredient)
          ingredient = mash && mash == puree&.key ? puree : @catalogue.fetch(mash || line.ingredient)
          raw = mash && mash != line.ingredient && !Contents.weighed_cooked?(line)
          [ingredient, raw ? line.grams * left(mash) : line.grams]
        end

        # As the cook weighed it, else as it usually is.
        def left(mash)
          return @options.roasted_to_g.fdiv(@options.roasted_from_g) if @options&.roasted_from_g && mash == puree.key

          Float(Contents.roots.fetch(mash)["left"])
        end

        # The ratio with the purée at another moisture.
        def at(water)
          other = puree.at_water(water)
          Hydration::WaterRatio.of(
            weights.map { |ingredient, grams| [ingredient.equal?(puree) ? other : ingredient, grams] }
          )
        end
      end
    end
  end
end
