module Restauro
  module Kitchen
    # What an oven is set to, kept as the Celsius of a still oven.   celsius Float C · fan whether it was given for a
    # fan oven basket whether it is the air of a hot-air basket on the counter, which blows harder than any oven · in_f
    # whether its knob was given in Fahrenheit
    OvenTemperature = Struct.new(:celsius, :fan, :basket, :in_f, keyword_init: true) do
      def initialize(celsius:, fan: false, basket: false, in_f: false)
        super
        freeze
      end

      # @param text [String] "200C", "400 F", "gas 6", "180 C fan"
      # @return [OvenTemperature, nil] nil when it is no temperature
      # @raise [InvalidInput] one no oven has
      def self.parse(text)
        basket = text.match?(/\bbasket\b|\bhot[- ]air\b|\bair[- ]fr(?:y|ier)/i)
        still = text.gsub(FAN_SETTING, "")
        fan = !basket && text.match?(FAN) && (still == text || !set_celsius(still))
        set = set_celsius(fan ? text : still) || set_celsius(text) or return
        celsius = fan ? set + FAN_LOWER : set
        if celsius.between?(OVEN["lowest_celsius"], OVEN["highest_celsius"])
          return new(celsius: celsius, fan: fan, basket: basket, in_f: set_celsius(text.gsub(IN_F, "")).nil?)
        end

        raise InvalidInput,
              "'#{text.strip[0, 40]}' is no oven's temperature; type such as 200C, 400F, gas 6 or 180C fan"
      end

      # @return [Float, nil] C, whatever it was typed in
      def self.set_celsius(text)
        case text
        when %r{\bgas(?:\s*mark)?\s*(\d(?:/\d)?)}i
          OVEN["gas"][Regexp.last_match(1)]&.to_f
        when /(\d{2,3}(?:\.\d+)?)\s*°?\s*(?:C\b|celsius)/i
          Float(Regexp.last_match(1))
        when IN_F
          Fahrenheit.celsius(Regexp.last_match(1))
        when BY_WORD
          OVEN["words"].fetch(Regexp.last_match(1).downcase.squeeze(" ")).to_f
        end
      end

      # "200 °C", as it is set.
      def say
        set = "#{dial.round} °C#{" (#{dial_fahrenheit} °F)" if in_f}"
        return "#{set} in the hot-air basket" if basket

        fan ? "#{set} with the fan" : set
      end
      # What blows in it.   @return [String, nil] basket or fan
      def way = basket ? "basket" : ("fan" if fan)
      # What its knob is set to, and its own air is.   @return [Float] C
      def dial = fan ? fan_celsius : celsius
      # The same oven, so much hotter.   @return [OvenTemperature]
      def hotter(kelvin) =
        OvenTemperature.new(celsius: celsius + kelvin, fan: fan, basket: basket, in_f: in_f)
      # @return [Float] F
      def fahrenheit = Fahrenheit.of(celsius)
      # @return [Integer] F, as finely as a knob is marked
      def dial_fahrenheit = (Fahrenheit.of(dial) / F_STEP).round * F_STEP
      # @return [Float] C to set where a fan blows
      def fan_celsius = celsius - FAN_LOWER
      # The nearest mark of a gas oven.
      def gas = OVEN["gas"].min_by { |_, mark| (mark - celsius).abs }.first
    end

    # The oven table, and how much lower a fan oven is set, in C.
    OVEN = DataFiles.yaml("units/oven.yml")
    FAN_LOWER = Float(OVEN.dig("fan_celsius_lower", "value"))
    # "400 F".
    IN_F = /(\d{2,3}(?:\.\d+)?)\s*°?\s*(?:F\b|fahrenheit)/i
    F_STEP = 5
    # "A moderate oven".
    BY_WORD = /\b(#{OVEN["words"].keys.sort_by { |word| -word.length }.join("|")})\s+oven\b/i
    # "200C/180C fan/gas 6", "220°C (fan 200°C)": what stands there for a still oven counts.
    FAN = /\b(?:#{OVEN["fan_words"]})\b/i
    FAN_SETTING = /#{FAN}(?:\s+oven)?\s*(?:(?:at|to|a|à|auf|bei)\s+)?\d{3}\s*°?\s*[CF]?\b|
      \b\d{2,3}\s*°?\s*[CF]?\b\s*\(?(?:(?:in|for|with|using|en)\s+(?:(?:an?|the)\s+)?)?#{FAN}(?!\s*\d{3})/ix
  end
end
