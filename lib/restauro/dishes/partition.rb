# frozen_string_literal: true

module Restauro
  module Dishes
    # Reads a recipe into a dish: its groups of lines, what family each is, how they meet.
    class Partition
      include FamiliesOfParts
      include Placing
      include Naming

      # No more of a name than what it is.
      PLAIN_HEADING = DataFiles.words("dishes/words.yml").fetch(:plain_heading)
      private_constant :PLAIN_HEADING

      # @param recipe [Recipes::Recipe]   @param family [String, nil] forces a reading of one part
      # @param given [Hash] part name => family
      # @return [Dish]   @raise [InvalidInput]
      def self.of(recipe, catalogue, family: nil, given: {}) = new(recipe, catalogue, family, given).dish

      # Cheese alone, to scatter.
      def self.cheese?(lines) = lines.any? && lines.all? { |line| line.role == "cheese" }

      def initialize(recipe, catalogue, family, given)
        @board = Recipes::BoardFlour.among(recipe)
        @recipe = recipe.with(lines: recipe.lines.reject { |line| @board.any? { |flour| flour.equal?(line) } })
        @catalogue = catalogue
        @family = family
        @given = given.transform_keys(&:downcase)
      end

      # @return [Dish]   @raise [InvalidInput] a part's name that is not there, or nothing that is this trade
      def dish
        parts = @family ? [whole(@family)] : read_parts
        check_given(parts)
        parts = of_no_flour(parts) if parts.none?(&:family)
        Dish.new(title: @recipe.title, parts: parts, joins: Joins.of(parts, @recipe, @catalogue),
                 said: Said.of(@recipe), recipe: @recipe, board: @board)
      end

      private

      def read_parts =
        Moved.of(named(Meetings.new(@recipe).of(parts_of(Grouping.new(@recipe, @catalogue).groups))), @recipe,
                 @catalogue, @given)
      # One thing, but for slices with cream between them, and what is rolled in bought pasta under its sauce.
      def of_no_flour(parts)
        return with_a_sauce(parts) if parts.length > 1 && @recipe.title.to_s.match?(RolledInList::ROLLED)

        slices, rest = parts.partition { |part| part.lines.all? { |line| Bake.raw_layer?(line) } }
        return [whole(Families.detect(@recipe, @catalogue).key)] unless slices.any? && rest.one?

        parts.map { |part| part.equal?(rest.first) ? part.with(family: "sauce", name: NAMED["sauce"]) : part }
      end

      def with_a_sauce(parts) = parts.map { |part| part.name == NAMED["sauce"] ? part.with(family: "sauce") : part }

      def whole(family) = Part.new(name: @recipe.title || NAMED.fetch(family), family: family, recipe: @recipe)
      def flour?(lines) =
        lines.any? { |line| line.counted? && (of_dough?(@catalogue.fetch(line.ingredient)) || line.role == "crumb") }

      def parts_of(groups)
        return [lone(groups.first)] if groups.length == 1

        groups.each_with_index.map do |group, index|
          recipe = @recipe.with(lines: [heading(group, index, groups), dish_title, *own(group.lines),
                                        *@recipe.steps].compact)
          Part.new(name: group.label, family: family_of(group, recipe), recipe: recipe, place: place(group, groups))
        end
      end

      # A part's lines stand in it alone; what goes to the table, or is brushed on, keeps its heading.
      def own(lines)
        lines.map do |line|
          kept = line.part.to_s.match?(Grouping::TABLE) || Families::Crust::Glaze.headed?(line)
          kept ? line : line.with(part: nil)
        end
      end

      # As it stands, or with the dough that ended it in front.
      def lone(group)
        turned = group.lines != @recipe.ingredients && group.lines.length == @recipe.ingredients.length
        recipe = turned ? in_order(group.lines) : @recipe
        Part.new(name: @recipe.title, family: Families.detect(recipe, @catalogue).key, recipe: recipe)
      end

      def in_order(lines) =
        @recipe.with(lines: @recipe.lines.select { |line| line.role == "title" } + lines + @recipe.steps)
      def dish_title = @recipe.title && Recipes::Line.new(text: @recipe.title, role: "title")

      # A part is judged by its heading, the first by the dish's own title where it has none.
      def heading(group, index, groups)
        plain = group.label.to_s.match?(PLAIN_HEADING)
        own = OwnTitle.of(@recipe.title, groups.map(&:label)) if index.zero?
        text = plain ? "#{group.label} (#{@recipe.title})" : group.label || own
        text && Recipes::Line.new(text: text, role: "title")
      end

      def check_given(parts)
        unknown =
          @given.keys - parts.flat_map { |part| [part.name, part.recipe.title].map { |name| name.to_s.downcase } }
        return if unknown.empty?

        raise InvalidInput, "there is no part '#{unknown.first}' in this recipe; its parts are " \
                            "#{parts.map(&:name).join(", ")}"
      end
    end
  end
end
