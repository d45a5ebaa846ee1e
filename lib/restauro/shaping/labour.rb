module Restauro
  module Shaping
    # Minutes to shape it by hand: one rolls the sheets, all cut, fill and seal.
    module Labour
      module_function

      # @param shape [String]   @param pieces, sheets, helpers [Integer]   @return [Float] min
      def minutes(shape, pieces:, sheets:, helpers:)
        sheets * Constants.fetch(:shaping, :sheet_minutes) +
          pieces * Constants.fetch(:shaping, :"seconds_#{shape}") / 60 / helpers
      end
    end
  end
end
