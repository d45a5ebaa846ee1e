module Restauro
  module Families
    class Crust
      # A bought wheat sheet, or crumbs, for those without gluten.
      class SheetSwapper
        DUST = %w[
          white_rice_flour
          tapioca_starch
          potato_starch
          sorghum_flour
          almond_flour
          sunflower_meal
          coconut_flour
        ].freeze

        def initialize(catalogue, recipe, options)
          @catalogue = catalogue
          @wheat = Prediction.new(recipe, catalogue, options)
          @options = options.with_choices(style: @wheat.style.key, cover: @wheat.cover)
          @recipe = recipe
          @exclusion = @options.exclusion(catalogue)
        end

        # @return [Swap]   @raise [InvalidInput]
        def swap
          nothing if replaced.empty?

          filling = FillingSwap.of(@wheat.filling, @recipe, @catalogue, @options)
          pairs = (crust_pairs + filling.pairs).freeze
          ours = Prediction.new(@recipe.with(lines: pairs.flat_map(&:last)), @catalogue, @options)
          Swap.new(
            target: nil,
            kept: true,
            school: nil,
            wheat: @wheat,
            ours: ours,
            replaced: replaced,
            pairs: pairs,
            bench_g: 0.0,
            filling: filling,
            flours: pairs.find { |line, _| line.equal?(replaced.first) }.last,
            binder: nil,
            liquid: nil,
            alternatives: [].freeze,
            refused: {},
            sheet: sheet,
            substitutions: substitutes,
            warnings: warnings(ours, filling)
          )
        end

        private

        def nothing
          raise InvalidInput,
                "no wheat sheet or crumbs to replace were read: type such as '1 sheet puff pastry' or '200 g biscuit crumbs'"
        end

        def replaced
          @replaced ||=
            Recipes::Parts
              .dough(@recipe)
              .select { |line| line.counted? && wheat?(@catalogue.fetch(line.ingredient)) }
              .freeze
        end

        def wheat?(ingredient) = ingredient.contains_gluten? && %w[pastry crumb].include?(ingredient.group)

        def substitutes
          Diets::Substitutes.new(@catalogue, @exclusion, units: units).of(crust_alone).select(&:found?).freeze
        end

        def units = KitchenUnits.of(@recipe.system)
        def crust_alone = @recipe.with(lines: @recipe.lines.reject { |line| Parts.filling?(line) })

        def crust_pairs
          found = substitutes
          crust_alone
            .lines
            .reject { |line| line.role == "step" || (line.role == "title" && Recipes::Outline.heading?(line.text)) }
            .map do |line|
              next line, [] if Dough::Stays.glaze_out?(line, @catalogue, @exclusion)
              next line, [new_line(line)] if replaced.any? { |wheat| wheat.equal?(line) }

              [line, elsewhere.in_place_of(line) || found.find { |each| each.line.equal?(line) }&.lines || [line]]
            end
        end

        # A sheet for a sheet, as many as the dish takes; crumbs for their weight.
        def new_line(line)
          fresh = counterpart(line)
          grams = fresh.group == "pastry" ? sheet.count * fresh.piece_g : line.grams.value
          Recipes::WeighedLine.of(fresh, grams, role: line.role, part: line.part, units: units)
        end

        def counterpart(line)
          key = Sheet.rows.find { |_, row| row["takes"] == line.ingredient }&.first
          return elsewhere.crumbs(@catalogue.fetch(line.ingredient)) unless key

          @exclusion.allow!(@catalogue.fetch(key), instead: "a crust of your own flours")
        end

        # Flour to dust with, beside the sheet or the crumbs.
        def elsewhere = WheatElsewhere.new(@catalogue, flour: method(:dust), exclusion: @exclusion, units: units)

        def dust
          found = DUST.map { |key| @catalogue.fetch(key) }.find { |ingredient| @exclusion.allows?(ingredient) }
          found or raise InvalidInput, "no flour is left to dust with: leave out less, or leave out that line"
        end

        def sheet
          return unless @wheat.style.sheet?

          Sheet.of(
            counterpart(replaced.first),
            @options.pan,
            @wheat.style.thickness_mm,
            grams: replaced.sum { |line| line.grams.value }
          )
        end

        def warnings(ours, filling)
          torn = sheet && @options.pan && sheet.count > 1 ? [pieced] : []
          (ours.warnings + torn + filling.warnings + @exclusion.warnings(ours.recipe, @catalogue)).uniq.freeze
        end

        def pieced
          Warning.new(
            code: :sheet_small,
            text: "one sheet would tear before it reaches: #{sheet.count} sheets, joined with a wet overlap of 1 cm"
          )
        end
      end
    end
  end
end
