require "json"

module Restauro
  # bin/restauro: COMMAND FILE|- [options]. Words and keys are a contract with other programs: added to, never renamed.
  class CommandLine
    autoload :BlendCommand, "restauro/command_line/blend_command"
    autoload :CoatText, "restauro/command_line/coat_text"
    autoload :Command, "restauro/command_line/command"
    autoload :FamilyOptions, "restauro/command_line/family_options"
    autoload :Input, "restauro/command_line/input"
    autoload :LabelCommand, "restauro/command_line/label_command"
    autoload :LearnCommand, "restauro/command_line/learn_command"
    autoload :MeasureCommand, "restauro/command_line/measure_command"
    autoload :PlanCommand, "restauro/command_line/plan_command"
    autoload :RecipeCommand, "restauro/command_line/recipe_command"
    autoload :RecipeOptions, "restauro/command_line/recipe_options"
    autoload :RecipeUsage, "restauro/command_line/recipe_usage"
    autoload :Text, "restauro/command_line/text"
    autoload :WrittenReport, "restauro/command_line/written_report"

    COMMANDS = {
      "predict" => :RecipeCommand,
      "swap" => :RecipeCommand,
      "rescue" => :RecipeCommand,
      "measure" => :MeasureCommand,
      "label" => :LabelCommand,
      "blend" => :BlendCommand,
      "plan" => :PlanCommand,
      "learn" => :LearnCommand
    }.freeze

    # What a command may ask of the world: streams, and what to do before the first installed library is needed.
    World = Struct.new(:stdin, :prepare)

    # @param out, err [IO]
    # @param stdin [IO]
    # @param prepare [#call] run before an installed library (HTML, solver) is needed
    def initialize(out: $stdout, err: $stderr, stdin: $stdin, prepare: -> {})
      @out, @err, @world = out, err, World.new(stdin, prepare)
    end

    # @param argv [Array<String>]   @return [Integer] exit code: 0, 1 for bad input, 2 for wrong usage
    def run(argv)
      name, *words = argv.map { |word| word.dup.force_encoding(Encoding::UTF_8) }
      @out.puts(%w[--help -h help].include?(name) ? usage : answer(name, words))
      0
    rescue WrongUsage => e
      failed(e, 2)
    rescue InvalidInput => e
      failed(e, 1)
    end

    private

    def usage = COMMANDS.map { |name, command| CommandLine.const_get(command).usage(name) }.join("\n")

    def answer(name, words)
      raise WrongUsage, "no command; use #{known}, such as: bin/restauro swap recipe.txt" unless name

      command = COMMANDS.fetch(name) { raise WrongUsage, "no command '#{name}'; use #{known}" }
      CommandLine.const_get(command).new(name, @world).answer(words)
    end

    def known = "#{COMMANDS.keys[0..-2].join(", ")} or #{COMMANDS.keys.last}"

    def failed(error, code)
      @err.puts("restauro: #{error.message.gsub(/\s+/, " ")}")
      code
    end
  end
end
