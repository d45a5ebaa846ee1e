module Restauro
  module Families
    class Crust
      # A kind of crust.   key · say · thickness_mm mm it usually lies · ratios Range it bears · gas share of its volume
      # · need stretch
      #   oven_celsius C · words that tell it
      Style = Value.of(:key, :say, :thickness_mm, :ratios, :gas, :need, :oven_celsius, :words) do
        def self.all
          @all ||=
            DataFiles
              .yaml("families/crust/styles.yml")
              .map do |key, row|
                new(
                  key: key,
                  say: row["say"],
                  thickness_mm: Float(row["thickness_mm"]),
                  ratios: Float(row["least_ratio"])..Float(row["most_ratio"]),
                  gas: Float(row["gas"]),
                  need: Constants.fetch(:stretch, row["need"].to_sym),
                  oven_celsius: Float(row["oven_celsius"]),
                  words: /\b(?:#{row["words"]})\b/i
                )
              end
              .freeze
        end

        # @raise [InvalidInput]
        def self.fetch(key)
          key = Style::ALIASES.fetch(key, key)
          all.find { |style| style.key == key } or
            raise InvalidInput, "style is #{all.map(&:key).join(", ")}; got '#{key}'"
        end

        # What a recipe is: by what it is made of, else by its words.
        # @param parts [Array<Array(Ingredient, Float)>] of the crust   @return [Style]
        def self.of(recipe, parts)
          groups = Hash.new(0.0)
          parts.each { |ingredient, grams| groups[ingredient.group] += grams }
          return fetch("sheet") if groups["pastry"].positive?
          if groups["crumb"] > groups["flour"] + groups["blend"] + groups["starch"] + groups["meal"]
            return fetch("base")
          end

          wet = groups["liquid"] > Constants.fetch(:crust, :crumble_wet_share) * groups["flour"]
          told(recipe, wet: wet) || fetch(meal?(groups) ? "pressed" : "rolled")
        end

        # @param wet [Boolean] whether liquid binds it: then it is no crumble, though one lies on it
        def self.told(recipe, wet: false)
          words = recipe.lines.select(&:words?).map(&:text).join("\n")
          keys = %w[dropped hand crumble base thin pressed rolled] - (wet ? %w[crumble] : [])
          keys.map { |key| fetch(key) }.find { |style| words.match?(style.words) }
        end

        def self.meal?(groups)
          groups["meal"] >
            Constants.fetch(:crust, :meal_style_share) * groups.values_at("flour", "blend", "starch", "meal").sum
        end

        # How thick it may lie at most.   @return [Float] mm
        def most_mm = [Constants.fetch(:crust, :most_mm), Constants.fetch(:crust, :most_times) * thickness_mm].max
        # Whether it is spread out, not rolled or bound.
        def loose? = %w[crumble base].include?(key)
        def sheet? = key == "sheet"
      end
      # Other words for a style.
      Style::ALIASES = {"crumb_base" => "base", "free" => "rolled"}.freeze
    end
  end
end
