module Restauro
  module Heat
    # Minutes that a thin dough of raw flour needs in boiling water: water has to reach the middle, not heat alone.
    #   minutes = 0.6 + 0.24 h^2, h the thickest path in mm, both layers where sealed, 1.5 to 7 mm
    module ThicknessLaw
      module_function

      # @param millimetres [Float] mm   @return [Float] min   @raise [InvalidInput] outside the law's range
      def minutes(millimetres)
        return constant(:law_base) + constant(:law_per_mm2) * millimetres**2 if covers?(millimetres)

        raise InvalidInput,
              "boiling times are known for #{range.first} to #{range.last} mm of raw dough, got #{millimetres.round(2)} mm"
      end

      def covers?(millimetres) = range.cover?(millimetres)
      # How thick a dough those minutes have cooked through.   @return [Float] mm
      def cooked_mm(minutes) = Math.sqrt([minutes - constant(:law_base), 0.0].max / constant(:law_per_mm2))
      # @return [Range<Float>] mm that it was fitted to
      def range = constant(:law_least_mm)..constant(:law_most_mm)
      # @return [Float] of data/constants/boil.yml
      def constant(name) = Constants.fetch(:boil, name)
    end
  end
end
