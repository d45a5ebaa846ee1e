RSpec.describe Restauro::Hydration::WaterRatio do
  ratio = ->(spec, text, **more) do
    described_class.of(
      spec
        .read(text, **more)
        .ingredients
        .select(&:counted?)
        .map { |line| [spec.catalogue.fetch(line.ingredient), line.grams.value] }
    )
  end

  # Common practice, with the ratio and rung each is known to have.
  {
    "1/2 cup chickpea flour\n1/3 cup water" => [2.15, "thick_coat"],
    "2 cups flour\n2 cups oat milk" => [3.0, "medium_coat"],
    "2 cups one-for-one blend\n2 cups oat milk" => [1.96, "thick_coat"],
    "4 tbsp chickpea flour\n6 tsp ground cumin\n4 tbsp water\n20 ml lemon juice" => [1.8, "thick_coat"],
    "225 g one-for-one blend\n225 g yogurt\n2 eggs\n2 tsp baking powder\n1/2 tsp baking soda" => [1.5, "spoonable"],
    "100 g flour\n55 g egg" => [0.70, "rolled"],
    "125 g flour\n300 ml milk\n2 eggs" => [4.65, "pouring"],
    "120 g flour\n3/4 cup milk\n1 egg" => [2.8, "medium_coat"],
    "1 kg riced potato\n275 g flour\n1 egg" => [1.08, "soft_dough"],
    "250 g flour\n170 g butter\n60 g water" => [0.58, "short"],
    "3/4 cup squash mash\n1/2 cup gluten-free flour\n1/3 cup arrowroot" => [0.94, "soft_dough"],
    "2 1/2 cups one-for-one blend\n4 eggs\n45 g water" => [0.71, "rolled"],
    "100 g maize flour\n1 egg\n1 g xanthan" => [0.42, "crumb"],
    "150 g almond flour\n1/2 cup dry curd\n2 eggs\n4 tsp oil" => [1.4, "spoonable"]
  }.each do |text, (expected, rung)|
    it "#{text.tr("\n", ", ")} is #{expected}, #{rung}" do
      found = ratio[self, text]
      expect([found, Restauro::Hydration::Rung.of(found).key]).to match([be_within(6).percent_of(expected), rung])
    end
  end

  it("of hot sauce and yeast flakes in a chickpea batter is a pancake's") do
    expect(
      ratio[self, "2 cups chickpea flour\n1 1/2 cups water\n1/2 cup hot sauce\n1/3 cup nutritional yeast"]
    ).to be_between(2.6, 3.0)
  end
  it("is unknown where nothing holds water") { expect(ratio[self, "2 cups milk"]).to be_nil }

  # The bound water of a purée gives the table's fractions at its own moisture: 0.45 squash, 0.30 sweet potato, 0.18
  # potato, 0.55 beetroot.
  {
    "squash_mash" => 0.45,
    "sweet_potato_mash" => 0.30,
    "potato_riced" => 0.18,
    "beetroot_puree" => 0.55
  }.each do |key, fraction|
    it("#{key} frees #{fraction} of its water") do
      expect(described_class.free_share(catalogue.fetch(key)) / (catalogue.fetch(key).water_pct / 100)).to be_within(
        0.01
      ).of(fraction)
    end
  end

  describe Restauro::Hydration::Batter do
    # Landau & Levich 1942 and Jeffreys 1930 in their scaling: sqrt(eta). By hand, eta 1, v 0.05:
    # sqrt(0.05/(1080*9.80665)) = 2.173 mm; drained z 0.03, t 10: sqrt(0.03/105912) = 0.532 mm.
    it("drains to 0.53 mm at 1 Pa s from a 30 mm piece") do
      expect(described_class.film_m(1.0, height_m: 0.03)).to be_within(0.5).percent_of(0.000532)
    end
    it("is held back by the lift when it has no time to drain") do
      expect(described_class.film_m(1.0, height_m: 0.03, drain_s: 0.1)).to be_within(0.5).percent_of(0.002173)
    end
    it("goes with the root of the viscosity") do
      expect(described_class.film_m(4.0, height_m: 0.03) / described_class.film_m(1.0, height_m: 0.03)).to be_within(
        1e-9
      ).of(2)
    end
  end
end
