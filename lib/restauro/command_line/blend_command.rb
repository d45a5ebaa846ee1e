module Restauro
  class CommandLine
    # blend: flours mixed to come near wheat.
    class BlendCommand < Command
      PURPOSES = %w[all_purpose sauce rolled_dough coating].freeze

      # @return [String] what may be typed
      def self.usage(_name)
        <<~TEXT
          bin/restauro blend --from KEY,KEY --for all_purpose|sauce|rolled_dough|coating --grams N   the mix that comes nearest to wheat
            --spoons                    whole tablespoons instead of whole grams
            --format json|text          json
        TEXT
      end

      private

      def options(on)
        @spoons = false
        on.on("--from KEYS", Array) { |value| @from = value.map(&:strip) }
        on.on("--for PURPOSE", PURPOSES) { |value| @purpose = value }
        on.on("--grams N", Integer) { |value| @grams = value }
        on.on("--spoons") { @spoons = true }
      end

      def report(rest)
        raise WrongUsage, "blend takes no file, got '#{rest.first}'" if rest.any?
        unless @from && @purpose && @grams
          raise WrongUsage,
                "blend needs --from, --for and --grams; type such as --from white_rice_flour,corn_starch --for sauce --grams 500"
        end

        wheat = catalogue.fetch("wheat_flour")
        ingredients = @from.uniq.map { |key| catalogue.fetch(key) }
        @world.prepare.call
        Blends::Designer
          .new(wheat: wheat, spoons: @spoons)
          .design(ingredients, Blends::Purpose.fetch(@purpose, wheat: wheat), grams: @grams)
          .to_h
      end
    end
  end
end
