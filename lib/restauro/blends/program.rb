module Restauro
  module Blends
    # A mixed-integer linear program, as columns and rows with names. It knows no solver.
    class Program
      Column = Struct.new(:name, :cost, :low, :high, :integer)
      Row = Struct.new(:name, :low, :high, :terms)
      FREE = 1e30

      attr_reader :columns, :rows

      def initialize
        @columns = []
        @rows = []
      end

      # @param cost [Float] in the objective   @param low, high [Float] bounds   @param integer [Boolean]
      def column(name, cost: 0.0, low: 0.0, high: FREE, integer: false) =
        @columns << Column.new(name, cost, low, high, integer)

      # @param terms [Hash] column name => factor
      def row(name, terms, low: -FREE, high: FREE) = @rows << Row.new(name, low, high, terms)

      # Row-wise: start of each row, then column indexes and factors.
      def matrix
        place = @columns.each_with_index.to_h { |column, index| [column.name, index] }
        starts, indexes, values = [], [], []
        @rows.each do |row|
          starts << indexes.length
          row.terms.each { |name, factor| indexes << place.fetch(name) and values << factor unless factor.zero? }
        end
        [starts, indexes, values]
      end
    end
  end
end
