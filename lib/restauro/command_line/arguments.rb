require "optparse"

module Restauro
  class CommandLine
    # The words after bin/restauro, checked.
    Arguments = Struct.new(:command, :file, :format, :family, :units, :choices, :events, :help, keyword_init: true)

    class Arguments
      USAGE = <<~TEXT
        bin/restauro predict FILE|-   the texture a recipe will have
        bin/restauro swap FILE|-      the gluten-free amounts, method and times that reach it
          --format json|text          json
          --family sauce              told from the recipe
          --units us|metric|uk|au     us
          --school roux|slurry        predict: the recipe's own; swap: the swap's (roux)
          --heat low|medium|medium_high|high   medium
          --altitude METRES           0
          --serve-celsius C           60
          --simmer MINUTES            after the boil: 2 for a roux, 1 for a slurry
          --event "t=SECONDS add GRAMS KEY [at CELSIUS]" | "t=SECONDS heat LEVEL|WATTS|off" | "t=SECONDS lid on|off"
        swap only:
          --with KEY[,KEY]            blend_with_gum,corn_starch
          --target GRADE|E            the wheat recipe's own
          --without WORD[,WORD]       keys, groups or allergens to leave out
      TEXT
      SWAP_ONLY = %i[with target without].freeze

      class << self
        # @raise [WrongUsage]
        def parse(argv)
          words = argv.map { |word| word.dup.force_encoding(Encoding::UTF_8) }
          arguments = new(format: "json", units: "us", choices: {}, events: [])
          rest = parser(arguments).parse(words)
          check(arguments, rest) unless arguments.help
          arguments
        rescue OptionParser::ParseError => e
          raise WrongUsage, "#{e.message}; type bin/restauro --help"
        end

        private

        def parser(arguments)
          OptionParser.new do |on|
            on.on("--help", "-h") { arguments.help = true }
            on.on("--format FORMAT", %w[json text]) { |value| arguments.format = value }
            on.on("--family FAMILY") { |value| arguments.family = value }
            on.on("--units SYSTEM", KitchenUnits::SYSTEMS) { |value| arguments.units = value }
            on.on("--event EVENT") { |value| arguments.events << value }
            choices(on, arguments.choices)
          end
        end

        def choices(on, choices)
          on.on("--school SCHOOL", Families::Sauce::Options::SCHOOLS) { |value| choices[:school] = value }
          on.on("--heat LEVEL", %w[low medium medium_high high]) { |value| choices[:heat] = value }
          on.on("--altitude METRES", Float) { |value| choices[:altitude] = value }
          on.on("--serve-celsius C", Float) { |value| choices[:serve_celsius] = value }
          on.on("--simmer MINUTES", Float) { |value| choices[:simmer_s] = value * 60 }
          on.on("--with KEYS", Array) { |value| choices[:with] = value.map(&:strip) }
          on.on("--target TARGET") { |value| choices[:target] = value }
          on.on("--without WORDS", Array) { |value| choices[:without] = value.map(&:strip) }
        end

        def check(arguments, rest)
          command, file, *more = rest
          raise WrongUsage, "no command; use #{COMMANDS.join(" or ")}, such as: bin/restauro swap recipe.txt" unless command
          raise WrongUsage, "no command '#{command}'; use #{COMMANDS.join(" or ")}" unless COMMANDS.include?(command)
          raise WrongUsage, "no file; type its name, or - for standard input" unless file
          raise WrongUsage, "one file at a time, got also '#{more.first}'" if more.any?

          misplaced = arguments.choices.keys & SWAP_ONLY
          raise WrongUsage, "--#{misplaced.first} goes with swap" if command == "predict" && misplaced.any?

          arguments.command, arguments.file = command.to_sym, file
        end
      end
    end
  end
end
