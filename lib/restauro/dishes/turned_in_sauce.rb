# frozen_string_literal: true

module Restauro
  module Dishes
    # What is fried or baked in its coat and then turned in a sauce, in one list with that sauce: its bottles, honey and
    # butter stand behind the oil, or behind the coat.
    class TurnedInSauce
      include LineKinds

      # What the sauce is called.
      NAME = "Sauce to turn them in"
      TURNED, BY_STEP, SAUCE, MARINATED, MELTED, DIPPED, A_SAUCE =
        DataFiles.words("dishes/words.yml").values_at(:turned_in_sauce, :turned_by_step, :sauce_to_turn_in, :marinated,
                                                      :melted_fat, :dip, :named_a_sauce)
      # Out of a bottle: no batter is made of it.
      BOTTLED = %w[hot_sauce table_sauce soy_sauce tamari].freeze
      POURED = [*BOTTLED, "cider_vinegar", "wine_vinegar", "malt_vinegar", "lemon_juice", "orange_juice", "dry_wine",
                "tomato_paste", "tomato_passata", "stock", "apple_juice"].freeze
      STIRRED = %w[late herb soften infuse].freeze
      private_constant :TURNED, :BY_STEP, :SAUCE, :MARINATED, :MELTED, :DIPPED, :A_SAUCE, :BOTTLED, :POURED, :STIRRED

      # @param name [String, nil] of a part   @param recipe [Recipes::Recipe, nil] whose steps may say it of a sauce
      # @return [Boolean] whether pieces are turned in it
      def self.named?(name, recipe = nil)
        return true if name == NAME

        name.to_s.match?(SAUCE) && recipe&.steps.to_a.any? { |line| line.text.match?(BY_STEP) }
      end

      # @param catalogue [Catalogue]   @param recipe [Recipes::Recipe] whose title and steps say what is done with it
      def initialize(catalogue, recipe)
        @catalogue = catalogue
        @words = recipe.lines.select(&:words?).map(&:text)
        @sauce = recipe.title.to_s.match?(A_SAUCE)
        @dipped = recipe.title.to_s.match?(DIPPED)
        freeze
      end

      # @param lines [Array<Recipes::Line>] of one list
      # @param heading [String, nil] over it: what is headed a sauce is that sauce, whatever is fried beside it
      # @return [Array(Array, Array), nil] what is coated, and the sauce it is turned in
      def split(lines, heading: nil)
        return if heading.to_s.match?(SAUCE) || @sauce || (@dipped && !told?)

        cut = behind(lines) or return
        coated, sauce = lines.first(cut), lines.drop(cut)
        [coated, sauce] if coated?(coated) && sharp?(sauce) && !floured?(coated)
      end

      private

      # Behind the oil, where all of it is such a sauce; else behind the coat, where the words say what is done with it.
      # @return [Integer, nil]
      def behind(lines)
        oil = lines.rindex(&:to_fry_in?)
        return (oil + 1 if lines.drop(oil + 1).all? { |line| beside_oil?(line) } && !marinated?) if oil
        return unless told?

        at = lines.length
        at -= 1 while at.positive? && sauce?(lines[at - 1])
        at += 1 if frying_fat?(lines, at)
        at if lines.drop(at).any?
      end

      # The first fat fries them, if it is not to be melted.
      def frying_fat?(lines, at) =
        lines[at]&.role == "fat" && !lines[at].text.match?(MELTED) &&
          lines.first(at).none? { |line| line.role == "fat" }

      def told? = @words.any? { |text| text.match?(TURNED) }
      def marinated? = @words.any? { |text| text.match?(MARINATED) } && !told?

      # A flour of its own at its beginning thickens it.
      def floured?(coated) = flour?(coated.last) && coated.count { |line| flour?(line) } > 1

      def coated?(lines) =
        lines.any? { |line| flour?(line) } && lines.any? { |line| piece?(line) } &&
          lines.none? { |line| line.role == "puree" }

      def piece?(line) =
        line.by_the_piece? || line.role == "cheese" ||
          (line.role == "other" && group_of(line) != "sugar" && food?(line))
      def food?(line) = !(line.kind || line.ingredient).nil? && !STIRRED.include?(line.kind) && line.kind != "table"

      def sauce?(line)
        return POURED.include?(line.ingredient) if line.role == "liquid"
        return true if line.role == "fat" || group_of(line) == "sugar"

        line.role == "other" && line.ingredient.nil? && STIRRED.include?(line.kind)
      end

      # Peppers and pineapple too; a spoon of starch and its water; salt.
      def beside_oil?(line) =
        sauce?(line) || line.role == "seasoning" || line.kind == "simmer" || line.ingredient == "water" ||
          group_of(line) == "starch" || line.ingredient == "maize_flour" || bottle?(line)

      # No known thing: hoisin, gochujang by another name.
      def bottle?(line) = line.role == "other" && line.ingredient.nil? && line.kind.nil?

      # Something of a bottle, or sugar and something sour.
      def sharp?(lines) =
        lines.any? { |line| BOTTLED.include?(line.ingredient) } ||
          (lines.any? { |line| group_of(line) == "sugar" } && lines.any? { |line| sour?(line) })

      def sour?(line) = line.ingredient.to_s.match?(/vinegar|juice/)
    end
  end
end
