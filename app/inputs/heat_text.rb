module Restauro
  # What is coated and what it is cooked in, as typed: "celeriac slice 12 mm", "200C fan", "180C shallow". Blank is none.
  class HeatText
    def initialize(piece, oven, oil)
      @piece, @oven, @oil = [piece, oven, oil].map { |text| text.to_s.strip }
    end

    # @return [Hash] for the options of a coated family   @raise [InvalidInput]
    def options(catalogue)
      {piece: (Heat::Piece.parse(@piece, catalogue) unless @piece.empty?), oven: (oven unless @oven.empty?),
       oil: (Heat::Frying.parse(@oil) unless @oil.empty?)}.compact
    end

    private

    def oven = Kitchen::OvenTemperature.parse(@oven) || raise(InvalidInput, "oven is such as 200C, 400F, gas 6 or 180C fan; got '#{@oven[0, 30]}'")
  end
end
