# frozen_string_literal: true

module Restauro
  module Dishes
    # Crumbs pressed on fish or cutlets, with no egg under them: a coat by the dish's name, else strewn over a bake.
    module CrustOfCrumbs
      CRUSTED = DataFiles.words("dishes/words.yml").fetch(:crusted)
      PRESSED_ON = %w[crumb fat seasoning cheese].freeze
      private_constant :CRUSTED, :PRESSED_ON

      # @param title [String, nil]   @param lines [Array<Recipes::Line>]   @return [Boolean]
      def self.of?(title, lines)
        pieces, rest = lines.partition { |line| Families::Breading::Lines::WHOLE.include?(line.kind) }
        pieces.any? && title.to_s.match?(CRUSTED) && rest.any? { |line| line.role == "crumb" } &&
          rest.all? { |line| PRESSED_ON.include?(line.role) || line.kind == "herb" }
      end
    end
  end
end
