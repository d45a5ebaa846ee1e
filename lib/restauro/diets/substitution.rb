module Restauro
  module Diets
    # A line left out and what takes its place.   line the recipe's own · lines in its place, empty when nothing fits · costs in words
    Substitution = Struct.new(:line, :lines, :costs, keyword_init: true) do
      def initialize(**)
        super
        freeze
      end

      def found? = lines.any?
    end
  end
end
