module Restauro
  # The facts about every ingredient. It is passed in wherever it is needed, so that a cook's own packs and
  # learned corrections can stand in front of it (see #with).
  class Catalogue
    include Enumerable

    # @return [Catalogue] the facts of data/ingredients
    def self.load
      names = DataFiles.yaml("ingredients/names.yml")
      sources = figure_sources
      new(
        DataFiles
          .csv("ingredients/catalogue.csv")
          .map do |row|
            key = row["key"]
            Ingredient.new(
              row,
              say: names.dig(key, "say"),
              varied: names.dig(key, "varied"),
              sources: sources["*"].merge(sources.fetch(key, {}))
            )
          end
      )
    end

    def self.figure_sources
      DataFiles
        .csv("ingredients/figure_sources.csv")
        .each_with_object(Hash.new { |h, k| h[k] = {} }) do |row, sources|
          sources[row["key"]][row["figure"] == "*" ? :default : row["figure"].to_sym] = row["source"].to_sym
        end
    end
    private_class_method :figure_sources

    # @param ingredients [Array<Ingredient>]
    def initialize(ingredients)
      @by_key = ingredients.to_h { |ingredient| [ingredient.key, ingredient] }.freeze
      freeze
    end

    # The same catalogue with these ingredients in front of, or beside, its own.
    def with(ingredients) = Catalogue.new(@by_key.merge(ingredients.to_h { |i| [i.key, i] }).values)

    # @yieldparam ingredient [Ingredient]
    def each(&block) = @by_key.each_value(&block)
    # @return [Ingredient, nil]
    def find_key(key) = @by_key[key.to_s]
    def key?(key) = @by_key.key?(key.to_s)

    # @raise [NotFound]
    def fetch(key)
      @by_key.fetch(key.to_s) do
        raise NotFound, "no ingredient '#{key}' in the catalogue; try #{nearest(key.to_s).join(", ")}"
      end
    end

    # Keys that can thicken a sauce without gluten, strongest purpose first in catalogue order.
    def thickeners = select { |i| (i.starchy? || i.group == "binder") && i.thickens? && !i.contains_gluten? }

    def inspect = "#<#{self.class} of #{@by_key.length}>" # an error that shows it stays readable

    private

    def nearest(key)
      words = key.split(/[_\s-]+/)
      close = @by_key.keys.select { |k| words.any? { |w| w.length > 2 && k.include?(w) } }
      (close.empty? ? %w[corn_starch potato_starch blend_with_gum] : close).first(4)
    end
  end
end
