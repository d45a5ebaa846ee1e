# frozen_string_literal: true

module Restauro
  module Recipes
    # What a line that was read has to say: a word that means two things, a flour taken for plain, no amount. Needs
    # @catalogue.
    module LineWarnings
      # Roles that cannot be told without an amount.
      MEASURED_ROLES = %w[flour starch liquid fat].freeze
      TAKEN = %w[wholemeal_flour spelt_flour rye_flour barley_flour cake_flour].freeze

      private

      def asked(match, text)
        return [] unless match.ambiguous

        [
          Warning.new(
            code: :ambiguous_ingredient,
            line: text,
            text: "#{match.ambiguous}; read as #{@catalogue.fetch(match.key).say}"
          )
        ]
      end

      # A flour that is not plain, and what it was taken for.
      def taken(ingredient, text)
        return [] unless TAKEN.include?(ingredient.key)

        [Warning.new(code: :taken_for, line: text, text: "read as #{ingredient.say}: #{ingredient.note}")]
      end

      # "2 tbsp cornflour or 4 tbsp flour": a choice, of which the first is taken.
      def choice(text, amount)
        _, other = amount&.rest&.split(/\bor\b/i, 2)
        return [] unless other && thing?(other.strip)

        [
          Warning.new(
            code: :choice,
            line: text,
            text: "two things to choose from: the first is taken, not '#{other.strip[0, 60]}'"
          )
        ]
      end

      def no_amount(text, grams, role)
        return [] if grams || !MEASURED_ROLES.include?(role) || (role == "fat" && text.match?(Line::TO_FRY_IN))

        [
          Warning.new(
            code: :no_amount,
            line: text,
            text: "'#{text.strip[0, 80]}' has no amount and is not counted: add grams, cups or spoons"
          )
        ]
      end
    end
  end
end
