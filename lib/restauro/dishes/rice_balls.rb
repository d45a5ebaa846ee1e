# frozen_string_literal: true

module Restauro
  module Dishes
    # Arancini and their like: rice cooked in its stock, chilled, shaped, a coat of flour, egg and crumbs around it.
    module RiceBalls
      NAME = "Rice"
      TITLE = DataFiles.words("dishes/words.yml").fetch(:rice_balls)
      RICE, COOKED = DataFiles.words("ingredients/words.yml").values_at(:grains, :cooked_already)
      COAT = %w[flour egg crumb].freeze
      private_constant :TITLE, :RICE, :COOKED, :COAT

      module_function

      # @param title [String]   @param lines [Array<Recipes::Line>] of one list
      # @return [Array(Array, Array), nil] the rice with what is in it, and the coat
      def split(title, lines)
        return unless title.match?(TITLE) && lines.any? { |line| raw?(line) }

        coat = lines.select { |line| COAT.include?(line.role) || fried_in?(line, lines) } - held_with(lines)
        inside = lines - coat
        wet = inside.any? { |line| line.role == "liquid" }
        [inside, coat] if wet && coat.any? { |line| line.role == "crumb" }
      end

      # By its words, or oil behind the crumbs.
      def fried_in?(line, lines) =
        line.to_fry_in? ||
          (line.role == "fat" && lines.index(line) > lines.rindex { |one| one.role == "crumb" }.to_i)

      # An egg ahead of the flour holds the rice, where another is for the coat.   @return [Array<Recipes::Line>]
      def held_with(lines)
        ahead, behind = lines.select { |line| line.role == "egg" }.partition do |egg|
          lines.index(egg) < lines.index { |line| %w[flour crumb].include?(line.role) }.to_i
        end
        behind.any? ? ahead : []
      end

      # @param line [Recipes::Line]
      def raw?(line) = line.role == "other" && line.text.match?(RICE) && !line.text.match?(COOKED)
      # @param part [Part]
      def part?(part) = part.name == NAME && part.family.nil?
    end
  end
end
