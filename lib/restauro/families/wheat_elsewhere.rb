module Restauro
  module Families
    # Wheat beside the dough itself, on the bench or in a filling: the new flour for flour, crumbs without gluten for
    # crumbs, weight for weight.
    class WheatElsewhere
      CRUMBS = {"wheat_biscuit_crumbs" => "gf_biscuit_crumbs"}.freeze
      DUSTS = DataFiles.words("dishes/words.yml").fetch(:to_dredge)
      private_constant :DUSTS
      OTHERS = "gf_breadcrumbs".freeze

      # @param flour [#call] the ingredient that takes the flour's place, asked for where there is flour; it may be
      #   eaten
      def initialize(catalogue, flour:, exclusion:, units:)
        @catalogue = catalogue
        @flour = flour
        @exclusion = exclusion
        @units = units
        freeze
      end

      # @return [Array<Recipes::Line>, nil] nil for a line that holds no wheat flour or crumbs   @raise [InvalidInput]
      def in_place_of(line)
        ingredient = line.ingredient && @catalogue.fetch(line.ingredient)
        return unless ingredient&.contains_gluten? && (ingredient.starchy? || ingredient.group == "crumb")

        fresh = ingredient.group == "crumb" ? crumbs(ingredient) : @flour.call
        if line.grams
          name = line.text.match?(DUSTS) ? "#{fresh.say}, to dust" : fresh.say
          return [Recipes::WeighedLine.of(fresh, line.grams.value, role: line.role, part: line.part, units: @units,
                                                                   name: name)]
        end

        [
          Recipes::Line.new(
            text: "#{fresh.say}, to dust",
            ingredient: fresh.key,
            role: line.role,
            part: line.part,
            name_text: fresh.say,
            added: true
          )
        ]
      end

      # Crumbs without gluten for these.   @return [Ingredient]   @raise [InvalidInput]
      def crumbs(ingredient)
        @exclusion.allow!(@catalogue.fetch(CRUMBS.fetch(ingredient.key, OTHERS)), instead: "a recipe without crumbs")
      end
    end
  end
end
