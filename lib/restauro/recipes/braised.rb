# frozen_string_literal: true

module Restauro
  module Recipes
    # Joints that are only browned in their flour, and go tender for long in what is poured over them: what clings to
    # them thickens that. Common practice.
    module Braised
      SIMMERS, MINCE = DataFiles.words("dishes/words.yml").values_at(:simmers, :mince)
      PIECES = %w[poultry quick_meat whole_meat].freeze
      AROUND = %w[egg crumb].freeze
      private_constant :SIMMERS, :MINCE, :PIECES, :AROUND

      module_function

      # @param lines [Array<Line>] of a whole recipe
      def said?(lines)
        return false if lines.any? { |line| AROUND.include?(line.role) } || lines.none? { |line| piece?(line) }

        poured = lines.sum { |line| line.role == "liquid" ? line.grams&.value.to_f : 0.0 }
        poured >= figure(:braised_liquid_g) &&
          Sentences.of_steps(lines).any? { |text| long?(text) && !of_the_mince?(text, lines) }
      end

      # @return [Float] g of the joints; of a bird in pieces where nobody weighed it
      def grams(lines)
        found = lines.select { |line| piece?(line) }.sum { |line| line.grams&.value.to_f }
        found.positive? ? found : figure(:braised_usual_g)
      end

      def long?(text) = text.match?(SIMMERS) && longest(text) >= figure(:braised_minutes)

      # A ragù beside them has its own hour.
      def of_the_mince?(text, lines)
        text.match?(MINCE) && lines.any?(&:minced?) &&
          lines.none? { |line| piece?(line) && Sentences.name?(text, line) }
      end

      def piece?(line) = PIECES.include?(line.kind)
      def longest(text) = TimeSaid.of(text).max.to_f
      def figure(name) = Constants.fetch(:breading, name)
      private_class_method :long?, :of_the_mince?, :piece?, :longest, :figure
    end
  end
end
