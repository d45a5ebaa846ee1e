module Restauro
  module Blends
    # How much of each ingredient a blend may hold.
    class Limits
      def initialize(table: DataFiles.yaml("blends/limits.yml"))
        @table = table
        freeze
      end

      # @return [Integer] flours and starches at most
      def parts_most = @table["parts_most"]
      # @return [Float] the least share of a part that is there at all
      def part_least(ingredient) = binder?(ingredient) ? 0.0 : Float(@table["part_least"])
      # Why an ingredient may make up no more than so much.   @return [String]
      def why(ingredient) = (@table["taste"][ingredient.key] || @table["default"])["why"]
      def binder?(ingredient) = ingredient.group == "binder"

      # @return [Float] share of the blend; a starch may be as much as the purpose lets all starches be
      def most(ingredient, purpose)
        return Float(@table["binder_most"]) if binder?(ingredient)
        return purpose.starch_most if ingredient.group == "starch"

        Float((@table["taste"][ingredient.key] || @table["default"])["most"])
      end
    end
  end
end
