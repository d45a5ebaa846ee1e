module Restauro
  class CommandLine
    # predict, swap and rescue: a recipe in, its texture, its swap or a way to mend it out.
    class RecipeCommand < Command
      include RecipeOptions

      SWAP_ONLY = %i[with target without].freeze

      # @return [String] what may be typed
      def self.usage(name) = RecipeUsage.of(name)

      # A recipe solved with these options, for a plan.
      # @param words [Array<String>] as they are typed
      # @return [Dishes::Answer]
      def solved(text, words)
        parse(words)
        dish = dish(recipe(text))
        Dishes::Solver.call(dish, choices(dish), catalogue: catalogue)
      end

      private

      def options(on)
        @units, @events, @parts, @sizes = "us", [], {}, {}
        on.on("--part NAME=FAMILY") { |value| part(value) }
        on.on("--size NAME=TIMES") { |value| size(value) }
        on.on("--amount HOW") { |value| @amount = value }
        on.on("--two-pots COUNTS") { |value| @two_pots = Dishes::TwoPots.counts(value) }
        on.on("--family FAMILY") { |value| @family = value }
        on.on("--units SYSTEM", KitchenUnits::SYSTEMS) { |value| @units = value }
        on.on("--event EVENT") { |value| @events << value }
        course(on)
        swap_choices(on)
        @own = FamilyOptions.new(on)
      end

      def report(rest)
        file = only(rest, "file; type its name, or - for standard input")
        check
        recipe = recipe(Input.read(file, stdin: @world.stdin))
        if @name == "rescue"
          return rescued(@family ? Families.fetch(@family, catalogue) : Families.detect(recipe, catalogue), recipe)
        end

        answered(recipe)
      end

      # Read whole, solved whole.
      def answered(recipe)
        dish = dish(recipe)
        choices = choices(dish)
        report = Dishes::Report.new(catalogue)
        if @name == "predict"
          return report.prediction(dish, Dishes::Predictions.of(dish, choices, catalogue: catalogue))
        end

        answer = Dishes::Solver.call(dish, choices, catalogue: catalogue)
        report.swap(answer).merge(
          @two_pots ? {two_pots: report.two_pots(Dishes::TwoPots.of(answer, *@two_pots, catalogue))} : {}
        )
      end

      def dish(recipe)
        Families.fetch(@family, catalogue) if @family
        Dishes::Refusal.check!(recipe, catalogue) unless @family
        Dishes::Sized.of(Dishes::Partition.of(recipe, catalogue, family: @family, given: @parts), @sizes, catalogue)
      end

      def choices(dish)
        choices = Dishes::Choices.new({**chosen, **@own.all(catalogue), **events_of(dish)}, catalogue: catalogue)
        misplaced = choices.unknown(dish).first or return choices

        families = dish.parts.filter_map(&:family).uniq.join(" and ")
        raise WrongUsage, "--#{misplaced.to_s.sub(/_(?:s|g|m)\z/, "").tr("_", "-")} is not for #{families}"
      end

      def events_of(dish)
        return {} if @events.empty?
        if dish.parts.none? { |part| part.role == :sauce }
          raise WrongUsage, "--event is not for #{dish.parts.filter_map(&:family).uniq.join(" and ")}"
        end

        {events: @events.map { |text| Families.fetch("sauce", catalogue).event(text) }}
      end

      def check
        misplaced = @name == "predict" ? chosen.keys & SWAP_ONLY : []
        raise WrongUsage, "--#{misplaced.first} goes with swap" if misplaced.any?

        seen = [@observed, @plate_mm].compact.length
        raise WrongUsage, "--observed-e and --plate-mm go with rescue" if seen.positive? && @name != "rescue"
        return unless @name == "rescue" && (seen != 1 || !chosen[:target])

        raise WrongUsage, "rescue needs one of --observed-e and --plate-mm, and --target"
      end

      def rescued(family, recipe)
        unless family.respond_to?(:rescue)
          raise InvalidInput, "the #{family.key} family has no rescue by flour-equivalents"
        end

        options = family.options(**chosen, events: @events.map { |text| family.event(text) })
        observed = @observed || family.read_plate(recipe, @plate_mm).value
        unless observed.between?(0.01, 20)
          raise InvalidInput, "what was seen is more than 0 and at most 20 flour-equivalents, got #{observed}"
        end

        family.rescue(recipe, options.with_choices(target: nil), observed: observed, target: options.target).to_h
      end

      def recipe(text)
        @world.prepare.call if text.lstrip.start_with?("<")
        reader = Recipes::Reader.new(catalogue, system: Recipes::UnitClues.system(text, @units))
        read = reader.read(text)
        without, others = @two_pots || [1, 0]
        times = (@amount ? wished(reader, read) : 1.0) * without / (without + others)
        times == 1.0 ? read : Recipes::Scale.of(read, times, catalogue: catalogue)
      end

      # "x2", "serves 6", "600 g milk".
      def wished(reader, read)
        wish = Recipes::ScaleWish.new(@amount.sub(/\A\s*x\s*(?=[\d.])/i, ""), reader)
        raise InvalidInput, "using a pack up wants a cupboard: type such as x2, serves 6 or 600 g milk" if wish.use_up

        wish.factor(read)
      end

      # A swap can be written as a recipe, too.
      def formats = @name == "swap" ? [*super, *WrittenReport::FORMATS] : super

      def text(report, *)
        return super if @name == "rescue"

        @format == "text" ? Text.new(report).to_s : WrittenReport.of(report, @format)
      end
    end
  end
end
