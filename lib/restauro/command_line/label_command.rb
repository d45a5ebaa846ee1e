module Restauro
  class CommandLine
    # label: what the words on a pack mean.
    class LabelCommand < Command
      # @return [String] what may be typed
      def self.usage(_name)
        <<~TEXT
          bin/restauro label FILE|- --sold-in us|ca|eu|uk|other   what the words on a pack mean
            --format json|text          json
        TEXT
      end

      private

      def options(on) = on.on("--sold-in PLACE", Labels::SOLD_IN) { |value| @sold_in = value }

      def report(rest)
        file = only(rest, "file; type its name, or - for standard input")
        raise WrongUsage, "where was it sold? type --sold-in #{Labels::SOLD_IN.join("|")}" unless @sold_in

        Labels::Reader.new.read(Input.read(file, stdin: @world.stdin), sold_in: @sold_in).to_h
      end
    end
  end
end
