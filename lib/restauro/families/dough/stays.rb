module Restauro
  module Families
    class Dough
      # What of a wheat dough stays for who eats. Flour and thin liquid go, for they are solved anew; sour cream and the
      # like stay for their fat.
      # An egg that may not be eaten goes too, for the binder does its work; anything else that may not be eaten goes by
      # what takes its place.
      #   replaced wheat lines · substitutions Array of Diets::Substitution
      class Stays
        attr_reader :recipe, :replaced, :substitutions, :exclusion

        # @raise [InvalidInput] where the root or curd itself may not be eaten and nothing takes its place
        def initialize(recipe, catalogue, exclusion, keep_liquids: false, own_liquid: false)
          @keep_liquids = keep_liquids
          @poured = own_liquid ? poured(recipe, catalogue, exclusion) : nil
          @catalogue = catalogue
          @exclusion = exclusion
          @replaced = Recipes::Parts.dough(recipe).select { |line| line.counted? && flour_out?(line) }.freeze
          found = substitutes(recipe).reject { |each| gone?(each.line) }
          @substitutions = found.select(&:found?).freeze
          (found - @substitutions).each { |each| refuse_mass(each.line) }
          @recipe = recipe.with(lines: recipe.lines.flat_map { |line| in_place_of(line) })
          freeze
        end

        # What wets it: water, or the milk that a crust is made with.   @return [Ingredient]
        def liquid = @poured || @catalogue.fetch("water")

        # @return [Array<Recipes::Line>] itself, what takes its place, or nothing
        def in_place_of(line)
          if replaced.any? { |wheat| wheat.equal?(line) } || gone?(line) ||
              Stays.glaze_out?(line, @catalogue, exclusion)
            return []
          end

          substitutions.find { |found| found.line.equal?(line) }&.lines || [line]
        end

        # An egg to brush with that may not be eaten: the method says what to brush with instead.
        def self.glaze_out?(line, catalogue, exclusion)
          return false unless line.ingredient && Recipes::Parts.place(line) == :aside

          catalogue
            .fetch(line.ingredient)
            .then { |ingredient| ingredient.group == "egg" && !exclusion.allows?(ingredient) }
        end

        # A spoon of vinegar or lemon juice is there for what it does, not for its water.
        def self.sharp?(ingredient) = !ingredient.ph.nil? && ingredient.ph < Constants.fetch(:dough, :sharp_ph)

        private

        # The most of what is poured in, the thin before the rich, where who eats may have it and it is not there for
        # its acid.
        def poured(recipe, catalogue, exclusion)
          wet = Recipes::Parts.dough(recipe).select { |line| line.counted? && catalogue.fetch(line.ingredient).liquid? }
          most = wet.max_by { |line| [rich?(catalogue.fetch(line.ingredient)) ? 0 : 1, line.grams.value] } or return
          catalogue
            .fetch(most.ingredient)
            .then { |found| found if exclusion.allows?(found) && !Stays.sharp?(found) && found.gluten == "free" }
        end

        # There for its fat, not to wet.
        def rich?(ingredient) = ingredient.fat_pct > Constants.fetch(:dough, :rich_liquid_fat_pct)

        # A dough can be made of another root or curd; a sauce cannot.
        def substitutes(recipe)
          table = DataFiles.yaml("substitutions.yml").merge(DataFiles.yaml("families/dough/substitutions.yml"))
          Diets::Substitutes.new(@catalogue, exclusion, units: KitchenUnits.of(recipe.system), table: table).of(recipe)
        end

        def flour_out?(line) = @catalogue.fetch(line.ingredient).then { |i| !exclusion.allows?(i) && i.starchy? }

        def gone?(line)
          return false unless line.ingredient && Recipes::Parts.place(line) == :dough

          ingredient = @catalogue.fetch(line.ingredient)
          return wets?(ingredient) unless line.grams

          wets?(ingredient) || (ingredient.group == "egg" && !@exclusion.allows?(ingredient))
        end

        # Poured in to wet it: solved anew.
        def wets?(ingredient)
          return false if !ingredient.liquid? || @keep_liquids || Stays.sharp?(ingredient)

          ingredient.key == liquid.key || !rich?(ingredient)
        end

        def refuse_mass(line)
          ingredient = @catalogue.fetch(line.ingredient)
          unless Recipes::Parts.place(line) == :dough && (Contents.mash(ingredient.key) || ingredient.group == "curd")
            return
          end

          raise InvalidInput,
                "#{ingredient.say} is what this dough is made of, and it is left out for who eats: leave out less, " \
                  "or type the recipe with another root or curd"
        end
      end
    end
  end
end
