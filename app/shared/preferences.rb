module Restauro
  # How this house writes, chosen once: which measure stands first, how a recipe that gives no clue is read, degrees,
  # currency, dates.
  #   first "grams" or "spoons" · units a system of KitchenUnits · degrees "C" or "F" · currency String · dates "day",
  #   "month" or "iso"
  Preferences = Struct.new(:first, :units, :degrees, :currency, :dates, keyword_init: true) do
    # @param chosen [Hash, nil] string keys, as kept; anything unknown is as usual
    def self.of(chosen)
      chosen = chosen.to_h
      new(
        **Preferences::CHOICES.to_h do |name, words|
          [name.to_sym, words.key?(chosen[name]) ? chosen[name] : words.keys.first]
        end
      )
    end

    def initialize(**)
      super
      freeze
    end

    def spoons_first? = first == "spoons"
    def fahrenheit? = degrees == "F"
    def to_json_hash = to_h.transform_keys(&:to_s)
  end

  # Each choice with its words; the first is the usual.
  Preferences::CHOICES = {
    "first" => {
      "grams" => "grams first, spoons beside",
      "spoons" => "spoons and cups first, grams beside"
    },
    "units" => {
      "metric" => "metric cups and spoons",
      "us" => "US cups and spoons",
      "uk" => "UK cups and spoons",
      "au" => "Australian spoons"
    },
    "degrees" => {
      "C" => "°C",
      "F" => "°F"
    },
    "currency" => {
      "€" => "€",
      "£" => "£",
      "$" => "$",
      "kr" => "kr",
      "CHF" => "CHF",
      "¥" => "¥",
      "₹" => "₹"
    },
    "dates" => {
      "day" => "24 November 2026",
      "month" => "November 24, 2026",
      "iso" => "2026-11-24"
    }
  }.freeze
end
