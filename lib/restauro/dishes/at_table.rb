# frozen_string_literal: true

module Restauro
  module Dishes
    # How parts that were cooked apart meet at last: what goes over at the table, what a dough is turned in, a sauce on
    # what it is for.
    class AtTable
      include IntoTheSauce
      include RolledAround
      include SimmeredFilled
      include TossedDough

      SETS = DataFiles.words("dishes/words.yml").fetch(:sets_on_it)
      SOUP = DataFiles.words("families/sauce/words.yml").fetch(:soup)
      private_constant :SETS

      # @param answers [Array<PartAnswer>]   @param in_oven [Boolean] whether the dish is baked as one
      # @param rolled_up [Boolean]   @param filling [PartAnswer, nil] what is rolled up, where it is a part of its own
      def initialize(dish, answers, catalogue, in_oven:, rolled_up:, filling:)
        @dish = dish
        @answers = answers
        @catalogue = catalogue
        @in_oven = in_oven
        @rolled_up = rolled_up
        @filling = filling
        freeze
      end

      # @return [Array<Families::Step>]
      def steps
        return [] if @in_oven && (@rolled_up || dough?)
        return [around] if @rolled_up
        return [simmered] if filled_in_sauce?
        return [with_batter] if beside_batter

        join = @dish.joins.find { |found| found.how == "over" } or return apart
        from, to = @answers[join.from], @answers[join.to]
        return [into_the_soup(from)] if from.name.match?(SOUP) && to.part.role == :dough
        return tossed(from) if from.part.family.nil? && to.part.role == :dough && !Beside.dip?(from)

        sauced = in_its_sauce(from, to) and return [sauced]

        over = sauces.map { |sauce| poured(sauce, where(to)) }
        return over if from.part.role == :sauce || !Beside.of?(from.part, to.part)

        return [step(text: "#{from.name} over them while they are warm.", part: from.name)] if from.name.match?(SETS)

        [step(text: "#{beside(join.to)} beside it.", part: from.name), *over]
      end

      # Crumbs that no oven has browned on it.   @return [Array<Families::Step>]
      def scattered
        return [] if @in_oven

        over = @dish.joins.select { |join| join.how == "covers" }
        tops = over.select { |join| %i[sauce dough].include?(@answers[join.to].part.role) }
          .map { |join| @answers[join.from] }
        tops.reject { |top| Roast.part?(top.part) }
            .select { |top| top.part.family.nil? && top.lines.any? { |line| LineKinds.strewn?(line) } }
            .map { |top| step(text: "Crumbs over each plate.", part: top.name, look_for: "crisp: not before") }
      end

      private

      # Gravy and bread sauce beside one roast.
      def sauces =
        @dish.joins.select { |join| join.how == "over" }.map { |join| @answers[join.from] }
             .select { |part| part.part.role == :sauce }

      # All that goes beside one thing: "Chips and mushy peas".
      def beside(host)
        froms = @dish.joins.select { |join| join.how == "over" && join.to == host }.map { |join| @answers[join.from] }
        names = froms.select { |from| Beside.of?(from.part, @answers[host].part) }.map(&:name)
        Families::Companions.list([names.first, *names.drop(1).map { |name| name[0].downcase + name[1..] }])
      end

      # Baked with what is over it.
      def dough? = @dish.joins.any? { |join| join.how == "over" && @answers[join.to].part.role == :dough }

      # What was cooked apart from its sauce: balls go into it, a piece of fish has it poured over.
      def apart
        join = @dish.joins.find { |found| found.how == "fills" }
        return [] if @in_oven || join.nil?

        thing, sauce = @answers.values_at(join.from, join.to)
        return [] unless sauce.part.role == :sauce && thing.part.family.nil? && thing.steps.any?(&:minutes)

        title = thing.part.recipe.title.to_s
        return [into(thing, sauce)] if Bound.by_crumbs?(thing.lines, title) && !title.match?(Bound::LOAF)

        [step(text: "#{thing.name} on warm plates, the #{sauce.name.downcase} over it.", part: thing.name,
              look_for: "both hot", safety: ["hot_hold"])]
      end

      def into(thing, sauce)
        step(text: "#{thing.name} into the #{sauce.name.downcase}, hot through.", part: thing.name,
             look_for: "a bubble here and there", safety: ["hot_hold"])
      end

      def step(**more) = Families::Step.new(kind: "serve", **more)
      def list(part) =
        Families::Companions.named(part.lines, @catalogue)

      def into_the_soup(part) =
        step(text: "Into bowls, the #{part.name.downcase} over them, boiling hot.", hold_minutes: 5, part: part.name,
             look_for: "steam off every bowl", safety: ["hot_hold"])

      def turned_in(sauce)
        step(text: "Turn them in the sauce, hot, just before they are eaten.",
             hold_minutes: 2, part: sauce.name,
             look_for: "a thin gloss on every piece: the coat is soft within minutes")
      end

      # Heat breaks it: it is never warmed again.
      def emulsion(sauce, where)
        hot = sauce.lines.any? { |line| %w[butter plant_butter ghee].include?(line.ingredient) }
        kept = hot ? "it waits over lukewarm water, half an hour at most" : "cold from the fridge"
        step(text: "#{sauce.name}: #{kept}; #{where}.", hold_minutes: 5, part: sauce.name,
             look_for: "glossy, and one: it is never heated again", safety: ["raw_egg"])
      end

      # @param to [PartAnswer] what it is for
      def where(to)
        if BesideBiscuits.of?(to.part, @dish.recipe)
          return "over the #{to.name.downcase}, split" if BesideBiscuits.under_it?(@dish.recipe)

          return "into bowls, the #{to.name.downcase} beside it"
        end

        crisp = to.part.role == :coat && to.family.crisp?(to.swap)
        crisp ? "beside it, or over it at the last moment: a coat stays crisp only so" : "over it at the table"
      end

      def poured(sauce, where)
        return emulsion(sauce, where) if Families::Sauce::Emulsion.of?(sauce.part.recipe)

        step(text: "#{sauce.name}: warm it, a splash of water if it has thickened; #{where}.",
             hold_minutes: 5, part: sauce.name,
             look_for: "as thick on the plate as it should be, not in the pan", safety: ["hot_hold"])
      end
    end
  end
end
