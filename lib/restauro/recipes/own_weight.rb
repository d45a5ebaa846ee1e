# frozen_string_literal: true

module Restauro
  module Recipes
    # The cook's own weight beside a measure or a count, the surer of the two: "3/4 cup (110 g) flour", "4 cod fillets
    # (600 g)", "2 fillets (150 g each)", "4 fillets of 150 g", "24 pieces, 15 mm, 25 g each", "4 (6-ounce) fillets".
    class OwnWeight
      ABOUT = /(?:about|approx\.?|approximately|around|roughly|ca\.?|circa|environ|etwa|ongeveer|unos|aprox\.?)?/i
      EACH, EACH_WORD = DataFiles.words("recipes/words.yml").values_at(:each_of_them, :each_word)
      # "(je 160 g)": said before the weight.
      EACH_AHEAD = /\(\s*#{EACH_WORD}\s/
      BRACKET = /\A[^()]{0,60}?\(\s*
        (?:(?:#{EACH_WORD}|de|da)\s+)?#{ABOUT}\s*
        (?<number>#{Numbers::ONE})\s*(?<rest>[^)]*)\)/ix
      BEHIND = /(?:,|\b(?<of>of|at|à|de|d['’]environ|van|von|zu|da|di|weighing)\b)\s*#{ABOUT}\s*(?<number>#{Numbers::ONE})\s*(?<rest>[^,()]*)/i
      # Right behind the count, and neither "about" nor "in all".
      BEFORE_ITS_NAME = /\A\s*\(\s*\d[^()]*(?<!total)(?<!in all)\)\s*\p{L}/i
      VAGUE = %w[glass wineglass mug].freeze

      # @param units [KitchenUnits]
      def initialize(units)
        @units = units
        freeze
      end

      # @param terms [Array<Amount::Term>] as read   @param rest [String] what stands after them
      # @return [Array(Array<Amount::Term>, String)] the terms with their weight where one is told, and the name without
      #   it
      def read(terms, rest)
        return terms, rest if terms.any? { |term| term.unit&.mass? }

        match, unit, after = told(terms, rest)
        return terms, rest unless match

        each = after.match?(EACH) || match.to_s.match?(EACH_AHEAD) || terms.first.unit&.kind == :pack ||
          (match.names.include?("of") && match[:of]) || (terms.first.unit.nil? && rest.match?(BEFORE_ITS_NAME))
        value = Numbers.value(match[:number]).to_f
        weight = Amount::Term.new(each ? terms.first.number * value : Estimate.new(value: value), unit, nil)
        [[weight], match.names.include?("of") ? "#{match.pre_match}#{of_what(match, after)}" : rest]
      end

      private

      # A weight; the volume in the bracket where the measure before it is nobody's: "1 small glass (125 ml)".
      def surer?(unit, terms) =
        unit&.mass? || (unit&.volume? && (VAGUE.include?(terms.first.unit&.key) || terms.first.unit&.kind == :loose))

      def told(terms, rest)
        bracket = BRACKET.match(rest)
        candidates = [bracket, *(behind(rest) if counted?(terms))].compact
        candidates.each do |match|
          unit, after = @units.read(match[:rest].sub(/\A-\s?/, ""))
          return match, unit, after if surer?(unit, terms)
        end
        nil
      end

      def behind(rest) = rest.to_enum(:scan, BEHIND).map { Regexp.last_match }
      # "2 tins of 400 g tomatoes": what is in them stands behind.
      def of_what(match, after) =
        match[:of] && !after.match?(EACH) ? " #{after.strip}#{match.post_match}" : match.post_match
      def counted?(terms) = terms.length == 1 && [nil, :count, :pack].include?(terms.first.unit&.kind)
    end
  end
end
