# frozen_string_literal: true

module Restauro
  module Dishes
    # Fruit, or a poured custard, beside a crust's own flour and fat in one list, where nothing says which is which.
    class FruitAndCrust
      include LineKinds

      # What holds a crust together; what says that it lies under its fruit.
      BINDS = %w[liquid egg].freeze
      # Spooned over fruit, and wetter than what is rolled.
      DROPPED = DataFiles.words("dishes/words.yml").fetch(:dropped_by_name)
      private_constant :DROPPED
      LINED = DataFiles.words("dishes/words.yml").fetch(:lined_by_name)

      # @param recipe [Recipes::Recipe]   @param catalogue [Catalogue]
      def initialize(catalogue, recipe)
        @catalogue = catalogue
        @recipe = recipe
        @title = recipe.title.to_s
        freeze
      end

      # @param group [Grouping::Group]
      # @return [Array<Array<Recipes::Line>>, nil] filling and crust, in the order of the list
      def split(group)
        return if group.label && !group.label.match?(Grouping::CRUSTY)
        return if @title.match?(Families::Detection::WORDS.fetch("batter"))

        inside, crust = fruit_first(group.lines) || by_kind(group)
        whole = inside.any? { |line| fruit?(line) } && crust_like?(crust) && inside.none? { |line| crusty_flour?(line) }
        [inside, crust].sort_by { |lines| group.lines.index(lines.first) } if whole && !poured?(inside, crust)
      end

      # Flour and fat that nothing holds together, beside fruit: a crumble, where the title names no tart.
      # @param lines [Array<Recipes::Line>] of one piece   @param pieces [Array<Array<Recipes::Line>>]
      # @return [String, nil] its name
      def strewn(lines, pieces)
        fruit = (pieces - [lines]).any? { |others| others.any? { |line| fruit?(line) } }
        "Crumble" if fruit && crust_like?(lines) && loose?(lines) && !@title.match?(LINED)
      end

      private

      # All the fruit before all the flour: what comes with the flour is the crust's, sugar and salt too.
      # @return [Array(Array, Array), nil]
      def fruit_first(lines)
        at = lines.index { |line| crusty_flour?(line) }
        return unless at&.positive? && lines[0...at].any? { |line| fruit?(line) }
        return if lines[at..].any? { |line| fruit?(line) }

        # Oats before it are strewn with it.
        at -= 1 while at > 1 && SecondFormula.flakes?(lines[at - 1])
        at -= 1 while lines[at - 1].role == "fat" && lines[at..].none? { |line| line.role == "fat" }
        [lines[0...at], lines[at..]]
      end

      def by_kind(group) =
        marked(group).zip(group.lines).partition { |pair| inside?(*pair) }.map { |all| all.map(&:last) }

      def marked(group)
        bare = group.lines.map { |line| line.with(part: nil) }
        Families::Crust::Parts.marked(Recipes::Recipe.new(lines: bare, system: @recipe.system), @catalogue).lines
      end

      # An egg to brush it with is the crust's.
      def inside?(mark, line) = Families::Crust::Parts.filling?(mark) && !Families::Crust::Glaze.line?(line)

      # As much liquid as a batter has, and nothing else to hold its flour together.
      def poured?(inside, crust) =
        loose?(crust) && grams(inside) { |line| line.role == "liquid" } >= grams(crust) { |line| flour?(line) }

      def loose?(crust) = crust.none? { |line| BINDS.include?(line.role) || group_of(line) == "pastry" }

      # Flour with a quarter of its weight in fat, and hardly any liquid.
      def crust_like?(lines)
        flour = grams(lines) { |line| flour?(line) }
        fat, liquid = %w[fat liquid].map { |role| grams(lines) { |line| line.role == role } }
        sheet = lines.any? { |line| group_of(line) == "pastry" }
        most = @title.match?(DROPPED) ? Constants.fetch(:dishes, :cobbler_wet) : 1
        sheet || (flour.positive? && fat > flour / 4 && liquid < most * flour)
      end

      def crusty_flour?(line) =
        flour?(line) && @catalogue.fetch(line.ingredient).contains_gluten? && line.grams.value > least_g
    end
  end
end
