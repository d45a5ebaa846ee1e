RSpec.describe Restauro::KitchenUnits do
  # Against GNU units, an independent table.
  {
    "us" => {
      "cup" => "uscup",
      "tbsp" => "ustablespoon",
      "tsp" => "usteaspoon",
      "fl_oz" => "usfloz",
      "pint" => "uspint",
      "quart" => "usquart",
      "gallon" => "usgallon"
    },
    "uk" => {
      "pint" => "brpint",
      "fl_oz" => "brfloz",
      "quart" => "brquart",
      "gallon" => "brgallon",
      "cup" => "brpint/2"
    },
    "au" => {
      "tbsp" => "australiatablespoon"
    },
    "metric" => {
      "cup" => "metriccup",
      "ml" => "ml",
      "cl" => "cl",
      "dl" => "dl",
      "l" => "liter"
    }
  }.each do |system, pairs|
    pairs.each do |key, gnu|
      it("agrees with GNU units on the #{system} #{key}") do
        expect(described_class.of(system).millilitres(key)).to be_within(1e-3).percent_of(units(gnu, "ml"))
      end
    end
  end

  {"oz" => "oz", "lb" => "lb", "kg" => "kg", "stick" => "stickbutter"}.each do |key, gnu|
    it("agrees with GNU units on the #{key}") do
      expect(described_class.of("us").fetch(key).amount).to be_within(1e-3).percent_of(units(gnu, "g"))
    end
  end

  {
    "tbsp. butter" => "tbsp",
    "Tbsp butter" => "tbsp",
    "T butter" => "tbsp",
    "t salt" => "tsp",
    "tablespoons flour" => "tbsp",
    "ml stock" => "ml",
    "g flour" => "g",
    "fl oz milk" => "fl_oz",
    "c milk" => "cup",
    "C milk" => "cup",
    "TBSP flour" => "tbsp"
  }.each { |text, key| it("reads #{text}") { expect(described_class.of("us").read(text).first.key).to eq key } }

  it("reads no unit in large eggs") { expect(described_class.of("us").read("large eggs")).to be_nil }
  it("says which systems there are") do
    expect { described_class.new("mars") }.to raise_error(Restauro::InvalidInput, /us, metric, uk, au/)
  end
end
