module Restauro
  module Recipes
    # A line as the cook put it right: another thing, amount or role, another part, or left out.
    #   Needs @catalogue, @weigher, role_of, amount_in, no_amount and check.
    module PutRight
      # The same line as the cook put it right.
      def correct(line, correction)
        if correction.left_out
          return line.with(ingredient: nil, grams: nil, role: "other", warnings: [], corrected: true)
        end
        return line.with(moved_to: correction.part, corrected: true) if correction.with(part: nil).empty?

        key = correction.ingredient
        ingredient = key ? @catalogue.fetch(key) : @catalogue.find_key(line.ingredient)
        grams = correction.grams ? Estimate.new(value: correction.grams) : regrams(line, ingredient)
        role = correction.role || (correction.ingredient ? role_of(ingredient) : line.role)
        check(line.with(ingredient: ingredient&.key, grams: grams, role: role, understood: !ingredient.nil?,
                        corrected: true, moved_to: correction.part, warnings: no_amount(line.text, grams, role)))
      end

      private

      def regrams(line, ingredient)
        return line.grams unless ingredient && line.ingredient != ingredient.key

        amount = amount_in(line.text, bulleted: line.text.match?(AmountReader::DASH_BULLET))
        amount && @weigher.grams(amount, ingredient, line: line.text)
      end
    end
  end
end
