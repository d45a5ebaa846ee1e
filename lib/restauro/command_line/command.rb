require "optparse"

module Restauro
  class CommandLine
    # What every command shares: its words parsed and checked, its report printed as JSON or for a person.
    # A command says its .usage, adds its options in #options and gives a Hash from #report.
    class Command
      # @param name [String]   @param world [World]
      def initialize(name, world)
        @name = name
        @world = world
        @format = "json"
        @chosen = {}
      end

      # @param words [Array<String>] after the command's name   @return [String]   @raise [WrongUsage, InvalidInput]
      def answer(words)
        return self.class.usage(@name) if words.intersect?(%w[--help -h])

        rest = parse(words)
        report = report(rest)
        @format == "json" ? JSON.pretty_generate(report) : text(report)
      end

      private

      attr_reader :chosen

      def formats = %w[json text]

      def parse(words)
        OptionParser
          .new do |on|
            on.on("--format FORMAT", formats) { |value| @format = value }
            options(on)
          end
          .parse(words)
      rescue OptionParser::ParseError => e
        raise WrongUsage, "#{e.message}; type bin/restauro #{@name} --help"
      end

      # The one word that is left, or an error that says what it is to be.
      def only(rest, what)
        raise WrongUsage, "no #{what}" if rest.empty?
        raise WrongUsage, "one at a time, got also '#{rest[1]}'" if rest.length > 1

        rest.first
      end

      def catalogue = @catalogue ||= Catalogue.load

      # A report of nested facts for a person: one a line.
      def text(report, indent = "")
        report
          .map do |key, value|
            case value
            when Hash
              "#{indent}#{key}:\n#{text(value, "#{indent}  ")}"
            when Array
              ["#{indent}#{key}:", *value.map { |item| "#{indent}  #{item_text(item)}" }].join("\n")
            else
              "#{indent}#{key}: #{value.nil? ? "unknown" : value}"
            end
          end
          .join("\n")
      end

      def item_text(item) = item.is_a?(Hash) ? item.map { |key, value| "#{key} #{value}" }.join(", ") : item.to_s
    end
  end
end
