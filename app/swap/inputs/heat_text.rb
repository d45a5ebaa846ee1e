module Restauro
  # What is coated and what it is cooked in, as typed: "celeriac slice 12 mm", "200C fan", "180C shallow". Blank is
  # none.
  class HeatText
    # @return [Kitchen::OvenTemperature, nil] nil where nothing is typed   @raise [InvalidInput]
    def self.oven(text)
      words = text.to_s.strip
      return if words.empty?

      Kitchen::OvenTemperature.parse(words) or
        raise InvalidInput, "oven is such as 200C, 400F, gas 6 or 180C fan; got '#{words[0, 30]}'"
    end

    def initialize(piece, oven, oil)
      @piece, @oven, @oil = [piece, oven, oil].map { |text| text.to_s.strip }
    end

    # @return [Hash] for the options of a coated family   @raise [InvalidInput]
    def options(catalogue)
      {
        piece: (Heat::Piece.parse(@piece, catalogue) unless @piece.empty?),
        oven: HeatText.oven(@oven),
        oil: (Heat::Frying.parse(@oil) unless @oil.empty?)
      }.compact
    end
  end
end
