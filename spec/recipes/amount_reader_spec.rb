# Amounts behind the name, and packs whose size nobody writes (from memory: data/ingredients/packs.yml).
RSpec.describe Restauro::Recipes::AmountReader do
  {
    "eggs (2 large, beaten)" => ["egg_whole", 100], "Eggs: 3" => ["egg_whole", 150],
    "Butter (50 g), softened" => ["butter", 50], "milk (1 cup, warm)" => ["whole_milk", 244],
    "dripping (about 1/4 cup)" => ["drippings", 51], "double cream (300ml pot)" => ["heavy_cream", 302],
    "tomatoes (400 g tin)" => ["tomato_passata", 400], "puff pastry (320 g pack)" => ["wheat_puff_sheet", 320],
    "1 bottle red wine" => ["dry_wine", 742], "2 cans beer" => ["beer", 666],
    "1 sachet de levure chimique" => ["baking_powder", 11], "1 Päckchen Backpulver" => ["baking_powder", 15],
    "2 Pck. Vanillezucker" => ["granulated_sugar", 16], "1 packet yeast" => ["yeast_dried", 7],
    "Tipo 00 flour 300 g" => ["wheat_flour", 300], "Mehl Type 405 (250 g)" => ["wheat_flour", 250],
    "Mehl Type 550 200 g" => ["wheat_flour", 200], "farine T55 200 g" => ["wheat_flour", 200]
  }.each do |text, (key, grams)|
    it "reads '#{text}'" do
      found = line(text)
      expect([found.ingredient, found.grams.value]).to match [key, be_within(1).of(grams)]
    end
  end

  it "reads a loose measure behind its name" do
    found = ["Nutmeg - a grating", "salt, a good pinch", "pepper: a pinch"].map { |text| line(text) }
    expect(found.map { |one| [one.ingredient, one.grams&.value&.positive?] })
      .to eq [["ground_spice", true], ["fine_salt", true], ["ground_spice", true]]
  end

  it "takes no other word behind a dash for a measure" do
    expect(["Butter - a block", "salt - to taste", "flour, a little"].map { |text| line(text).grams }).to eq [nil] * 3
  end

  it "knows no size of a pack that has many" do
    expect(line("1 pack sugar").grams).to be_nil
  end

  it "takes no note in brackets for an amount" do
    expect(["butter (2)", "milk (whole)", "flour (type 405)"].map { |text| line(text).grams }).to eq [nil] * 3
  end
end
