require "delegate"

module Restauro
  module Presenters
    # Numbers, dates and money as this house writes them.
    class HouseFormat < SimpleDelegator
      DATES = {
        "day" => ["%-d %b", "%-d %B %Y"],
        "month" => ["%b %-d", "%B %-d, %Y"],
        "iso" => %w[%m-%d %Y-%m-%d]
      }.freeze

      # @param preferences [Preferences]
      def initialize(preferences)
        super(Format)
        @preferences = preferences
        @day, @date = DATES.fetch(preferences.dates)
      end

      def day(date) = date.strftime(@day)
      def date(time) = time.strftime(@date)
      # @example money(0.16) # => "€ 0.16"
      def money(value) = "#{@preferences.currency} #{Format.money(value)}"
      def degrees(text) = @preferences.fahrenheit? ? Degrees.fahrenheit(text) : text
      # @param kelvin [Numeric] how far off, either way   @return [Integer] in the house's degrees
      def degrees_apart(kelvin) =
        (@preferences.fahrenheit? ? Kitchen::Fahrenheit.difference(kelvin) : kelvin).abs.round
      def spoons_first? = @preferences.spoons_first?
    end
  end
end
