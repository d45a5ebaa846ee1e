module Restauro
  module Families
    class Sauce
      # A moment of a sauce's course.
      # seconds s · celsius C · liquid_grams g · flour_equivalents g/100 g or nil · viscosity_pa_s Pa s at 50 1/s or nil
      CoursePoint =
        Struct.new(:seconds, :celsius, :liquid_grams, :flour_equivalents, :viscosity_pa_s, keyword_init: true) do
        def initialize(**) = super.freeze
      end
    end
  end
end
