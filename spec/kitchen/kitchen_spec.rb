RSpec.describe Restauro::Kitchen do
  describe Restauro::Kitchen::OvenTemperature do
    # Fahrenheit by definition; gas marks as in UK oven tables (common practice).
    {
      "200C" => [200, 392, "6"],
      "400F" => [204.44, 400, "6"],
      "gas 6" => [200, 392, "6"],
      "gas mark 4" => [180, 356, "4"],
      "180C fan" => [200, 392, "6"],
      "350 °F" => [176.67, 350, "4"]
    }.each do |text, (c, f, gas)|
      it("reads #{text}") do
        expect(described_class.parse(text).then { |t| [t.celsius.round(2), t.fahrenheit.round, t.gas] }).to eq [
          c,
          f,
          gas
        ]
      end
    end

    it("agrees with GNU units on Fahrenheit") do
      expect(described_class.parse("375F").celsius).to be_within(0.01).of(units("tempF(375)", "tempC"))
    end
    # A knob in Fahrenheit is marked by fives; 375 F is 190.6 C.
    {
      "375F" => "191 °C (375 °F)",
      "375F fan" => "191 °C (375 °F) with the fan",
      "400F hot-air basket" => "204 °C (400 °F) in the hot-air basket",
      "350F/180C" => "180 °C",
      "200C" => "200 °C"
    }.each do |text, said|
      it("says #{said} of #{text}") { expect(described_class.parse(text).say).to eq said }
    end
    it("is no temperature") { expect(described_class.parse("2 cups milk")).to be_nil }
    it("refuses what no oven has") do
      expect { described_class.parse("900C") }.to raise_error(Restauro::InvalidInput, /900C/)
    end
  end

  describe Restauro::Kitchen::BakingPan do
    # By hand: 23 cm round pi 11.5^2 = 415.5; 9x13 in = 117 sq in = 754.8; oval pi 14 10 = 439.8.
    {
      "23 cm round 3 cm deep" => [415.5, 1246.4],
      "9x13 in" => [754.8, nil],
      "20x30 cm 5 cm deep" => [600.0, 3000.0],
      "28x20 cm oval" => [439.8, nil],
      "8 inch square" => [412.9, nil],
      # Three sides have a height; so have two of which one is no higher than a tin is.
      "33 x 23 x 5 cm" => [759.0, 3795.0],
      "13 x 9 x 2-inch dish" => [754.8, 3834.6],
      "23 x 2.5cm fluted tin" => [415.5, 1038.7],
      "9 x 2 inch cake pan" => [410.4, 2085.0],
      "20cm x 30cm tray" => [600.0, nil],
      "9-by-13-inch pan" => [754.8, nil],
      "35 x 12 cm tart tin" => [420.0, nil],
      # How many of them.
      "2 x 20 cm round tins" => [314.2, nil]
    }.each do |text, (area, volume)|
      it("#{text} is #{area} cm2") do
        expect(described_class.parse(text).then { |pan| [pan.area_cm2.round(1), pan.millilitres&.round(1)] }).to eq [
          area,
          volume
        ]
      end
    end

    it("takes 1.83 of an 8 inch square into a 9x13 (by area)") do
      expect(described_class.parse("8x8 in").factor_to(described_class.parse("9x13 in"))).to be_within(0.005).of(1.83)
    end
    it("is no pan") { expect(described_class.parse("2 cups milk")).to be_nil }
    it("refuses what is no pan's size") do
      expect { described_class.parse("900 cm round") }.to raise_error(Restauro::InvalidInput, /1 to 100 cm/)
    end
  end

  describe Restauro::Kitchen::Convert do
    def convert(text, from: "us", to: nil, **more) =
      described_class.new(
        catalogue,
        Reference::Helpers::READERS[from],
        from: Restauro::KitchenUnits.of(from),
        **more
      ).call(text, to: to)

    it("puts an Australian spoon into US ones") do
      expect(
        convert("2 tbsp cornflour", from: "au", units: Restauro::KitchenUnits.of("us")).measure.text
      ).to eq "2 tbsp + 2 tsp"
    end
    it("uses only the tools of the cook's drawer") do
      expect(convert("1/2 cup milk", tools: [{"count" => "1/4", "unit" => "cup"}]).measure.tools).to eq [
        ["1/4 cup", 2]
      ]
    end
    it("has no tools in an empty drawer") { expect(convert("1 cup milk", tools: []).measure).to be_nil }
    it("carries the band of how a cup is filled") do
      expect(convert("1 cup plain flour").to_h.values_at(:low, :grams, :high)).to match([be < 115, 120.0, be >= 142])
    end
    it("weighs a stick and eggs") do
      expect([convert("1 stick butter"), convert("3 large eggs")].map { |found| found.line.grams.value.round }).to eq [
        113,
        150
      ]
    end
    it("turns grams to a volume and back") do
      expect(convert("120 g plain flour", to: "cup").to.last.value).to be_within(0.001).of(1)
    end
  end

  describe Restauro::Recipes::Scale do
    recipe = "Cream\nServes 4\n2 cups milk\n3 tbsp flour\nsalt to taste"
    scaled = ->(spec, factor) do
      described_class.of(spec.read(recipe), factor, catalogue: Reference::Helpers::CATALOGUE)
    end

    it("multiplies every amount") do
      expect(scaled[self, 1.5].ingredients.filter_map(&:grams).map { |g| g.value.round(2) }).to eq [732.0, 33.75]
    end
    it("reads back to the same grams") do
      expect(
        read(scaled[self, 0.7].lines.map(&:text).join("\n"))
          .ingredients
          .filter_map(&:grams)
          .map { |g| g.value.round(1) }
      ).to eq [341.6, 15.8]
    end # 22.5 * 0.7 = 15.75, printed to a tenth
    it("keeps the texture of a sauce") do
      expect(sauce.predict(scaled[self, 1.0], sauce.options).flour_equivalents.value).to be_within(6).percent_of(
        sauce.predict(scaled[self, 2.0], sauce.options).flour_equivalents.value
      )
    end
    it("knows how many it serves") do
      expect(
        ["Serves 4", "Makes about 12 slices", "6 servings"].map do |title|
          described_class.servings(read("Cream\n#{title}\n1 cup milk"))
        end
      ).to eq [4, 12, 6]
    end
    it("refuses what is no kitchen's scale") do
      expect { scaled[self, 500.0] }.to raise_error(Restauro::InvalidInput, /0.05 to 20/)
    end
  end
end
