module Restauro
  module Diets
    # Puts what an eater may have in the place of what they may not, gram for gram by data/substitutions.yml.
    class Substitutes
      VEGETABLE_STOCK = "vegetable stock".freeze
      TABLE = "To serve".freeze
      # Flour that nobody weighs, behind another thing: it is wheat's, as any other.
      FLOUR_BESIDE = DataFiles.words("recipes/words.yml").fetch(:flour_beside)
      private_constant :FLOUR_BESIDE

      # @param catalogue [Catalogue]
      # @param exclusion [Exclusion]
      def initialize(catalogue, exclusion, units:, table: DataFiles.yaml("substitutions.yml"))
        @catalogue = catalogue
        @exclusion = exclusion
        @units = units
        @table = table
        @gluten_free = DataFiles.yaml("ingredients/gluten_free_kinds.yml")
        freeze
      end

      # @param recipe [Recipes::Recipe]
      # @param meals [Boolean] whether ground nuts go as well, where no family weighs them anew
      # @return [Array<Substitution>] one for each counted line that must go, thickeners aside
      def of(recipe, meals: false)
        lines = recipe.ingredients.reject do |line|
          %w[thickener flour starch].include?(line.role) && !(meals && meal?(line))
        end
        excluded = lines.select { |line| line.ingredient && !@exclusion.allows?(@catalogue.fetch(line.ingredient)) }
        stocks = (lines - excluded).select { |line| line.ingredient == "stock" && @exclusion.named(line.text) }
        others = lines.select { |line| line.ingredient.nil? && line.gluten? }
        floured = (lines - excluded - stocks - others).select { |line| line.text.match?(FLOUR_BESIDE) }
        [
          *excluded.map { |line| substitution(line) },
          *stocks.map { |line| stock(line) },
          *others.map { |line| unknown(line) },
          *floured.map { |line| without_wheat(line) }
        ]
      end

      private

      def meal?(line) = @catalogue.find_key(line.ingredient)&.group == "meal"

      def substitution(line)
        row = rows(line.ingredient).find { |candidate| candidate["parts"].each_key.all? { |key| fits?(key) } }
        return Substitution.new(line: line, lines: [].freeze, costs: nil) unless row

        Substitution.new(
          line: line,
          lines: row["parts"].map { |key, share| written(line, @catalogue.fetch(key), share) }.freeze,
          costs: row["costs"]
        )
      end

      # Of bones, for who eats none: the same of vegetables.
      def stock(line)
        fresh = written(line, @catalogue.fetch("stock"), 1).then do |new|
          new.with(text: new.text.sub(@catalogue.fetch("stock").say, VEGETABLE_STOCK), name_text: VEGETABLE_STOCK)
        end
        Substitution.new(line: line, lines: [fresh].freeze, costs: "lighter: dried mushrooms or tamari give it depth")
      end

      # "40 g butter and flour for the tin".
      def without_wheat(line)
        text = line.text.sub(FLOUR_BESIDE) { |beside| beside.sub(/\p{L}+\z/, 'gluten-free \0') }
        Substitution.new(line: line, lines: [line.with(text: text, added: true)].freeze,
                         costs: "rice flour keeps it from sticking as well")
      end

      # What the table says, after the same thing sold as gluten free.
      def rows(key)
        free = @gluten_free[key]
        [*(free && [{"parts" => {free => "1"}, "costs" => "a pack labelled gluten free"}]), *@table.fetch(key, [])]
      end

      # A thing of wheat that is not understood: only where one is sold as gluten free.
      def unknown(line)
        bare = line.text.strip.sub(/\A[-*•\s]+/, "")
        name = "#{bare}: only one sold as gluten free"
        fresh =
          Recipes::Line.new(
            text: name,
            ingredient: "gf_other",
            grams: line.grams,
            amount_text: line.amount_text,
            role: "other",
            part: line.part,
            name_text: bare,
            kind: line.kind,
            added: true,
            warnings: Labels.marks(@catalogue.fetch("gf_other"), name)
          )
        Substitution.new(line: line, lines: [fresh].freeze, costs: "if there is none, leave it out")
      end

      def fits?(key)
        ingredient = @catalogue.find_key(key)
        ingredient && @exclusion.allows?(ingredient) && !ingredient.contains_gluten?
      end

      # What only goes to the table goes there whatever it is now.
      def served?(line) =
        line.role == "other" && (line.kind == "table" || Recipes::Served.words?(line, heading: line.part))

      # So many rolls are as many.   @return [String, nil]
      def own_count(line, ingredient) =
        (line.amount_text if ingredient.group == "bought" && line.amount_text.to_s.match?(/\A\d+\z/))

      def written(line, ingredient, share)
        grams = line.grams && line.grams * Float(share)
        measure = grams && (own_count(line, ingredient) || Measure.nearest(ingredient, grams.value, @units)&.text)
        counted = [line.amount_text, ingredient.say].compact.join(" ")
        text = grams ? Recipes::WeighedLine.text(grams.value, ingredient.say, measure) : counted
        Recipes::Line.new(
          text: text,
          ingredient: ingredient.key,
          grams: grams,
          part: served?(line) ? line.part || TABLE : line.part,
          amount_text: grams ? measure : line.amount_text,
          name_text: ingredient.say,
          role: served?(line) || line.inside? ? "other" : Recipes::LineReader::ROLES.fetch(ingredient.group, "other"),
          kind: (line.kind if line.inside? || line.kind == "table"),
          added: true,
          warnings: Labels.marks(ingredient, text)
        )
      end
    end
  end
end
