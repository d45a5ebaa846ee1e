module Restauro
  module Physics
    # How a cream thickens as its fat comes closer together.   Source: krieger_dougherty_1959
    #   eta ~ (1 - phi/phi_m)^(-[eta] phi_m)
    module Emulsion
      CLOSEST = Constants.fetch(:sauce, :closest_share)

      module_function

      # How many times thicker it is than it was.
      # @param fat_share [Float] phi at first
      # @param concentration [Float] times, 1 and up
      # @return [Float] 1 and up   @example thickening(0.39, concentration: 1.0) # => 1.0
      def thickening(fat_share, concentration:)
        most = Constants.fetch(:sauce, :emulsion_most)
        room = ->(phi) { 1 - [phi / most, CLOSEST].min }
        (room[fat_share * [concentration, 1.0].max] / room[fat_share])**-Constants.fetch(:sauce, :emulsion_exponent)
      end
    end
  end
end
