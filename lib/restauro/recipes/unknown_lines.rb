# frozen_string_literal: true

module Restauro
  module Recipes
    # Lines of things that nobody knows: said so, and what is plainly poured counted as water.
    #   Needs @did_you_mean, @names, @catalogue, @weigher and role_of.
    module UnknownLines
      # Nothing but a liquid is measured by these.
      POURED = %w[ml cl dl l fl_oz pint quart gallon].freeze
      LIQUID = "other_liquid"
      FAT = "neutral_oil"
      private_constant :POURED, :LIQUID

      private

      def not_understood(text, part, amount)
        meant = amount && @did_you_mean.word(amount.rest)
        return unknown_liquid(text, part, amount) if amount && poured?(amount) && (meant.nil? || !liquid?(meant))

        return unknown_fat(text, part, amount) if amount.nil? && text.match?(Line::TO_FRY_IN)

        warning = Warning.new(code: :line_not_understood, line: text,
                              text: "'#{text.strip[0, 80]}' was not understood and is not counted: " \
                                    "#{meant ? "did you mean #{meant}?" : "put it right or leave it out"}")
        Line.new(text: text, part: part, role: "other", understood: false, amount_text: amount&.text,
                 name_text: amount&.rest, warnings: [warning])
      end

      def liquid?(name) = @names.match(name)&.key.then { |key| key && role_of(@catalogue.fetch(key)) == "liquid" }
      # So much of it that it is the dish's liquid.
      def poured?(amount)
        term = amount.terms.first
        amount.terms.one? && POURED.include?(term.unit&.key) && amount.rest.match?(/\p{L}{3}/) &&
          (term.number * term.unit.amount).value >= Constants.fetch(:uncertainty, :least_poured_ml)
      end

      # Whatever it is called, it is to fry in.
      def unknown_fat(text, part, amount)
        oil = @catalogue.fetch(FAT)
        warning = Warning.new(code: :taken_for, line: text, text: "not known: taken for oil to fry in; read its label")
        Line.new(text: text, part: part, ingredient: oil.key, role: role_of(oil), amount_text: amount&.text,
                 name_text: text, warnings: [warning])
      end

      def unknown_liquid(text, part, amount)
        water = @catalogue.fetch(LIQUID)
        warning = Warning.new(code: :taken_for, line: text, text: "not known: counted as so much water; read its label")
        Line.new(text: text, part: part, ingredient: water.key, role: role_of(water), amount_text: amount.text,
                 grams: @weigher.grams(amount, water, line: text), name_text: amount.rest, warnings: [warning])
      end
    end
  end
end
