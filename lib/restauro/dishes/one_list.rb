# frozen_string_literal: true

module Restauro
  module Dishes
    # One list of things that holds more than one formula: slices and what is baked between them, a dough, its filling
    # and what goes over it, a crust and its fruit, mash over a pie. First that fits.
    class OneList
      include BoundInList
      include DoughLast
      include HollowedInList
      include InLayers
      include LineKinds
      include OnCrumbs
      include PotatoesAside
      include RoastInList
      include RolledInList
      include StewAndDumplings
      include ToppedInList
      include UnderWhiteSauce
      include Washes

      # Ways to split a list, whatever is over it.
      WAYS = %i[under_cheese crisp_onions stuffed hollowed rice_balls sandwiched turned_in_sauce over_a_coat bound
                dumplings rolled slices_over layered under_white_sauce].freeze
      # Ways to split one without a heading.
      UNNAMED = %i[dough_last filo_over crumb_topping crumbs_over_food dropped_over roasted meringue_over cream_over
                   crust_first dredged iced pancakes over_a_dough filled_dough eggs_aside named_aside
                   beside_fried].freeze
      TO_FILL = %i[crust_first pancakes filled_dough].freeze
      DOUGH = %w[flour egg liquid].freeze

      # @param recipe [Recipes::Recipe]   @param catalogue [Catalogue]
      def initialize(recipe, catalogue)
        @recipe = recipe
        @catalogue = catalogue
        @title = recipe.title.to_s
        @second = SecondFormula.new(catalogue, recipe)
        @fruit = FruitAndCrust.new(catalogue, recipe)
        freeze
      end

      # @param group [Grouping::Group]   @return [Array<Grouping::Group>] itself alone, or its pieces
      def split(group)
        first_of(WAYS, group) || (unnamed(group) unless group.label) || pieces(group)
      end

      private

      def part(label, lines) = Grouping::Group.new(label, lines)
      def unnamed(group)
        first_of(filling_named? ? UNNAMED - TO_FILL : UNNAMED, group)
      end

      def first_of(ways, group) = ways.lazy.filter_map { |how| send(how, group) }.first

      # What goes in has its own heading: nothing else does.
      def filling_named? = @recipe.ingredients.any? { |line| line.part.to_s.match?(Recipes::Parts::FILLING) }

      def pieces(group)
        found = base_and_filling(group) || @fruit.split(group) || brushed(fried_first(@second.split(group.lines)))
        found.each_with_index.map do |lines, index|
          part((group.label if index.zero?) || @fruit.strewn(lines, found), lines)
        end
      end

      # Oil to fry in goes with the coat or batter before it.
      def fried_first(found)
        first, *rest = found
        return found if rest.empty? || first.none? { |line| %w[egg crumb lift].include?(line.role) }

        oil = rest.flatten.select(&:to_fry_in?)
        [first + oil, *rest.map { |lines| lines - oil }.reject(&:empty?)]
      end

      # The rest is parted as it would be without it.
      def under_cheese(group)
        rest, cheese = CheeseOver.new(@recipe).split(group.lines)
        return unless cheese

        found = split(part(group.label, rest))
        crumbs = found.index { |one| one.lines.any? { |line| LineKinds.strewn?(line) } && behind?(one, cheese, group) }
        found.insert(crumbs || -1, part(nil, cheese))
      end

      # Crumbs listed behind the cheese go over it.
      def behind?(one, cheese, group) = group.lines.index(one.lines.first).to_i > group.lines.index(cheese.first)

      def named(pieces, *names) = pieces&.zip(names)&.map { |lines, name| part(name, lines) }
      def crust_first(group) = named(CrustFirst.new(@catalogue, group.lines, @title).split, nil, "Filling")
      def pancakes(group) = named(FilledPancakes.split(@title, group.lines), nil, "Filling")
      def dredged(group) = named(Dredged.new(@catalogue, @recipe).split(group.lines), Dredged::NAME, Dredged::SAUCE)
      def iced(group) = named(Iced.split(group.lines), nil, Iced::NAME)
      def eggs_aside(group) = named(CrackedEggs.split(group.lines), nil, CrackedEggs::NAME)
      def crisp_onions(group) = named(Crisped.split(@recipe, group.lines), group.label, Crisped::NAME)
      def rice_balls(group) = named(RiceBalls.split(@title, group.lines), RiceBalls::NAME, nil)
      def over_a_coat(group) = named(OverACoat.split(group.lines), group.label, "Sauce")
      def turned_in_sauce(group)
        found = TurnedInSauce.new(@catalogue, @recipe).split(group.lines, heading: group.label)
        named(found, group.label, TurnedInSauce::NAME)
      end

      def beside_fried(group)
        side = BesideFried.new(@catalogue, @title)
        named(side.split(group.lines), nil, side.name)
      end

      def over_a_dough(group)
        found = OverDough.new(@catalogue, @recipe).split(group.lines)
        named(found, nil, OverDough.name(found.last)) if found
      end

      # "Ravioli: flour, eggs, squash, cheese, butter, sage": after what the dough is made of comes what goes in it, and
      # butter with leaves over it.
      def filled_dough(group)
        return unless @title.match?(Families::Dough::Prediction::FILLED)

        cut = group.lines.index { |line| !dough?(line) } || 0
        dough, rest = group.lines[0...cut], group.lines[cut..]
        return unless dough.length > 1 && dough.any? { |line| flour?(line) }
        return if rest.empty? || rest.any? { |line| flour?(line) }

        at = rest.index { |line| line.role == "fat" }
        over = at && rest[at..].any? { |line| line.kind == "herb" } ? rest[at..] : []
        [part(nil, dough), part("Filling", rest - over), (part(OverDough::NAME, over) if over.any?)].compact
      end

      def dough?(line)
        DOUGH.include?(line.role) || %w[fine_salt flake_salt olive_oil neutral_oil].include?(line.ingredient)
      end

      # Bread, ham and cheese beside the white sauce that goes on them.
      def sandwiched(group)
        between = group.lines.select do |line|
          line.bread? || line.role == "cheese" || line.kind == "ready_meat"
        end
        sauce = group.lines - between
        return if group.label || !@title.match?(Layering::SANDWICH) || !milky?(sauce) || sauce.any?(&:by_the_piece?)

        bread = between.any?(&:bread?)
        [part("Filling", between), part(nil, sauce)] if bread && sauce.any? { |line| flour?(line) }
      end

      # More milk and cream than stock.
      def milky?(lines)
        milk = grams(lines) { |line| milk?(line) }
        milk.positive? && 2 * milk >= grams(lines) { |line| line.role == "liquid" }
      end
    end
  end
end
