RSpec.describe Restauro::Recipes::LineReader do
  # Grams by hand from the catalogue's cup and spoon weights and the units' definitions.
  {
    "1 1/2 cups whole milk" => ["whole_milk", 366.0, "liquid"],
    "2 tbsp. butter" => ["butter", 28.4, "fat"],
    "3 heaping tablespoons plain flour" => ["wheat_flour", 33.75, "flour"],
    "½ tsp salt" => ["fine_salt", 3.03, "seasoning"],
    "250ml stock" => ["stock", 253.6, "liquid"],
    "15 g flour" => ["wheat_flour", 15.0, "flour"],
    "1 cup flour, dipped" => ["wheat_flour", 142.0, "flour"],
    "1 cup sifted flour" => ["wheat_flour", 112.9, "flour"],
    "2 and a half cups flour" => ["wheat_flour", 300, "flour"],
    "2 × 400 ml tins coconut milk" => ["coconut_milk", 764.2, "liquid"],
    "1 (14 oz) can coconut milk" => ["coconut_milk", 396.9, "liquid"],
    "25g/1oz butter" => ["butter", 25.0, "fat"],
    "1 stick butter" => ["butter", 113.4, "fat"],
    "1/4 cup plus 1 tablespoon cornstarch" => ["corn_starch", 37.5, "starch"],
    "2 egg yolks" => ["egg_yolk", 36.0, "egg"],
    "butter 50 g" => ["butter", 50.0, "fat"],
    "flour: 30 g" => ["wheat_flour", 30.0, "flour"],
    "1 lb flour" => ["wheat_flour", 453.6, "flour"],
    "a knob of butter" => ["butter", 14.2, "fat"],
    "scant cup milk" => ["whole_milk", 244.0, "liquid"],
    "1 cup (240 ml) milk" => ["whole_milk", 244.0, "liquid"],
    "2 T flour" => ["wheat_flour", 15.0, "flour"],
    "2 tbsp flour, plus 1 tbsp for dusting" => ["wheat_flour", 15.0, "flour"],
    "1 dl milk" => ["whole_milk", 103.1, "liquid"],
    # A cube with its water is stock, a cube alone seasons.
    "1 vegetable stock cube, made up to 300ml" => ["stock", 304.3, "liquid"],
    "2 stock cubes made up with 1 litre water" => ["stock", 1014.4, "liquid"],
    "stock made with 1 cube and 450 ml water" => ["stock", 456.5, "liquid"],
    "1 stock cube, crumbled" => ["stock_cube", 10.0, "seasoning"]
  }.each do |text, (key, grams, role)|
    it "#{text} is #{grams || "an unknown amount"} g of #{key}" do
      found = line(text)
      expect([found.text, found.ingredient, found.role, found.understood]).to eq [text, key, role, true]
      grams ? expect(found.grams.value).to(be_within(0.6).percent_of(grams)) : expect(found.grams).to(be_nil)
    end
  end

  it("gives a range its midpoint and its ends") do
    expect(line("2-3 tbsp flour").grams.then { |g| [g.value.round(2), g.low < 15, g.high > 22.5] }).to eq [
      18.75,
      true,
      true
    ]
  end
  it("carries the band of a heaped spoon") do
    expect(line("2 heaped tbsp flour").grams.then { |g| [g.low <= 18.75, g.value.round(2), g.high >= 30] }).to eq [
      true,
      22.5,
      true
    ]
  end
  it("heaps powders only") { expect(line("1 heaping tablespoon milk").grams.value).to be_within(0.1).of(15.25) }
  it("a pinch is a sixteenth of a teaspoon, a gram at most") do
    expect(line("a pinch of salt").grams.value).to be_within(0.01).of(0.38)
  end
  it("a dipped cup is in the band of a spooned one") { expect(line("1 cup flour").grams.high).to be >= 142 }
  it("reads the cook's own system") do
    expect(line("1 tbsp flour", system: "au").grams.value).to be_within(0.05).of(10.15)
  end
  it("keeps an unknown thing and never counts it") do
    expect(line("1 cup unobtainium").then { |l| [l.understood, l.grams, l.warnings.first.code] }).to eq [
      false,
      nil,
      "line_not_understood"
    ]
  end
  it("knows salt to taste without an amount") do
    expect(line("salt to taste").then { |l| [l.ingredient, l.grams, l.understood, l.warnings] }).to eq [
      "fine_salt",
      nil,
      true,
      []
    ]
  end
  it("says when flour has no amount") { expect(line("flour for dusting").warnings.map(&:code)).to eq ["no_amount"] }
  it("knows an onion, and does not count it") do
    expect(line("1 red onion, sliced").then { |l| [l.understood, l.ingredient, l.grams.value] }).to eq [
      true,
      nil,
      150.0
    ]
  end
  it("names the line of an impossible amount") do
    expect { line("1/0 cup flour") }.to raise_error(Restauro::InvalidInput, %r{1/0 cup flour})
  end
  it("names the line of an absurd amount") do
    expect { line("900 kg flour") }.to raise_error(Restauro::InvalidInput, /900 kg flour/)
  end
end
