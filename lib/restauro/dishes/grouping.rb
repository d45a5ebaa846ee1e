# frozen_string_literal: true

module Restauro
  module Dishes
    # The ingredient lines of a recipe in groups: under its headings, by its second formulas, and those put together
    # again that make one formula only together ("For the roux", "For the rest").
    class Grouping
      # label heading or nil · lines Array of Recipes::Line
      Group = Struct.new(:label, :lines)
      ASSEMBLY = DataFiles.words("dishes/words.yml").fetch(:assembly_heading)
      CRUSTY, DOUGH = DataFiles.words("dishes/words.yml").values_at(:crust_heading, :dough_heading)
      FILLING = Recipes::Parts::FILLING
      include LineKinds
      include ListedApart
      include Rejoined
      include SeasonedLast
      include TableGroups

      # @param recipe [Recipes::Recipe]   @param catalogue [Catalogue]
      def initialize(recipe, catalogue)
        @recipe = recipe
        @catalogue = catalogue
        freeze
      end

      # @return [Array<Group>]
      def groups =
        with_seasonings(listed) do |lists|
          parted = headed(lists).flat_map { |group| assembled(group) }.flat_map { |one| lid(one) }
                                .flat_map { |one| sauced(one) }
                                .flat_map { |one| broth(one) }.flat_map { |one| tossed_behind(one) }
          together(split(brushed(at_the_table(parted))))
        end

      private

      def headed(lists) = Hollowed.together(ThickensThePot.moved(lists), @recipe)

      def listed =
        @recipe.ingredients.chunk_while { |a, b| a.part == b.part }.flat_map { |lines| oil_apart(lines) }

      # The broth at the end of a filling's list is what the parcels are eaten in: more than a filling holds.
      def broth(group)
        last, rest = group.lines.last, group.lines[0...-1]
        return [Group.new(last.name_text, group.lines)] if group.label.nil? && rest.empty? && behind_a_filling?(last)
        return [Group.new(OverDough::NAME, group.lines)] if group.label.nil? && over_the_filled?(group.lines)
        return [group] unless group.label.to_s.match?(FILLING) && last.ingredient == "stock" && last.grams

        grams = rest.sum { |line| line.grams&.value.to_f }
        poured = last.grams.value > Constants.fetch(:dishes, :broth_share) * grams
        return [group] if !poured || rest.empty? || rest.any? { |line| flour?(line) }

        [Group.new(group.label, rest), Group.new(last.name_text, [last])]
      end

      # Butter behind it, with leaves or by the dish's name: the pieces are turned in it.
      def over_the_filled?(lines) =
        lines.first.role == "fat" && lines.none? { |line| flour?(line) || line.role == "liquid" } &&
          filled_on_a_line? && (lines.any? { |line| line.kind == "herb" } || @recipe.title.to_s.match?(/\bbutter\b/i))

      # Stock alone, behind a filling that was told on one line with its name.
      def behind_a_filling?(line) =
        line.ingredient == "stock" && line.grams && filled_on_a_line?
      def filled_on_a_line? = @recipe.ingredients.any? { |one| one.part.to_s.match?(FILLING) }

      # "Assembly: 9 lasagne sheets, 60 g parmesan": layers, and cheese over them; also behind lists that have a name.
      def assembled(group)
        named = group.label ? group.label.match?(ASSEMBLY) : @recipe.ingredients.any?(&:part)
        sheets = group.lines.reject { |line| line.role == "cheese" }
        all = named && sheets.any? && sheets.all? { |line| group_of(line) == "bought" }
        at = all ? 0 : sheets_at(group.lines)
        return [group] unless at

        cheese, sheets = group.lines[at..].partition { |line| line.role == "cheese" }
        [Group.new(group.label, group.lines[0...at]), Group.new(nil, sheets), Group.new(nil, cheese)]
          .reject { |one| one.lines.empty? }
      end

      # Where a filling's list ends in the sheets that it lies between, and in cheese.   @return [Integer, nil]
      def sheets_at(lines)
        at = lines.index { |line| Bake.bought_sheet?(line) } if @recipe.ingredients.any?(&:part)
        at if at&.positive? && lines[at..].all? { |line| line.role == "cheese" || Bake.bought_sheet?(line) }
      end

      # An egg to brush a crust with belongs to it, wherever it stands.
      def brushed(groups)
        home = [CRUSTY, DOUGH].lazy.filter_map { |words| headed_so(groups, words) }.first or return groups
        moved = groups.each_with_index.flat_map do |group, index|
          index == home ? [] : group.lines.select { |line| Families::Crust::Glaze.line?(line) || last_egg?(line, group) }
        end
        groups.each_with_index.map do |group, index|
          Group.new(group.label, index == home ? group.lines + moved : group.lines - moved)
        end
      end

      def headed_so(groups, words) =
        groups.index { |group| group.label.to_s.match?(words) && !group.label.match?(FILLING) }

      # One beaten egg at the end of a sauce that fills a pie: it binds nothing there.
      def last_egg?(line, group) =
        line.equal?(group.lines.last) && Families::Crust::Glaze.beaten?(line) && group.lines.any? { |one| flour?(one) }

      # A broth to serve it in wets no dough, and is in no filling.
      def served?(line) =
        Recipes::Served.words?(line, heading: line.part) && (!line.ingredient.nil? || line.kind == "table")

      # Soured cream for the plate is in no pan with the butter that it is listed with.
      def only_beside?(first, table) =
        !first.label.nil? && first.lines.any? && first.lines.none? { |line| flour?(line) } &&
          table.all? { |line| line.kind == "table" && Recipes::Served.words?(line) }

      def split(groups)
        list = OneList.new(@recipe, @catalogue)
        groups.flat_map do |group|
          table, own = group.lines.partition { |line| served?(line) || (line.part != group.label && table?(line.part)) }
          first, *rest = list.split(Group.new(group.label, own))
          next [first, *rest] if table.empty?

          apart = first.label.to_s.match?(FILLING) || only_beside?(first, table)
          next [first, *rest, Group.new("To serve", table)] if apart

          lines = (first.lines + table).sort_by { |line| group.lines.index { |one| one.equal?(line) } || 0 }
          [Group.new(first.label, lines), *rest]
        end
      end
    end
  end
end
