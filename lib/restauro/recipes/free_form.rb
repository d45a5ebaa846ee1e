module Restauro
  module Recipes
    # What a line says it is free of makes another thing of it: "gluten-free strong white flour" is a blend, "vegan
    # butter" no butter.
    class FreeForm
      PLANT = /\bvegan\b|\bplant[- ]based\b|\b(?:dairy|milk)[- ]free\b|\bnon[- ]dairy\b/i
      # What is said aside - "(or dairy-free)" - is another's.
      ASIDE = /\([^)]*\)|,.*|\bor\b.*/i

      # @param catalogue [Catalogue]
      def initialize(catalogue)
        @catalogue = catalogue
        @gluten_free_kinds = DataFiles.yaml("ingredients/gluten_free_kinds.yml")
        @plant_kinds = DataFiles.yaml("ingredients/plant_kinds.yml")
        freeze
      end

      # @param key [String] of what was read   @param name [String] as it was written
      # @return [String] the key that is meant
      def of(key, name) = name.gsub(ASIDE, " ").match?(PLANT) ? @plant_kinds.fetch(key, key) : gluten_free(key, name)

      private

      # A blend, whatever flour it stands in for; what is said in a bracket or an aside changes nothing.
      def gluten_free(key, name)
        flour = @catalogue.fetch(key)
        return key unless flour.contains_gluten? && GlutenWords.called_free?(name)

        flour.group == "flour" ? "blend_plain" : @gluten_free_kinds.fetch(key, key)
      end
    end
  end
end
