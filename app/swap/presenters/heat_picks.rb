module Restauro
  module Presenters
    # Ovens and pans of fat to tap: what each button puts in the form, starting from what holds now.
    class HeatPicks
      CELSIUS = [150, 160, 170, 180, 190, 200, 210, 220, 230, 240].freeze
      FAHRENHEIT = [300, 325, 350, 375, 400, 425, 450, 475].freeze
      FAT_CELSIUS, FAT_FAHRENHEIT =
        [150, 160, 165, 170, 175, 180, 185, 190].freeze,
        [300, 325, 340, 350, 360, 375].freeze
      WAYS = {"still" => "still oven", "fan" => "fan", "basket" => "hot-air basket", "gas" => "gas"}.freeze
      FULL_DIAL, USUAL_CELSIUS, USUAL_FAT_CELSIUS = 200, 200, 180

      # @param text [String] the form's oven
      # @param oven [Kitchen::OvenTemperature, nil] that holds
      # @param oil [Heat::Frying, nil]
      def initialize(text, oven, oil, fahrenheit: false)
        @text, @oven, @oil, @fahrenheit = text, oven, oil, fahrenheit
      end

      def way
        return "gas" if @text.match?(/gas/i)

        @oven&.basket ? "basket" : (@oven&.fan ? "fan" : "still")
      end

      # @return [Hash{String => String}] what the form holds => words
      def degrees
        return Kitchen::OVEN["gas"].keys.to_h { |mark| ["gas #{mark}", "gas #{mark}"] } if way == "gas"

        (@fahrenheit ? FAHRENHEIT : CELSIUS).to_h { |number| [typed(number, way), "#{number}°"] }
      end

      # The button that holds now.
      def now = way == "gas" ? "gas #{@oven&.gas}" : @oven && typed(set, way)

      # The same heat in another kind of oven.
      def ways = WAYS.to_h { |key, words| [key == "gas" ? "gas #{here.gas}" : typed(set(key), key), words] }
      def way_now = way == "gas" ? "gas #{here.gas}" : typed(set, way)

      def fats = (@fahrenheit ? FAT_FAHRENHEIT : FAT_CELSIUS).to_h do |number|
        [fat("#{number}#{unit}", shallow?, key), "#{number}°"]
      end
      def depths = {fat(fat_set, false, key) => "deep", fat(fat_set, true, key) => "shallow, in a pan"}
      def kinds = DataFiles.yaml("heat/oils.yml").to_h { |name, row| [fat(fat_set, shallow?, name), row["say"]] }
      def fat_now = @oil && fat(fat_set, shallow?, key)

      private

      def here = @oven || Kitchen::OvenTemperature.new(celsius: USUAL_CELSIUS.to_f)
      def unit = @fahrenheit ? "F" : "C"
      def typed(number, way) = "#{number}#{unit}#{" #{way}" unless way == "still"}"

      # What the dial is set to.
      def set(way = self.way)
        celsius = way == "fan" ? here.fan_celsius : here.celsius
        @fahrenheit ? (Kitchen::OvenTemperature.new(celsius: celsius).fahrenheit / 5).round * 5 : celsius.round
      end

      def shallow? = @oil ? @oil.shallow : false
      def key = @oil&.key || "neutral_oil"
      def fat_set =
        if @fahrenheit
          "#{Kitchen::Fahrenheit.of(@oil&.celsius || USUAL_FAT_CELSIUS).round}F"
        else
          "#{(@oil&.celsius || USUAL_FAT_CELSIUS).round}C"
        end

      def fat(degrees, shallow, key)
        named = Heat::Oil.row(key)["say"].sub(/ or .*/, "") unless key == "neutral_oil"
        [degrees, ("shallow" if shallow), named].compact.join(" ")
      end
    end
  end
end
