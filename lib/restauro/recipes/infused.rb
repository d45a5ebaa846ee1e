# frozen_string_literal: true

module Restauro
  module Recipes
    # An onion that only gives its taste to the milk, by a step: "infuse the milk with the onion and a bay leaf".
    # It goes in with the liquid and out again, and is not softened in the butter.
    module Infused
      INFUSES = DataFiles.words("recipes/words.yml").fetch(:infuses)
      KINDS = %w[soften simmer].freeze
      KIND = "infuse"
      # What a thing is known by in a sentence: "an" and "bay" stand in too many.
      WORD = /\p{L}{4,}/
      private_constant :INFUSES, :KINDS, :KIND, :WORD

      module_function

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        said = infusions(lines)
        return lines if said.empty? || lines.none? { |line| line.role == "liquid" }

        lines.map { |line| KINDS.include?(line.kind) && named?(line, said) ? line.with(kind: KIND) : line }
      end

      # The sentences that do it, each with the one before it: "Heat the milk with the onion. Leave it to infuse."
      def infusions(lines)
        steps = Sentences.of_steps(lines)
        steps.each_index.filter_map do |at|
          steps[[at - 1, 0].max..at].join(" ").downcase if steps[at].match?(INFUSES)
        end
      end

      def named?(line, said)
        name = line.name_text.to_s.downcase[/\A[^,(]*/].to_s.scan(WORD).last&.sub(/(?:es|s)\z/, "") or return false
        said.any? { |sentence| sentence.match?(/\b#{name}/) }
      end
      private_class_method :infusions, :named?
    end
  end
end
