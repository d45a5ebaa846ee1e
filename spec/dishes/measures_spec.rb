# What a dish asks of its pan, its oven, its sink, and which of its headings belong together.
RSpec.describe Restauro::Dishes do
  parts = ->(spec, text) { spec.answer(text, system: "uk").parts.map { |part| [part.name, part.family&.key] } }

  describe Restauro::Dishes::Bake do
    it "covers deeper layers longer, between a shallow dish's minutes and a deep one's" do
      shallow, deep = %i[bake_shallow_cm bake_deep_cm].map { |name| Restauro::Constants.fetch(:dishes, name) }
      least, most = %i[bake_potato_minutes bake_potato_deep_minutes].map { |name| Restauro::Constants.fetch(:dishes, name) }
      minutes = [shallow - 1, shallow, (shallow + deep) / 2, deep, deep + 3].map { |cm|
  described_class.covered_minutes("potato", cm)
}
      expect(minutes).to eq [least, least, (least + most) / 2, most, most].map(&:round)
    end

    it "asks for sauce by the dish's depth, the usual one where none is told, and never for less than 100 g" do
      usual = Restauro::Constants.fetch(:dishes, :bake_depth_cm)
      wanted = ->(text, layers) { described_class.wanted(Restauro::Kitchen::BakingPan.parse(text), layers) }
      expect(wanted["20x30 cm", 500]).to be_within(1e-6).of(wanted["20x30 cm #{usual} cm deep", 500])
      expect(wanted["20x30 cm 3 cm deep", 500]).to be < wanted["20x30 cm 6 cm deep", 500]
      expect(wanted["20x30 cm 5 cm deep", 90_000]).to eq 100.0
    end
  end

  describe Restauro::Dishes::Answer do
    it "counts what is to be washed: a bowl or pan a part, the pot that boils or fries, and the board" do
      wash = ->(text, **choices) { answer(text, system: "uk", **choices).costs[:to_wash] }
      coat = "4 slices celeriac, 10 mm\n40 g flour\n2 eggs\n120 g breadcrumbs"
      gravy = "30 g butter\n25 g flour\n400 ml stock"
      sauce = wash["Sauce\n#{gravy}"]
      fried = wash["Schnitzels\n#{coat}", oil: Restauro::Heat::Frying.parse("175C")]
      both = wash["Schnitzels with gravy\n#{coat}\nGravy\n#{gravy}"]
      expect([sauce, fried, both]).to match [be >= 2, be > sauce, be > sauce]
    end
  end

  describe Restauro::Dishes::Grouping do
    it "takes a heading 'Liquid' with the flour above it" do
      text = "Gravy\nRoux\n40 g butter\n40 g plain flour\nLiquid\n500 ml beef stock"
      expect(parts[self, text]).to eq [%w[Gravy sauce]]
    end

    it "leaves what stands under a heading of its own where no flour is above it" do
      pastry = "200 g plain flour\n100 g butter\n45 ml water"
      found = parts[self, "Pie\nFilling\n500 g leeks\nRest\n200 ml stock\nPastry\n#{pastry}"]
      expect(found).to eq [["Filling", nil], ["Rest", nil], %w[Pastry crust]]
    end

    it "takes a flour without water into what was poured before it" do
      text = "Stew\nBase\n600 ml beef stock\n200 ml red wine\nThickening\n40 g plain flour\n40 g butter"
      found = answer(text, system: "uk").parts
      expect(found.map { |part| part.family&.key }).to eq ["sauce"]
      expect(found.first.pairs.map { |wheat, _| wheat.ingredient }).to include("stock", "wheat_flour", "butter")
    end
  end

  describe Restauro::Dishes::Plain do
    it "pours the liquid of a part without flour once, with what simmers in it" do
      sauce = "40 g butter\n40 g flour\n500 ml milk"
      ragu = "500 g beef mince\n1 onion\n400 ml red wine"
      steps = answer("Lasagne\n12 lasagne sheets\nRagu\n#{ragu}\nSauce\n#{sauce}", system: "uk").steps
      poured = steps.select { |step| step.part == "Ragu" && step.uses.any? { |line| line.text.include?("wine") } }
      expect(poured.length).to eq 1
    end
  end

  it "is named by its first part with flour where nothing of it is a crust" do
    found = answer("Lasagne\n12 lasagne sheets\nRagu\n500 g beef mince\n400 g passata\n" \
                   "Sauce\n40 g butter\n40 g flour\n500 ml milk", system: "uk")
    expect(found.main.name).to eq "Sauce"
  end

  it "keeps eggs that are listed late in the dough, not over it" do
    text = "Käsespätzle\n400 g flour\n200 ml water\n2 onions, sliced\n4 eggs\n200 g emmental, grated"
    dough = answer(text, system: "uk").main
    expect(dough.pairs.map { |wheat, _| wheat.ingredient }).to include("egg_whole")
  end

  it "leaves no line of a dip out, though it has one that nobody knows" do
    text = "Schnitzels\n4 slices celeriac, 10 mm\n40 g flour\n2 eggs\n120 g breadcrumbs\n" \
           "Dip\n200 g yogurt\n50 g umeboshi"
    found = answer(text, system: "uk")
    used = found.steps.flat_map(&:uses).map(&:text)
    expect(used).to include("200 g yogurt", "50 g umeboshi")
    expect(used.count("200 g yogurt")).to eq 1
  end

  describe Restauro::Dishes::Refusal do
    check = ->(spec, text) { described_class.check!(spec.read(text, system: "uk"), spec.catalogue) }
    dough = "500 g strong white flour\n7 g dried yeast\n320 ml water\n10 g salt\nKnead, prove and shape."

    it "refuses a loaf for its yeast and its wetness" do
      expect { check[self, "Dough\n#{dough}"] }.to raise_error(Restauro::InvalidInput, /a bread/)
    end

    it "lets what is to be thin have its yeast" do
      thin = ["Pizza\n#{dough}", "Blinis\n200 g plain flour\n7 g dried yeast\n400 ml milk\n2 eggs"]
      thin.each { |text| expect { check[self, text] }.not_to raise_error }
      expect(thin.map { |text| parts[self, text].map(&:last) }).to eq [["crust"], ["batter"]]
    end
  end
end
