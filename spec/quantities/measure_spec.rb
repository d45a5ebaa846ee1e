RSpec.describe Restauro::Measure do
  us = Restauro::KitchenUnits.of("us")
  spooned = ->(key, grams, units = us) do
    described_class.nearest(Reference::Helpers::CATALOGUE.fetch(key), grams, units)
  end

  # By hand from the catalogue's spoon weights: 7.5 g a tablespoon of maize starch, 244 g a cup of milk.
  {
    ["corn_starch", 7.5] => "1 tbsp",
    ["corn_starch", 11.25] => "1 tbsp + 1 1/2 tsp",
    ["corn_starch", 1.25] => "1/2 tsp",
    ["whole_milk", 610] => "2 1/2 cups",
    ["whole_milk", 81.3] => "1/3 cup",
    ["butter", 42.6] => "3 tbsp",
    ["egg_whole", 100] => "2"
  }.each { |(key, grams), words| it("#{grams} g #{key} is #{words}") { expect(spooned[key, grams].text).to eq words } }

  it("signs its error") { expect(spooned["corn_starch", 7.8].error_pct).to be_between(-5, 5).and(be < 0) }
  it("an Australian tablespoon holds a third more") do
    expect(spooned["corn_starch", 10.14, Restauro::KitchenUnits.of("au")].text).to eq "1 tbsp"
  end
  it("knows no measure without a density") { expect(spooned["raw_celeriac", 100]).to be_nil }

  it "stays within 6 % for every powder from 10 to 200 g, where a quarter teaspoon is little", :long do
    worst =
      (10..200)
        .flat_map do |grams|
          %w[corn_starch sorghum_flour potato_starch].map { |key| spooned[key, grams].error_pct.abs }
        end
        .max
    expect(worst).to be <= 6
  end
end
