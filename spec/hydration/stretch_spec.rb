RSpec.describe Restauro::Hydration::Stretch do
  parts = ->(spec, **grams) { grams.map { |key, g| [spec.catalogue.fetch(key.to_s), g.to_f] } }

  # By hand, from full doses of 5 % psyllium husk, 1.5 % xanthan and 60 % whole egg.
  {
    {white_rice_flour: 200, psyllium_husk: 5} => 0.5,
    {white_rice_flour: 200, xanthan_gum: 1.5} => 0.5,
    {chickpea_flour: 100, egg_whole: 30} => 0.5,
    {wheat_flour: 300} => 1.0,
    {white_rice_flour: 200, psyllium_husk: 4, egg_whole: 24} => 0.6,
    {white_rice_flour: 100, psyllium_husk: 20} => 1.2,
    {potato_riced: 500} => 0.0
  }.each do |grams, expected|
    it("#{grams.map { |key, g| "#{g} g #{key}" }.join(", ")}: #{expected}") do
      expect(described_class.of(parts[self, **grams])).to be_within(1e-9).of(expected)
    end
  end

  it("counts the gum inside a blend") do
    expect(described_class.of(parts[self, blend_with_gum: 150])).to be_within(1e-9).of(
      catalogue.fetch("blend_with_gum").gum_pct / 1.5
    )
  end
  it("does not count an egg for what holds gas") do
    expect(described_class.of_binders(parts[self, white_rice_flour: 100, egg_whole: 60])).to eq 0
  end
  it("gives the grams that a stretch takes") do
    expect(described_class.grams_for(catalogue.fetch("psyllium_husk"), 0.9, 200.0)).to be_within(1e-9).of(9)
  end

  # Thin rolled 0.9, filled 1.0, thick noodles 0.6, gnocchi 0.5 (common practice, as stretch).
  {
    ["rolled", 1.5] => 0.9,
    ["rolled", 4.0] => 0.6,
    ["rolled", 3.0] => 0.75,
    ["filled", 1.5] => 1.0,
    ["dumpling", 20.0] => 0.5
  }.each do |(shape, mm), need|
    it("#{shape} at #{mm} mm needs #{need}") { expect(described_class.needed(shape, mm)).to be_within(1e-9).of(need) }
  end

  it("says how thin a sheet it bears: what a thickness needs bears that thickness") do
    [2.2, 3.0, 3.9].each do |mm|
      expect(described_class.thinnest_mm(described_class.needed("rolled", mm))).to be_within(1e-6).of(mm)
    end
  end
  it("bears no sheet where nothing binds") { expect(described_class.thinnest_mm(0.3)).to be_nil }
end
