module Restauro
  module Heat
    # Fat to fry in: how hot, deep or shallow, which, and how much.
    #   celsius C · shallow whether it covers one face only · key of data/heat/oils.yml · litres of it, when deep · in_f
    #   whether its heat was given in Fahrenheit · depth_mm how high it stands, when shallow, or nil
    Frying = Struct.new(:celsius, :shallow, :key, :litres, :in_f, :depth_mm, keyword_init: true) do
      def initialize(celsius:, shallow: false, key: "neutral_oil", litres: 1.0, in_f: false, depth_mm: nil)
        least, most = %i[frying_least_celsius frying_most_celsius].map { |name| Constants.fetch(:heat, name) }
        unless celsius.between?(least, most)
          raise InvalidInput, "oil is #{least.round} to #{most.round} C for frying, got #{celsius.round}"
        end

        unless litres.between?(*Frying::POT_LITRES)
          raise InvalidInput, "oil to fry in is 0.2 to 10 litres, got #{litres}"
        end

        super
        freeze
      end

      # @param text [String] "180C", "350F shallow", "350F shallow 13 mm", "170 olive oil", "180C ghee 2 litres"
      # @return [Frying]
      # @raise [InvalidInput]
      def self.parse(text)
        match = Frying::TEXT.match(text.strip) or
          raise InvalidInput, "oil #{Frying::SUCH_AS}; got '#{text.strip[0, 30]}'"
        words = match[3].to_s
        degrees = Float(match[1])
        in_f = match[2].to_s.casecmp?("f")
        new(
          celsius: in_f ? Kitchen::Fahrenheit.celsius(degrees) : degrees,
          in_f: in_f,
          shallow: words.match?(/shallow|pan/i),
          key: key_in(words),
          litres: litres_in(words),
          depth_mm: words[Frying::DEPTH, 1]&.to_i
        )
      end

      # As hot as is usual, in the fat of a list.   @param how [Symbol] deep, shallow or wrapped
      # @param lines [Array<Recipes::Line>]   @return [Frying]
      def self.usual(how, lines = [])
        new(celsius: Constants.fetch(:heat, Frying::USUAL.fetch(how)), shallow: how == :shallow,
            key: fat_in(lines) || "neutral_oil", litres: litres_of(lines))
      end

      # As much fat as pieces swim in.   @param lines [Array<Recipes::Line>]
      def self.swims?(lines)
        lines.any? do |line|
          line.role == "fat" && line.grams && line.grams.value >= Constants.fetch(:heat, :deep_least_g)
        end
      end

      # As much as the list has to swim in; one where it says nothing of that.
      # @param lines [Array<Recipes::Line>]   @return [Float]
      def self.litres_of(lines)
        grams = lines.select { |line| line.role == "fat" && line.grams }.map { |line| line.grams.value }.max.to_f
        return 1.0 if grams < Constants.fetch(:heat, :deep_least_g)

        (grams / Constants.fetch(:heat, :oil_density) / 1000).round(1).clamp(*Frying::POT_LITRES)
      end

      # The fat that is there to fry in, where it is another than oil.
      # @param lines [Array<Recipes::Line>]   @return [String, nil] of data/heat/oils.yml
      def self.fat_in(lines)
        lines.find(&:to_fry_in?)&.ingredient
          &.then { |key| key if Oil.row(key) && !%w[butter neutral_oil].include?(key) }
      end

      # @return [String] of data/heat/oils.yml   @raise [InvalidInput] a fat whose smoke point is not known
      def self.key_in(words)
        named = words.gsub(Frying::LITRES, "").gsub(Frying::DEPTH, "").gsub(/shallow|deep|pan|,/i, "").strip
        return "neutral_oil" if named.empty?

        Oil.key(named) or raise InvalidInput, "no smoke point is known of '#{named[0, 30]}'; oil #{Frying::SUCH_AS}"
      end

      # @return [Float] litres; one where none are told
      def self.litres_in(words)
        match = Frying::LITRES.match(words) or return 1.0
        Float(match[1].tr(",", ".")) * (match[2].match?(/\Am/i) ? 0.001 : 1)
      end

      # "180 °C", as its heat was given.
      def degrees = "#{celsius.round} °C#{" (#{Kitchen::Fahrenheit.of(celsius).round} °F)" if in_f}"
      # @return [String] its name
      def say = Oil.row(key)["say"]
      # @return [Float] g of fat
      def grams = 1000 * litres * Constants.fetch(:heat, :oil_density)
      # @return [Float] g of food at once, so that it stays hot
      def batch_g = Oil.batch_g(oil_g: grams, oil_celsius: celsius)
      # Above where it smokes, or near.   @return [String, nil]
      def caution = Oil.caution(key, celsius)
      # The share of the time that a face lies in it.
      def share = shallow ? Constants.fetch(:heat, :shallow_share) : 1.0
    end

    Frying::TEXT = /\A(\d{2,3}(?:\.\d+)?)\s*°?\s*([CF]\b)?[,\s]*(.*)\z/i
    Frying::POT_LITRES = [0.2, 10.0].freeze
    Frying::USUAL = {deep: :deep_celsius, shallow: :shallow_celsius, wrapped: :wrapped_celsius}.freeze
    Frying::DEPTH = /\b(\d{1,2})\s*mm\b/i
    Frying::LITRES = /(\d+(?:[.,]\d+)?)\s*(litres?|liters?|ml|l)\b/i
    Frying::SUCH_AS =
      "is its temperature, and what it is if it matters, such as 180C, 180C shallow, 170C olive oil, 180C ghee 2 litres".freeze
  end
end
