module Restauro
  class CommandLine
    # predict, swap and rescue: a recipe in, its texture, its swap or a way to mend it out.
    class RecipeCommand < Command
      SWAP_ONLY = %i[with target without].freeze

      def self.usage(name) = RecipeUsage.of(name)

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

      # "Gravy=sauce"; none for a part without flour.
      def part(text)
        name, family = text.split("=", 2).map { |word| word.to_s.strip }
        known = Families::KEYS + ["none"]
        raise WrongUsage, "--part is NAME=FAMILY with #{known.join(", ")}; got '#{text}'" unless known.include?(family) && !name.empty?

        @parts[name] = family
      end

      # "Sauce=1.4": one part larger than the recipe has it.
      def size(text)
        name, _, times = text.rpartition("=")
        factor = Float(times, exception: false)
        raise WrongUsage, "--size is NAME=TIMES, such as Sauce=1.4; got '#{text}'" if name.empty? || factor.nil?

        @sizes[name] = factor
      end

      def course(on)
        doughs = (Families::Dough::School.all + Families::Crust::School.all).map(&:key).uniq
        on.on("--school SCHOOL", Families::Sauce::Options::SCHOOLS + doughs) { |value| chosen[:school] = value }
        on.on("--heat LEVEL", %w[low medium medium_high high]) { |value| chosen[:heat] = value }
        on.on("--altitude METRES", Float) { |value| chosen[:altitude] = value }
        on.on("--serve-celsius C", Float) { |value| chosen[:serve_celsius] = value }
        on.on("--simmer MINUTES", Float) { |value| chosen[:simmer_s] = value * 60 }
        on.on("--becomes WHAT", Families::Sauce::Becomes::KEYS) { |value| chosen[:becomes] = value }
        on.on("--colour COLOUR", Families::Sauce::Roux::COLOURS) { |value| chosen[:colour] = value }
        stove(on)
      end

      def stove(on)
        on.on("--watts W", Float) { |value| chosen[:watts] = value }
        on.on("--pan-cm CM", Float) { |value| chosen[:pan_cm] = value }
        on.on("--lid") { chosen[:lid] = true }
        on.on("--stir HOW", Families::Sauce::Options::STIRRING) { |value| chosen[:stir] = value }
        on.on("--observed-e N", Float) { |value| @observed = value }
        on.on("--plate-mm R", Float) { |value| @plate_mm = value }
      end

      def swap_choices(on)
        on.on("--with KEYS", Array) { |value| chosen[:with] = value.map(&:strip) }
        on.on("--target TARGET") { |value| chosen[:target] = value }
        on.on("--without WORDS", Array) { |value| chosen[:without] = value.map(&:strip) }
      end

      def report(rest)
        file = only(rest, "file; type its name, or - for standard input")
        check
        recipe = recipe(Input.read(file, stdin: @world.stdin))
        return rescued(@family ? Families.fetch(@family, catalogue) : Families.detect(recipe, catalogue), recipe) if @name == "rescue"

        answered(recipe)
      end

      # Read whole, solved whole.
      def answered(recipe)
        Families.fetch(@family, catalogue) if @family
        Dishes::Refusal.check!(recipe, catalogue) unless @family
        dish = Dishes::Sized.of(Dishes::Partition.of(recipe, catalogue, family: @family, given: @parts), @sizes, catalogue)
        choices = Dishes::Choices.new({**chosen, **@own.all(catalogue), **events_of(dish)}, catalogue: catalogue)
        misplaced = choices.unknown(dish).first
        raise WrongUsage,
            "--#{misplaced.to_s.sub(/_(?:s|g|m)\z/, "").tr("_", "-")} is not for #{dish.parts.filter_map(&:family).uniq.join(" and ")}" if misplaced

        report = Dishes::Report.new(catalogue)
        return report.prediction(dish, Dishes::Predictions.of(dish, choices, catalogue: catalogue)) if @name == "predict"

        answer = Dishes::Solver.call(dish, choices, catalogue: catalogue)
        report.swap(answer).merge(@two_pots ? {two_pots: report.two_pots(Dishes::TwoPots.of(answer, *@two_pots, catalogue))} : {})
      end

      def events_of(dish)
        return {} if @events.empty?
        raise WrongUsage,
            "--event is not for #{dish.parts.filter_map(&:family).uniq.join(" and ")}" if dish.parts.none? { |part| part.role == :sauce }

        {events: @events.map { |text| Families.fetch("sauce", catalogue).event(text) }}
      end

      def check
        misplaced = @name == "predict" ? chosen.keys & SWAP_ONLY : []
        raise WrongUsage, "--#{misplaced.first} goes with swap" if misplaced.any?

        seen = [@observed, @plate_mm].compact.length
        raise WrongUsage, "--observed-e and --plate-mm go with rescue" if seen.positive? && @name != "rescue"
        raise WrongUsage, "rescue needs one of --observed-e and --plate-mm, and --target" if @name == "rescue" && (seen != 1 || !chosen[:target])
      end

      def rescued(family, recipe)
        raise InvalidInput, "the #{family.key} family has no rescue by flour-equivalents" unless family.respond_to?(:rescue)

        options = family.options(**chosen, events: @events.map { |text| family.event(text) })
        observed = @observed || family.read_plate(recipe, @plate_mm).value
        raise InvalidInput, "what was seen is more than 0 and at most 20 flour-equivalents, got #{observed}" unless observed.between?(0.01, 20)

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
