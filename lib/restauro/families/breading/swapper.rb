module Restauro
  module Families
    class Breading
      # Dust for dust and crumb for crumb: as thick a coat, by what the new ones weigh; the wet layer goes by who eats.
      class Swapper
        DUSTS =
          %w[corn_starch potato_starch tapioca_starch white_rice_flour chickpea_flour almond_flour coconut_flour].freeze
        CRUMBS = %w[gf_breadcrumbs crushed_corn_flakes cornmeal quinoa_flakes ground_nuts].freeze

        def initialize(catalogue, recipe, options, wheat)
          @catalogue = catalogue
          @recipe = recipe
          @options = options
          @wheat = wheat
          @exclusion = Diets::Exclusion.of(options.without, catalogue)
          @substitutes = Diets::Substitutes.new(catalogue, @exclusion, units: units).of(recipe)
          @replaced = recipe.ingredients.select { |line| line.ingredient && out?(catalogue.fetch(line.ingredient)) }
        end

        # @return [Swap]   @raise [InvalidInput]
        def swap
          return keep if @replaced.empty? && coats?(@wheat.layers) && @options.with.empty?
          if @replaced.empty?
            raise InvalidInput, "no wheat flour or crumbs to replace were read: type such as '80 g breadcrumbs'"
          end

          pairs = self.pairs(crumb)
          ours = Prediction.new(recipe_of(pairs), @catalogue, @options)
          pairs = weighed(pairs, ours)
          pairs = Seasoned.scaled(pairs) unless ours.cakes?
          ours = Prediction.new(recipe_of(pairs), @catalogue, @options)
          Swap.new(wheat: @wheat, ours: ours, replaced: @replaced.freeze, pairs: pairs.freeze,
                   coats: pairs.flat_map(&:last).select(&:added).freeze,
                   alternatives: alternatives(ours).freeze, substitutions: @substitutes.select(&:found?).freeze,
                   warnings: warnings(ours).freeze)
        end

        private

        # A coat that holds no gluten, as it is.   @return [Swap]
        def keep
          pairs = listed.map { |line| [line, kept(line)] }
          ours = Prediction.new(recipe_of(pairs), @catalogue, @options)
          coats = ours.recipe.ingredients.select { |line| %w[flour starch crumb].include?(line.role) }
          Swap.new(wheat: @wheat, ours: ours, replaced: [].freeze, pairs: pairs.freeze, coats: coats.freeze,
                   alternatives: alternatives(ours).freeze,
                   substitutions: @substitutes.select(&:found?).freeze, warnings: warnings(ours).freeze)
        end

        def listed =
          @recipe.lines.reject do |line|
            line.role == "step" || (line.role == "title" && Recipes::Outline.heading?(line.text))
          end

        # Flour or crumbs among the layers: egg alone is no coat to keep.
        def coats?(layers) = layers.any? { |layer| layer.ingredient.starchy? || crumb?(layer.ingredient) }
        def out?(ingredient) = !@exclusion.allows?(ingredient) && (ingredient.starchy? || ingredient.group == "crumb")
        def units = KitchenUnits.of(@recipe.system)
        # With its steps: they say in which order it is dipped.
        def recipe_of(pairs) = @recipe.with(lines: pairs.flat_map(&:last) + @recipe.steps)
        def crumb?(ingredient) = %w[crumb meal].include?(ingredient.group)
        def chosen = @options.with.map { |key| allowed!(@catalogue.fetch(key)) }
        def crumb = chosen.find { |i| crumb?(i) } || first_of(CRUMBS, "crumb")
        def dust = chosen.find { |i| !crumb?(i) } || first_of(dusts, "flour or starch to dust with")
        # Any flour that is there dusts as well as starch.
        def dusts =
          @options.offer.select { |key| @catalogue.find_key(key).then { |i| i&.starchy? && !crumb?(i) } } | DUSTS

        def allowed!(ingredient)
          unless ingredient.starchy? || crumb?(ingredient)
            raise InvalidInput, "#{ingredient.say} does not coat; choose a starch, a flour or crumbs"
          end

          @exclusion.allow!(ingredient, instead: "another")
        end

        # What the shelf holds before what it does not.
        def first_of(keys, what)
          found = (keys & @options.offer | keys).map { |key| @catalogue.fetch(key) }
          found.find { |i| @exclusion.allows?(i) } or raise InvalidInput,
              "no #{what} is left; leave out less"
        end

        def pairs(crumb)
          listed.map do |line|
            next [line, kept(line)] unless @replaced.any? { |old| old.equal?(line) }

            old = @catalogue.fetch(line.ingredient)
            fresh = crumb?(old) ? crumb : dust
            next [line, [binding(line)]] if Bound.in?(line)

            [line, [new_line(fresh, same_volume(line, old, fresh), crumb?(old) ? "crumb" : "flour", line.part)]]
          end
        end

        # Crumbs in cakes, gram for gram: a binder wants the weight, no coat's volume.
        def binding(line)
          fresh = chosen.find { |ingredient| ingredient.group == "crumb" } || @catalogue.fetch(WheatElsewhere::OTHERS)
          @exclusion.allow!(fresh, instead: "a recipe without crumbs")
          new_line(fresh, line.grams&.value, "other", line.part).with(kind: Bound::KIND)
        end

        def kept(line) = @substitutes.find { |found| found.line.equal?(line) && found.found? }&.lines || [line]

        # As thick a coat takes as much by volume.
        def same_volume(line, old, fresh) = line.grams && line.grams.value * Layers.density(fresh) / Layers.density(old)

        # Where the pieces are known, what they take.
        def weighed(pairs, ours)
          coats = pairs.flat_map(&:last).select { |line| line.added && !Bound.in?(line) }
          pairs.map do |wheat, lines|
            [wheat, lines.map do |line|
              layer = ours.layers.find { |candidate| candidate.ingredient.key == line.ingredient }
              grams = layer && coats.include?(line) && ours.needed(layer)
              grams ? new_line(layer.ingredient, grams * share(line, coats), line.role, line.part) : line
            end]
          end
        end

        # Of what a layer takes, where its flour stands on two lines.   @return [Float] of 1
        def share(line, coats)
          same = coats.select { |other| other.ingredient == line.ingredient }
          all = same.sum { |other| other.grams&.value.to_f }
          all.positive? ? line.grams&.value.to_f / all : 1.0 / same.length
        end

        def new_line(ingredient, grams, role, part)
          return Recipes::WeighedLine.of(ingredient, grams, role: role, part: part, units: units) if grams

          Recipes::Line.new(text: ingredient.say, ingredient: ingredient.key, role: role, part: part,
                            name_text: ingredient.say, added: true)
        end

        def alternatives(ours)
          used = ours.layers.find { |layer| layer.name == "crumb" } or return []
          DataFiles.yaml("families/breading/crumbs.yml").filter_map do |key, row|
            other = @catalogue.fetch(key)
            next if key == used.ingredient.key || !@exclusion.allows?(other)

            layer = Layers.by_thickness("crumb", other, used.mm)
            Alternative.new(keys: [key], names: [other.say], grams: ours.needed(layer)&.round, gain: row["gain"],
                            cost: row["cost"], from: row["from"])
          end
        end

        def warnings(ours) = (ours.warnings + @exclusion.warnings(ours.recipe, @catalogue)).uniq
      end
    end
  end
end
