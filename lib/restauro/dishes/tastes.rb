# frozen_string_literal: true

module Restauro
  module Dishes
    # How a dish tastes and feels beside the wheat one, by what the swap brought in and how much of it.
    # data/ingredients/tastes.yml.
    module Tastes
      ROWS = DataFiles.yaml("ingredients/tastes.yml")

      module_function

      # @param answer [Answer]
      # @return [Array<String>] one for each thing that is tasted, of each part: "chickpea flour: beany until ..."
      def of(answer, catalogue)
        answer.parts.flat_map { |part| of_part(part, catalogue) }.uniq
      end

      # @return [Array<String>] what our flours of one part taste of
      def of_part(part, catalogue)
        whole = part.lines.sum(0.0) { |line| line.grams ? line.grams.value : 0.0 }
        fresh = part.lines.select { |line| line.added && line.grams && ROWS.key?(line.ingredient) }
        fresh
          .group_by(&:ingredient)
          .filter_map do |key, lines|
            share = lines.sum { |line| line.grams.value } / whole
            "#{catalogue.fetch(key).say}: #{ROWS[key]["words"]}" if share >= Float(ROWS[key]["strong"])
          end
      end
    end
  end
end
