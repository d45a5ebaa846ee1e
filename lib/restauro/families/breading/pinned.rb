# frozen_string_literal: true

module Restauro
  module Families
    class Breading
      # Ham and leaves that lie on a slice of meat before it is floured, pinned to it: by the dish's name, or by a step
      # that lays them on.
      module Pinned
        BY_NAME, LAID = DataFiles.words("dishes/words.yml").values_at(:pinned_by_name, :pinned)
        KINDS = %w[ready_meat herb].freeze
        WORD = /\p{L}{3,}/
        private_constant :BY_NAME, :LAID, :KINDS, :WORD

        module_function

        # @param recipe [Recipes::Recipe]   @return [Array<Recipes::Line>] of its ham and its leaves
        def of(recipe)
          laid = recipe.steps.filter_map { |line| line.text[LAID] }.join(" ").downcase
          named = recipe.title.to_s.match?(BY_NAME)
          found = recipe.ingredients.select { |line| KINDS.include?(line.kind) && (named || said?(line, laid)) }
          found.any? { |line| line.kind == KINDS.first } ? found : []
        end

        # A word of the line in what a step says.
        def said?(line, laid) = line.text.downcase.scan(WORD).any? { |word| laid.match?(/\b#{word}\b/) }
        private_class_method :said?
      end
    end
  end
end
