module Restauro
  class CommandLine
    # predict, swap and rescue: a recipe in, its texture, its swap or a way to mend it out.
    class RecipeCommand < Command
      SWAP_ONLY = %i[with target without].freeze

      def self.usage(name)
        {"predict" => <<~PREDICT, "swap" => <<~SWAP, "rescue" => <<~RESCUE}.fetch(name)
          bin/restauro predict FILE|-   the texture a recipe will have
            --format json|text          json
            --family #{Families::KEYS.join("|")}   told from the recipe
#{FamilyOptions::USAGE.gsub(/^(?=.)/, "            ").chomp}
            --units us|metric|uk|au     us
            --school roux|slurry, psyllium|gum|egg|root|curd   predict: the recipe's own; swap: the swap's (roux; what suits the dough)
            --heat low|medium|medium_high|high   medium
            --altitude METRES           0
            --serve-celsius C           60
            --simmer MINUTES            after the boil: 2 for a roux, 1 for a slurry
            --colour white|blond|brown|dark   of a roux: the recipe's own
            --watts W, --pan-cm CM, --lid, --stir still|whisk|blender   the stove
            --event "t=SECONDS add GRAMS KEY [at CELSIUS]" | "t=SECONDS heat LEVEL|WATTS|off" | "t=SECONDS lid on|off"
        PREDICT
          bin/restauro swap FILE|-      the gluten-free amounts, method and times that reach it; the options of predict, and
            --with KEY[,KEY]            blend_with_gum,corn_starch
            --target GRADE|E            the wheat recipe's own
            --without WORD[,WORD]       diets, allergens, groups or keys to leave out
        SWAP
          bin/restauro rescue FILE|- (--observed-e N | --plate-mm R) --target G   what to do with a sauce that came out otherwise
        RESCUE
      end

      private

      def options(on)
        @units, @events = "us", []
        on.on("--family FAMILY") { |value| @family = value }
        on.on("--units SYSTEM", KitchenUnits::SYSTEMS) { |value| @units = value }
        on.on("--event EVENT") { |value| @events << value }
        course(on)
        swap_choices(on)
        @own = FamilyOptions.new(on)
      end

      def course(on)
        doughs = (Families::Dough::School.all + Families::Crust::School.all).map(&:key).uniq
        on.on("--school SCHOOL", Families::Sauce::Options::SCHOOLS + doughs) { |value| chosen[:school] = value }
        on.on("--heat LEVEL", %w[low medium medium_high high]) { |value| chosen[:heat] = value }
        on.on("--altitude METRES", Float) { |value| chosen[:altitude] = value }
        on.on("--serve-celsius C", Float) { |value| chosen[:serve_celsius] = value }
        on.on("--simmer MINUTES", Float) { |value| chosen[:simmer_s] = value * 60 }
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
        family = @family ? Families.fetch(@family, catalogue) : Families.detect(recipe, catalogue)
        return rescued(family, recipe) if @name == "rescue"

        family.report(family.public_send(@name, family.read(recipe), family.options(**chosen, **extras(family))))
      end

      def check
        misplaced = @name == "predict" ? chosen.keys & SWAP_ONLY : []
        raise WrongUsage, "--#{misplaced.first} goes with swap" if misplaced.any?

        seen = [@observed, @plate_mm].compact.length
        raise WrongUsage, "--observed-e and --plate-mm go with rescue" if seen.positive? && @name != "rescue"
        raise WrongUsage, "rescue needs one of --observed-e and --plate-mm, and --target" if @name == "rescue" && (seen != 1 || !chosen[:target])
      end

      def extras(family) = family.key == "sauce" ? {events: events(family)} : @own.of(family.key, catalogue)
      def events(family) = @events.map { |text| family.event(text) }

      def rescued(family, recipe)
        raise InvalidInput, "the #{family.key} family has no rescue by flour-equivalents" unless family.respond_to?(:rescue)

        options = family.options(**chosen, events: events(family))
        observed = @observed || family.read_plate(recipe, @plate_mm).value
        raise InvalidInput, "what was seen is more than 0 and at most 20 flour-equivalents, got #{observed}" unless observed.between?(0.01, 20)

        family.rescue(recipe, options.with_choices(target: nil), observed: observed, target: options.target).to_h
      end

      def recipe(text)
        @world.prepare.call if text.lstrip.start_with?("<")
        Recipes::Reader.new(catalogue, system: @units).read(text)
      end

      def text(report, *) = @name == "rescue" ? super : Text.new(report).to_s
    end
  end
end
