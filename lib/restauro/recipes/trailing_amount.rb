# frozen_string_literal: true

module Restauro
  module Recipes
    # An amount behind what it is of: "butter 50 g", "Butter (50 g), softened", "Eggs: 2 large".
    #   Needs @units and @packs.
    module TrailingAmount
      # A grade of flour ends a name: "farina 00", "Mehl Type 550".
      GRADED = /\b00|\btyp[eo]?\s\d{1,4}|\bT\d{2,3}/i
      TRAILING = /\A(.*?(?:[[:alpha:]).,:]|#{GRADED}))[\s:,=-]+((?!00\b)(?:\d|\.\d).*)\z/
      # "Butter (50 g), softened", "drippings (about 1/4 cup)".
      BRACKETED = /\A([^()]*(?:[[:alpha:]]|#{GRADED}))\s*\((?:about|abt\.?|around|approx\.?|ca\.?|circa|roughly)?
        \s*(\d[^()]*)\)(.*)\z/ix
      # "Eggs: 2 large", "onions (3)": counted behind their name.
      COUNTED = DataFiles.words("recipes/words.yml").fetch(:counted_behind)
      SIZES = /\A\s*\(?(?:large|medium|small|whole|big|free[- ]range|yolks?|whites?)?\)?\s*(?:,.*)?\z/i

      # "Nutmeg - a grating", "salt, a good pinch": loose measures, behind what they are of.
      LOOSE = /\A(.*?[[:alpha:])])\s*(?:\s[-–—]|[,:])\s+(?:an?|one)\s+
        (?:(?:good|big|large|small|generous|little)\s+)?([[:alpha:]]+)\s*\z/ix

      # "haddock fillets 4 x 180 g".
      SO_MANY_OF = /\A\d{1,2}\s?[x×]\s?\d+\s?(?:k?g|m?l|oz)\z/i

      # "egg x2", "sausages x 8, sliced".
      TIMES = /\A([[:alpha:]][^\d,(]*?)\s*\bx\s?(\d{1,2})\b\s*(,.*)?\z/i

      private

      # @return [Amount, nil]
      def trailing(text) = numbered_behind(text) || times_behind(text) || loose_behind(text)

      def times_behind(text)
        match = TIMES.match(text) or return
        return unless match[1].match?(COUNTED)

        Amount.new(terms: [Amount::Term.new(Estimate.new(value: match[2].to_f), nil, nil)], text: "x#{match[2]}",
                   rest: "#{match[1]}#{match[3]}")
      end

      def loose_behind(text)
        match = LOOSE.match(text) or return
        unit, = @units.read(match[2])
        return unless unit&.kind == :loose

        Amount.new(terms: [Amount::Term.new(Estimate.new(value: 1), unit, nil)], text: match[2], rest: match[1])
      end

      def numbered_behind(text)
        bracketed = BRACKETED.match(text)
        match = TRAILING.match(bracketed ? "#{bracketed[1]}#{bracketed[3]}, #{bracketed[2]}" : text) or return
        return leading("#{match[2]} #{match[1].sub(/[:,]\z/, "")}") if match[2].match?(SO_MANY_OF)

        number, rest = Numbers.read(match[2])
        return unless number

        unit, after = @units.read(rest.lstrip) || counted(rest, bracketed ? bracketed[1] : match[1])
        return unless after

        after = @packs.without_word(after) if unit&.mass? || unit&.volume?
        said = match[1].sub(/[:,]\z/, "")
        name = "#{LOOSE.match(said)&.[](1) || said}#{" " unless after.match?(/\A\s*,/)}#{after}".strip.squeeze(" ")
        Amount.new(terms: [Amount::Term.new(number, unit, nil)], text: match[2].strip, rest: name)
      end

      # @return [Array(nil, String), nil]
      def counted(rest, name) = rest.match?(SIZES) && name.match?(COUNTED) ? [nil, rest] : nil
    end
  end
end
