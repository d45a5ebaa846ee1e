# frozen_string_literal: true

module Restauro
  module Dishes
    # The ingredient lines of a recipe in groups: under its headings, by its second formulas, and those put together
    # again that make one formula only together ("For the roux", "For the rest").
    class Grouping
      # label heading or nil · lines Array of Recipes::Line
      Group = Struct.new(:label, :lines)
      TABLE = DataFiles.words("dishes/words.yml").fetch(:for_the_table)
      CRUSTY = DataFiles.words("dishes/words.yml").fetch(:crust_heading)
      FILLING = DataFiles.words("dishes/words.yml").fetch(:filling_heading)
      KNEADED = DataFiles.words("dishes/words.yml").fetch(:thickener_heading)
      REST = DataFiles.words("dishes/words.yml").fetch(:rest_heading)
      include LineKinds

      # @param recipe [Recipes::Recipe]   @param catalogue [Catalogue]
      def initialize(recipe, catalogue)
        @recipe = recipe
        @catalogue = catalogue
        freeze
      end

      # @return [Array<Group>]
      def groups = together(split(brushed(at_the_table(headed))))

      private

      def headed =
        @recipe.ingredients.chunk_while { |a, b| a.part == b.part }.map { |lines| Group.new(lines.first.part, lines) }

      # What only goes to the table stays with the last part before it that is made of flour, never with what is inside
      # that.
      def at_the_table(groups)
        groups.each_with_object([]) do |group, kept|
          table = group.label.to_s.match?(TABLE) && group.lines.none? { |line| flour?(line) }
          home =
            (
              if table
                kept.rindex { |other| other.lines.any? { |line| flour?(line) } } || (kept.length - 1 if kept.any?)
              end
            )
          home ? kept[home] = Group.new(kept[home].label, kept[home].lines + group.lines) : kept << group
        end
      end

      # An egg to brush a crust with belongs to it, wherever it stands.
      def brushed(groups)
        home = groups.index { |group| group.label.to_s.match?(CRUSTY) && !group.label.match?(FILLING) } or return groups
        moved = groups.each_with_index.flat_map do |group, index|
          index == home ? [] : group.lines.select { |line| Families::Crust::Glaze.line?(line) }
        end
        groups.each_with_index.map do |group, index|
          Group.new(group.label, index == home ? group.lines + moved : group.lines - moved)
        end
      end

      # A broth to serve it in wets no dough, and is in no filling.
      def served?(line) = line.role == "liquid" && line.part.to_s.match?(Families::CompanionKinds::SERVED)

      def split(groups)
        list = OneList.new(@recipe, @catalogue)
        groups.flat_map do |group|
          table, own = group.lines.partition { |line| served?(line) }
          first, *rest = list.split(Group.new(group.label, own))
          lines = (first.lines + table).sort_by { |line| group.lines.index { |one| one.equal?(line) } || 0 }
          [Group.new(first.label, lines), *rest]
        end
      end

      # A flour without any water, and water without any flour, are one formula in two groups.
      def together(groups)
        groups.each_with_object([]) do |group, kept|
          dry, flourless = kept.rindex { |other| lacks_water?(other) }, group.lines.none? { |line| flour?(line) }
          if dry && flourless && water?(group.lines) && !group.label.to_s.match?(FILLING) &&
              groups.none? { |other| other.label.to_s.match?(CRUSTY) }
            kept[dry] = Group.new(kept[dry].label, kept[dry].lines + group.lines)
          elsif (flourless && lone_water?(kept, group)) || (kept.any? && group.label.to_s.match?(KNEADED))
            kept[-1] = Group.new(kept.last.label, kept.last.lines + group.lines)
          elsif kept.any? && lacks_water?(group) && kept.last.lines.none? { |line| flour?(line) } &&
              wet?(kept.last.lines) && !group.label.to_s.match?(CRUSTY)
            kept[-1] = Group.new(kept.last.label || group.label, kept.last.lines + group.lines)
          else
            kept.push(group)
          end
        end
      end

      # Flour there, no water, and no coat or crumble that wants none.
      def lacks_water?(group)
        group.lines.any? { |line| flour?(line) } && !water?(group.lines) &&
          group.lines.none? { |line| %w[crumb].include?(line.role) } && !group.label.to_s.match?(CRUSTY)
      end

      # The rest of a sauce under a heading of its own: "Liquid", "The rest".
      def lone_water?(kept, group) =
        kept.any? && group.label.to_s.match?(REST) && kept.last.lines.any? { |line| flour?(line) }
    end
  end
end
