module Restauro
  class CommandLine
    # predict and swap: a recipe in, its texture or its swap out.
    class RecipeCommand < Command
      SWAP_ONLY = %i[with target without].freeze

      def self.usage(name)
        {"predict" => <<~PREDICT, "swap" => <<~SWAP}.fetch(name)
          bin/restauro predict FILE|-   the texture a recipe will have
            --format json|text          json
            --family sauce              told from the recipe
            --units us|metric|uk|au     us
            --school roux|slurry        predict: the recipe's own; swap: the swap's (roux)
            --heat low|medium|medium_high|high   medium
            --altitude METRES           0
            --serve-celsius C           60
            --simmer MINUTES            after the boil: 2 for a roux, 1 for a slurry
            --event "t=SECONDS add GRAMS KEY [at CELSIUS]" | "t=SECONDS heat LEVEL|WATTS|off" | "t=SECONDS lid on|off"
        PREDICT
          bin/restauro swap FILE|-      the gluten-free amounts, method and times that reach it; the options of predict, and
            --with KEY[,KEY]            blend_with_gum,corn_starch
            --target GRADE|E            the wheat recipe's own
            --without WORD[,WORD]       diets, allergens, groups or keys to leave out
        SWAP
      end

      private

      def options(on)
        @units, @events = "us", []
        on.on("--family FAMILY") { |value| @family = value }
        on.on("--units SYSTEM", KitchenUnits::SYSTEMS) { |value| @units = value }
        on.on("--event EVENT") { |value| @events << value }
        course(on)
        swap_choices(on)
      end

      def course(on)
        on.on("--school SCHOOL", Families::Sauce::Options::SCHOOLS) { |value| chosen[:school] = value }
        on.on("--heat LEVEL", %w[low medium medium_high high]) { |value| chosen[:heat] = value }
        on.on("--altitude METRES", Float) { |value| chosen[:altitude] = value }
        on.on("--serve-celsius C", Float) { |value| chosen[:serve_celsius] = value }
        on.on("--simmer MINUTES", Float) { |value| chosen[:simmer_s] = value * 60 }
      end

      def swap_choices(on)
        on.on("--with KEYS", Array) { |value| chosen[:with] = value.map(&:strip) }
        on.on("--target TARGET") { |value| chosen[:target] = value }
        on.on("--without WORDS", Array) { |value| chosen[:without] = value.map(&:strip) }
      end

      def report(rest)
        file = only(rest, "file; type its name, or - for standard input")
        misplaced = chosen.keys & SWAP_ONLY
        raise WrongUsage, "--#{misplaced.first} goes with swap" if @name == "predict" && misplaced.any?

        recipe = recipe(Input.read(file, stdin: @world.stdin))
        family = @family ? Families.fetch(@family, catalogue) : Families.detect(recipe, catalogue)
        family.report(family.public_send(@name, recipe, family.options(**chosen, events: @events.map { |text| family.event(text) })))
      end

      def recipe(text)
        @world.prepare.call if text.lstrip.start_with?("<")
        Recipes::Reader.new(catalogue, system: @units).read(text)
      end

      def text(report) = Text.new(report).to_s
    end
  end
end
