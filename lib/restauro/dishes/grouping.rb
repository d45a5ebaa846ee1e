# frozen_string_literal: true

module Restauro
  module Dishes
    # The ingredient lines of a recipe in groups: under its headings, by its second formulas, and those put together again that make one formula only
    # together ("For the roux", "For the rest").
    class Grouping
      # label heading or nil · lines Array of Recipes::Line
      Group = Struct.new(:label, :lines)
      TABLE = /\b(?:serve|garnish|finish|decorate)\b|\baccompan/i
      CRUSTY = /\b(?:crust|pastry|topping|crumble|cobbler|streusel|base|lid|shell|case)\b/i
      FILLING = /\b(?:fill(?:ing|ed)?|stuffing)\b/i
      KNEADED = /\bbeurre mani[ée]|\bkneaded butter|\bto thicken|\bthickener\b|\bslurry\b/i
      REST = /\b(?:rest|liquids?|wet|dry)\b/i
      BASED = /\bcheesecakes?\b/i
      MASHED = /\b(?:shepherd'?s|cottage|cumberland|fish|fisherman'?s)\s+pie\b/i
      CHIPS = /\b(?:and|with|&)\s+(?:\w+\s+)?(?:chips|fries|wedges)\b/i
      STARCHY = %w[flour starch blend meal].freeze

      # @param recipe [Recipes::Recipe]   @param catalogue [Catalogue]
      def initialize(recipe, catalogue)
        @recipe = recipe
        @catalogue = catalogue
        freeze
      end

      # @return [Array<Group>]
      def groups = together(split(at_the_table(headed)))

      private

      def headed = @recipe.ingredients.chunk_while { |a, b| a.part == b.part }.map { |lines| Group.new(lines.first.part, lines) }

      # What only goes to the table stays with the part before it.
      def at_the_table(groups)
        groups.each_with_object([]) do |group, kept|
          table = group.label.to_s.match?(TABLE) && group.lines.none? { |line| flour?(line) }
          table && kept.any? ? kept[-1] = Group.new(kept.last.label, kept.last.lines + group.lines) : kept << group
        end
      end

      def split(groups)
        cutter = SecondFormula.new(@catalogue, @recipe)
        groups.flat_map do |group|
          next layered(group) if layered(group)

          over = group.label ? nil : OverDough.new(@catalogue, @recipe.title).split(group.lines)
          next [Group.new(nil, over.first), Group.new("Over it", over.last)] if over

          aside = group.label ? nil : named_aside(group)
          next aside if aside

          pieces = base_and_filling(group) || crust_and_filling(group) || cutter.split(group.lines)
          pieces.each_with_index.map { |lines, index| Group.new(index.zero? ? group.label : nil, lines) }
        end
      end

      # Raw slices that a sauce is baked between, in one list with it.
      def layered(group)
        return if group.label || !@recipe.title.to_s.match?(Joins::LAYERED)

        slices, sauce = group.lines.partition { |line| Bake.laid?(line) }
        return [Group.new("Layers", slices), Group.new(nil, sauce)] if slices.any? && sauce.any? { |line| flour?(line) } && wet?(sauce)

        with_what_is_laid_under(slices, sauce)
      end

      # The sauce stands under a heading of its own: the slices are laid, the rest is what goes between them.
      def with_what_is_laid_under(slices, rest)
        [Group.new("Layers", slices), Group.new("Filling", rest)] if slices.any? && rest.any? && @recipe.ingredients.any?(&:part)
      end

      # Potatoes that the title puts somewhere else: mash over a meat pie, chips beside the fish.   @return [Array<Group>, nil]
      def named_aside(group)
        at = group.lines.index { |line| line.ingredient == "raw_potato" || Families::Dough::Contents.roots.key?(line.ingredient) } or return
        return unless at.positive? && group.lines[0...at].any? { |line| flour?(line) }

        title = @recipe.title.to_s
        return [Group.new(nil, group.lines[0...at]), Group.new("Mash", group.lines[at..])] if title.match?(/\bpies?\b/i) && !raw?(group.lines[at])

        case title
        when MASHED then [Group.new(nil, group.lines[0...at]), Group.new("Mash", group.lines[at..])]
        when CHIPS then [Group.new(nil, group.lines - [group.lines[at]]), Group.new("Chips", [group.lines[at]])]
        end
      end

      def raw?(line) = line.ingredient.to_s.start_with?("raw_")

      # Crumbs in their fat, with what is poured on them in the same list: a cheesecake.
      def base_and_filling(group)
        crumbs = group.lines.index { |line| group_of(line) == "crumb" }
        return unless crumbs && (group.label || @recipe.title).to_s.match?(BASED)

        base = group.lines.each_with_index.select { |line, index| index == crumbs || (line.role == "fat" && (index - crumbs).abs == 1) }.map(&:first)
        [base, group.lines - base].reject(&:empty?).then { |pieces| pieces if pieces.length == 2 }
      end

      # Fruit, or a poured custard, beside a crust's own flour and fat, where nothing says which is which.
      def crust_and_filling(group)
        return if group.label && !group.label.match?(CRUSTY)

        marked = Families::Crust::Parts.marked(Recipes::Recipe.new(lines: group.lines.map { |line| line.with(part: nil) }, system: @recipe.system),
                                               @catalogue)
        inside, crust = marked.lines.zip(group.lines).partition { |mark, _| Families::Crust::Parts.filling?(mark) }.map { |pairs| pairs.map(&:last) }
        return unless inside.any? { |line| fruit?(line) } && crust_like?(crust) && inside.none? { |line| crusty_flour?(line) }

        [inside, crust].sort_by { |lines| group.lines.index(lines.first) }
      end

      # Flour with a third of its weight in fat, and hardly any liquid.
      def crust_like?(lines)
        flour, fat, liquid = grams(lines) { |line| flour?(line) }, grams(lines) { |line| line.role == "fat" },
            grams(lines) { |line| line.role == "liquid" }
        sheet = lines.any? { |line| %w[pastry].include?(group_of(line)) }
        sheet || (flour.positive? && fat > flour / 4 && liquid < flour)
      end

      def crusty_flour?(line) = flour?(line) && @catalogue.fetch(line.ingredient).contains_gluten? && line.grams.value > least_g

      def grams(lines) = lines.select { |line| line.grams && yield(line) }.sum(0.0) { |line| line.grams.value }
      def group_of(line) = @catalogue.find_key(line.ingredient)&.group
      def fruit?(line) = group_of(line) == "fruit"
      def flour?(line) = line.counted? && STARCHY.include?(group_of(line))
      def wet?(lines) = lines.any? { |line| fruit?(line) || (line.role == "liquid" && line.grams && line.grams.value > least_g) }
      def least_g = Constants.fetch(:dishes, :second_liquid_g)
      def water?(lines) = wet?(lines) || lines.any? { |line| %w[egg puree].include?(line.role) || group_of(line) == "curd" }

      # A flour without any water, and water without any flour, are one formula in two groups.
      def together(groups)
        groups.each_with_object([]) do |group, kept|
          dry, flourless = kept.rindex { |other| lacks_water?(other) }, group.lines.none? { |line| flour?(line) }
          if dry && flourless && water?(group.lines) && !group.label.to_s.match?(FILLING) && groups.none? { |other| other.label.to_s.match?(CRUSTY) }
            kept[dry] = Group.new(kept[dry].label, kept[dry].lines + group.lines)
          elsif (flourless && lone_water?(kept, group)) || (kept.any? && group.label.to_s.match?(KNEADED))
            kept[-1] = Group.new(kept.last.label, kept.last.lines + group.lines)
          elsif kept.any? && lacks_water?(group) && kept.last.lines.none? { |line| flour?(line) } && wet?(kept.last.lines) &&
              !group.label.to_s.match?(CRUSTY)
            kept[-1] = Group.new(kept.last.label || group.label, kept.last.lines + group.lines)
          else
            kept.push(group)
          end
        end
      end

      # Flour there, no water, and no coat or crumble that wants none.
      def lacks_water?(group)
        group.lines.any? { |line| flour?(line) } && !water?(group.lines) && group.lines.none? { |line| %w[crumb].include?(line.role) } &&
          !group.label.to_s.match?(CRUSTY)
      end

      # The rest of a sauce under a heading of its own: "Liquid", "The rest".
      def lone_water?(kept, group) = kept.any? && group.label.to_s.match?(REST) && kept.last.lines.any? { |line| flour?(line) }
    end
  end
end
