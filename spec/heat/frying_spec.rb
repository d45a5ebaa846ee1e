RSpec.describe Restauro::Heat::Frying do
  {
    "180C" => [180.0, false, "neutral_oil", 1.0],
    "350F, shallow" => [176.7, true, "neutral_oil", 1.0],
    "170 olive oil" => [170.0, false, "olive_oil", 1.0],
    "180 °C ghee 2 litres" => [180.0, false, "ghee", 2.0],
    "190C sunflower oil 750 ml deep" => [190.0, false, "neutral_oil", 0.75]
  }.each do |text, values|
    it("reads #{text}") do
      expect(described_class.parse(text).then { |f| [f.celsius.round(1), f.shallow, f.key, f.litres] }).to eq values
    end
  end

  it("says its heat as it was given") do
    expect(%w[350F 180C].map { |text| described_class.parse(text).degrees }).to eq ["177 °C (350 °F)", "180 °C"]
  end

  {
    "hot" => /such as 180C/,
    "180C motor oil" => /no smoke point is known of 'motor oil'/,
    "260C" => /140 to 200/,
    "180C 50 litres" => /0.2 to 10 litres/
  }.each do |text, words|
    it("says what is wrong with #{text}") do
      expect { described_class.parse(text) }.to raise_error(Restauro::InvalidInput, words)
    end
  end

  it("warns near the smoke point only") do
    expect(
      ["180C", "180C olive oil", "160C olive oil", "160C butter"].map do |text|
        described_class.parse(text).caution.nil?
      end
    ).to eq [true, false, true, false]
  end

  # By hand: 920 g at 2.1 J/(g K) from 190 C, food of 20 C at 3.4: (920*2.1*30)/(3.4*140) = 121.8 g keeps 160 C; 15 % of
  # 920 is 138 g.
  it("takes as much food as keeps it hot") { expect(described_class.parse("190C").batch_g).to be_within(0.1).of(121.8) }

  # From 160 C it may fall to 150: (920*2.1*10)/(3.4*130) = 43.7 g.
  it("takes some food where it is set low") { expect(described_class.parse("160C").batch_g).to be_within(0.1).of(43.7) }
end

RSpec.describe Restauro::Families::Fat do
  # A cook who thinks in Fahrenheit would take a bare 160 for theirs.
  it("gives each of its temperatures a unit") do
    fat = described_class.new(Restauro::Heat::Frying.parse("350F"), 100.0, 8)
    expect(fat.drain.look_for).to eq "back at 177 °C (350 °F): never under 160 °C"
  end
end

RSpec.describe Restauro::Heat::PieceLine do
  {
    "8 slices celeriac, 10 mm" => [8, "celeriac", :slab, 10.0],
    "4 cod fillets, 18 mm thick" => [4, "cod", :slab, 18.0],
    "600 g celeriac, in 12 mm slices" => [nil, "celeriac", :slab, 12.0],
    "1 cm thick slices of aubergine" => [nil, "aubergine", :slab, 10.0],
    "20 cauliflower florets, 3 cm" => [20, "cauliflower", :sphere, 30.0]
  }.each do |text, (count, name, shape, millimetres)|
    it "reads the piece in '#{text}'" do
      recipe = read("#{text}\n60 g flour\n2 eggs")
      piece = described_class.piece(recipe, catalogue)
      expect([described_class.count(recipe), piece.name, piece.shape, piece.millimetres.round(1)]).to eq [
        count,
        name,
        shape,
        millimetres
      ]
    end
  end

  it("weighs pieces of a food that is not known") do
    expect(described_class.grams(read("1.2 kg gurnard fillets, 20 mm\n60 g flour\n2 eggs"))).to eq 1200
  end
  it("reads none where none is told") do
    expect(described_class.piece(read("600 g celeriac\n60 g flour\n2 eggs"), catalogue)).to be_nil
  end
end
