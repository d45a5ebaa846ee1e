module Restauro
  module Families
    class Sauce
      # The wheat recipe with its thickener taken out, into which new thickeners, a slurry's water and a roux's fat are
      # written.
      class SwapDraft
        # substitutions: other lines that had to change, with what takes their place
        attr_reader :catalogue, :substitutions

        # @param recipe [Recipes::Recipe] with sauce roles
        # @param school [String] roux or slurry
        # @param units [KitchenUnits]
        # @param fat [Ingredient] what a roux is made with when the recipe has no fat
        # @param substitutions [Array<Diets::Substitution>] other lines that must change
        def initialize(recipe, catalogue, school:, units:, fat:, replaced:, substitutions: [])
          @catalogue = catalogue
          @school = school
          @units = units
          @fat = fat
          @recipe = recipe
          @replaced = replaced
          @substitutions = substitutions.select(&:found?).freeze
          @substitutes =
            @substitutions.each_with_object({}.compare_by_identity) { |found, all| all[found.line] = found.lines }
          @old_slurry = Formula.from(recipe, catalogue).slurry_line
          freeze
        end

        # The thickener lines a swap replaces: those that may not be eaten, or where there are none every flour and
        # starch.
        def self.replaced(recipe, catalogue, exclusion)
          lines = recipe.ingredients.select { |line| line.role == "thickener" && line.counted? }
          out = lines.reject { |line| exclusion.allows?(catalogue.fetch(line.ingredient)) }
          out.empty? ? lines : out
        end

        # The new thickeners among a formula's.   @param formula [Formula] of #recipe   @return [Array<Formula::Part>]
        def fresh(formula) = formula.thickeners.select { |part| part.line.added }

        # @return [Float] g that is poured
        def liquid_g =
          @recipe.ingredients.select { |line| line.role == "liquid" && line.counted? }.sum { |line| line.grams.value }

        # Each line of the wheat recipe (steps aside) with the lines that take its place: the first flour line's place
        # is taken by the new thickeners, a slurry's water and a roux's fat; a second flour line's by nothing.
        # @param thickeners [Array<Ingredient>]
        # @param grams [Array<Float>] g
        # @return [Array<Array(Line, Array<Line>)>]
        def pairs(thickeners, grams)
          found = listed.map do |line|
            next line, fresh_lines(thickeners, grams, line.part) if line.equal?(@replaced.first)

            [line, replaced?(line) || line.equal?(@old_slurry) ? [] : @substitutes.fetch(line) { [printed(line)] }]
          end
          @replaced.empty? ? after_all(found, fresh_lines(thickeners, grams, nil)) : found
        end

        # Every line as it is, but for what must change.
        def kept_pairs = listed.map { |line| [line, @substitutes.fetch(line) { [printed(line)] }] }

        # @return [Recipes::Recipe] the gluten-free recipe's lines, out of #pairs
        def recipe(pairs) = @recipe.with(lines: pairs.flat_map(&:last))

        private

        def listed = @recipe.lines.reject { |line| line.role == "step" || heading?(line) }

        # New lines at the end, where there was no flour whose place they take.
        def after_all(pairs, lines)
          *head, (last, ours) = pairs
          [*head, [last, ours + lines]]
        end

        def heading?(line) = line.role == "title" && Recipes::Outline.heading?(line.text)
        def replaced?(line) = @replaced.any? { |old| old.equal?(line) }

        def fresh_lines(thickeners, grams, part)
          thickener_lines =
            thickeners
              .zip(grams)
              .map { |ingredient, g| new_line(ingredient, g, "thickener", part, name: named(ingredient, thickeners)) }
          thickener_lines + slurry_lines(thickeners, grams, part) + fat_lines(thickeners, grams, part)
        end

        # Starch alone is read as a slurry: one that goes into the fat says so.
        def named(ingredient, thickeners)
          if @school == "roux" && thickeners.all? { |one| Cooking.late?(one) }
            "#{ingredient.say}, for the roux"
          else
            ingredient.say
          end
        end

        def slurry_lines(thickeners, grams, part)
          water =
            (
              if @school == "slurry"
                thickeners.zip(grams).sum { |ingredient, g| Formula.water_for(ingredient, g) }.round(1)
              else
                0.0
              end
            )
          return [] unless water.positive?

          [new_line(@catalogue.fetch("water"), water, "liquid", part, name: "cold water, for the slurry")]
        end

        # A roux needs fat: as much by volume as thickener, where the recipe has none.
        def fat_lines(thickeners, grams, part)
          return [] if @school != "roux" || @recipe.ingredients.any? { |line| line.role == "fat" && line.counted? }

          millilitres = thickeners.zip(grams).sum { |ingredient, g| g / ingredient.density }
          [new_line(@fat, (millilitres * @fat.density).round(1), "fat", part)]
        end

        def new_line(ingredient, grams, role, part, name: ingredient.say)
          Recipes::WeighedLine.of(ingredient, grams, role: role, part: part, units: @units, name: name)
        end

        # Counted lines are printed by weight, with the cook's own words beside; all others stay as they were typed.
        def printed(line)
          return line if !line.counted? || line.words? || !%w[liquid fat thickener egg cheese].include?(line.role)

          grams = line.grams.value.round(1)
          name =
            (
              if line.corrected
                @catalogue.fetch(line.ingredient).say
              else
                line.name_text || @catalogue.fetch(line.ingredient).say
              end
            )
          own =
            (
              if line.amount_text && !line.corrected && !line.amount_text.match?(/\A[\d.,\s]+g\z/i)
                " (#{line.amount_text})"
              else
                ""
              end
            )
          line.with(text: "#{Recipes::WeighedLine.tenths(grams)} g #{name}#{own}", corrected: false)
        end
      end
    end
  end
end
