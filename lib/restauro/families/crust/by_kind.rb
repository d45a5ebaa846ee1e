module Restauro
  module Families
    class Crust
      # What of one list without headings is inside a crust: fruit and what comes after it, but for the crust's own
      # flour and fat; a custard, cream and purée beside a dough that has its water; beside a bought sheet everything
      # but what it is brushed with.
      class ByKind
        SAUCED = %w[flour starch fat liquid].freeze
        APART = %w[fruit vegetable cheese].freeze
        SPREAD = DataFiles.words("families/crust/words.yml").fetch(:spread)
        CRUSTY = %w[flour fat].freeze
        # Cheese and leaves are in them.
        BISCUITS = DataFiles.words("dishes/words.yml").fetch(:biscuits_by_heading)
        private_constant :BISCUITS

        # @param recipe [Recipes::Recipe]
        def initialize(recipe, catalogue)
          @recipe = recipe
          @catalogue = catalogue
          @biscuits = recipe.lines.first&.role == "title" && recipe.lines.first.text.match?(BISCUITS)
          @sheet = recipe.ingredients.any? { |line| group(line) == "pastry" }
          wet = recipe.lines.any? { |line| line.ingredient == "water" }
          @first =
            recipe.lines.index { |line| filled_in?(line) || (wet && line.role == "puree") } || recipe.lines.length
          @watered = wet && (@first < recipe.lines.length || @sheet || recipe.lines.any? { |line| line.role == "egg" })
          @custard = @sheet ? recipe.lines.length : Custard.new(recipe, catalogue).first || recipe.lines.length
          @fried = fried_in
          @behind = [nutty, syrup_or_crumbs].compact.min || recipe.lines.length
          freeze
        end

        # @param line [Recipes::Line]   @param index [Integer] of it in the recipe
        def inside?(line, index)
          return false if @biscuits || (line.role == "egg" && Glaze.line?(line))

          return true if @fried.include?(index) || (index >= @behind && !line.words?)
          return beside_sheet?(line) if @sheet
          return true if filled_in?(line) || poured?(line)
          # Leaves behind what fills it go with that.
          return true if %w[herb late].include?(line.kind) && index > @first
          return false if (index <= @first && index < @custard) || line.words? || line.ingredient.nil?

          spoon_of_flour?(line) || !(CRUSTY.include?(line.role) || group(line) == "pastry")
        end

        private

        def group(line) = @catalogue.find_key(line.ingredient)&.group
        def poured?(line) = @watered && ((line.role == "liquid" && line.ingredient != "water") || line.role == "puree")
        # An egg beside a sheet, and nothing for it to set.
        def brushed?(line) =
          @sheet && !@watered && line.role == "egg" && !yolks?(line) &&
            under?(line, Constants.fetch(:crust, :glaze_most_g))
        def yolks?(line) = line.ingredient == "egg_yolk" && !under?(line, Constants.fetch(:crust, :glaze_yolk_most_g))
        # A sheet needs nothing more: what is neither brushed nor strewn on it nor eaten with it fills it.
        def beside_sheet?(line)
          return false if line.words? || group(line) == "pastry" || brushed?(line) || Glaze.line?(line)
          return false if line.kind == "table"

          !line.amount_text.nil? || filled_in?(line) || SAUCED.include?(group(line))
        end
        def spoon_of_flour?(line) = line.role == "flour" && under?(line, Constants.fetch(:dishes, :second_liquid_g))
        # Ham by the slice, in a bought sheet.
        def wrapped?(line) =
          (@sheet || !line.amount_text.nil?) && !["table", "herb", "late", "other", nil].include?(line.kind)
        # Jam by the spoon: no grams are known of it.
        def spread?(line) = !line.amount_text.nil? && line.text.match?(SPREAD)
        def under?(line, most_g) = !line.grams.nil? && line.grams.value <= most_g

        # A second fat behind onions or mushrooms is what those are fried in.   @return [Array<Integer>]
        def fried_in
          fats = @recipe.lines.each_index.select { |index| @recipe.lines[index].role == "fat" }
          fats.drop(1).select { |index| @recipe.lines[0...index].any? { |line| line.kind == "soften" } }
        end

        # Nuts behind a dough that has its flour, its fat and its water, with a fat and eggs of their own.
        # @return [Integer, nil]
        def nutty
          at = @recipe.lines.index { |line| group(line) == "meal" } or return
          at -= 1 while at.positive? && whole?(at - 1) && creamed?(@recipe.lines[at - 1])
          rest = @recipe.lines[at..]
          at if whole?(at) && %w[fat egg].all? { |role| rest.any? { |line| line.role == role } }
        end

        # Jam under nuts, butter and sugar creamed for them.
        def creamed?(line) = line.role == "fat" || group(line) == "sugar" || spread?(line)

        # Crumbs, or syrup by the cup, behind a dough that has all it needs.   @return [Integer, nil]
        def syrup_or_crumbs
          flour = @recipe.lines.sum { |line| line.role == "flour" ? line.grams&.value.to_f : 0.0 }
          @recipe.lines.each_index.find do |index|
            line = @recipe.lines[index]
            heavy = group(line) == "sugar" && line.grams && line.grams.value > flour / 2
            (line.role == "crumb" || heavy) && whole?(index)
          end
        end

        # Whether the lines before have the flour, the fat and the water of a dough.
        def whole?(at)
          %w[flour fat liquid].all? { |role| @recipe.lines[0...at].any? { |line| line.role == role } }
        end

        def filled_in?(line)
          unless line.ingredient
            return line.role == "other" && (!line.grams.nil? || !line.understood || spread?(line) || wrapped?(line))
          end

          APART.include?(group(line))
        end
      end
    end
  end
end
