require "json"

module Restauro
  # bin/restauro: COMMAND FILE|- [options]. Words and keys are a contract with other programs: added to, never renamed.
  class CommandLine
    autoload :Arguments, "restauro/command_line/arguments"
    autoload :Input, "restauro/command_line/input"
    autoload :Text, "restauro/command_line/text"

    COMMANDS = %w[predict swap].freeze

    # @param out, err [IO]   @param stdin [IO]   @param prepare_html [#call] run before the first HTML page is parsed
    def initialize(out: $stdout, err: $stderr, stdin: $stdin, prepare_html: -> {})
      @out, @err, @stdin, @prepare_html = out, err, stdin, prepare_html
    end

    # @param argv [Array<String>]   @return [Integer] exit code: 0, 1 for bad input, 2 for wrong usage
    def run(argv)
      arguments = Arguments.parse(argv)
      return help if arguments.help

      @out.puts(answer(arguments))
      0
    rescue WrongUsage => e
      failed(e, 2)
    rescue InvalidInput => e
      failed(e, 1)
    end

    private

    def help
      @out.puts(Arguments::USAGE)
      0
    end

    def failed(error, code)
      @err.puts("restauro: #{error.message.gsub(/\s+/, " ")}")
      code
    end

    def answer(arguments)
      text = Input.read(arguments.file, stdin: @stdin)
      @prepare_html.call if text.lstrip.start_with?("<")
      catalogue = Catalogue.load
      recipe = Recipes::Reader.new(catalogue, system: arguments.units).read(text)
      family = arguments.family ? Families.fetch(arguments.family, catalogue) : Families.detect(recipe, catalogue)
      result = family.public_send(arguments.command, recipe, options(arguments, family))
      report = family.report(result)
      arguments.format == "json" ? JSON.pretty_generate(report) : Text.new(report).to_s
    end

    def options(arguments, family)
      family.options(**arguments.choices, events: arguments.events.map { |text| family.event(text) })
    end
  end
end
