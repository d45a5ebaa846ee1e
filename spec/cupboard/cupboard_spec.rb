require "date"

RSpec.describe Restauro::Cupboard do
  pack = ->(key, left, **more) do
    Restauro::Cupboard::Pack.new(
      id: more.delete(:id) || rand(1..9999),
      ingredient: Reference::Helpers::CATALOGUE.fetch(key),
      grams_left: left,
      **more
    )
  end

  describe Restauro::Cupboard::Shelf do
    subject(:shelf) do
      described_class.new(
        [
          pack["corn_starch", 30.0, id: 1, grams_full: 500.0, price: 2.0],
          pack["corn_starch", 100.0, id: 2, opened_on: Date.new(2026, 10, 1)],
          pack["sorghum_flour", 400.0, id: 3, finding: "may_contain"]
        ]
      )
    end

    it("counts the packs of one thing together") { expect(shelf.grams_left("corn_starch")).to eq 130.0 }
    it("takes from the pack longest open first, and never more than is left") do
      expect(shelf.taken("corn_starch" => 120.0, "sorghum_flour" => 999.0)).to eq(2 => 100.0, 1 => 20.0, 3 => 400.0)
    end
    it("costs by the price of a full pack") { expect(shelf.cost("corn_starch", 25)).to be_within(1e-9).of(0.1) }
    it("knows no price") { expect(shelf.cost("sorghum_flour", 10)).to be_nil }

    it("offers first what no label speaks against") { expect(shelf.offered).to eq %w[corn_starch] }

    # A jar is as doubtful as the worst pack in it; nothing is said of it where a label was not read.
    {
      {"sorghum_flour" => "may_contain", "corn_starch" => "none_found"} => "may_contain",
      {"sorghum_flour" => "contains", "corn_starch" => nil} => "contains",
      {"sorghum_flour" => "none_found", "corn_starch" => "none_found"} => "none_found",
      {"sorghum_flour" => "none_found", "corn_starch" => nil} => nil
    }.each do |findings, of_all|
      it "finds #{of_all.inspect} in a jar of packs with #{findings.values.inspect}" do
        packs = findings.each_with_index.map { |(key, finding), id| pack[key, 100.0, id: id + 1, finding: finding] }
        expect(described_class.new(packs).finding_of(findings.transform_values { 50 })).to eq of_all
      end
    end

    it("mixes no more than there is") do
      expect { shelf.enough!("corn_starch" => 140) }.to raise_error(
        Restauro::InvalidInput,
        /140 g maize starch and 130 g/
      )
    end

    it "says what is short and what a label says" do
      lines = read("200 g cornstarch\n20 g sorghum flour\n1 cup milk").lines
      expect(shelf.warnings(lines).map(&:code)).to eq %w[too_little_left pack_may_contain]
    end
  end

  describe Restauro::Cupboard::OwnFlour do
    # A flour of the catalogue given by its label alone comes out near what the catalogue says of it.
    %w[
      white_rice_flour
      sorghum_flour
      millet_flour
      buckwheat_flour
      chickpea_flour
      maize_flour
      amaranth_flour
      quinoa_flour
    ].each do |key|
      it "guesses #{key} within its band" do
        known = catalogue.fetch(key)
        label = {
          protein: known.protein_pct,
          fat: known.fat_pct,
          fibre: known.fibre_pct,
          carbohydrate: known.starch_pct + known.sugar_pct,
          sugar: known.sugar_pct
        }
        guess = described_class.ingredient(key: "own", name: "own", cup_g: known.cup_spooned_g, **label)
        expect([guess.hold_g_per_g, guess.thick_power]).to match(
          [be_within(36).percent_of(known.hold_g_per_g), be_within(52).percent_of(known.thick_power)]
        )
      end
    end

    it "widens the band of a sauce made with it" do
      own =
        described_class.ingredient(
          key: "own_1",
          name: "plantain flour",
          cup_g: 130,
          protein: 3.0,
          fat: 1.0,
          fibre: 6.0,
          carbohydrate: 78.0,
          sugar: 6.0
        )
      family = Restauro::Families.fetch("sauce", catalogue.with([own]))
      result = family.swap(read("3 tbsp flour\n2 tbsp butter\n2 cups milk"), family.options(with: %w[own_1]))
      expect(result.ours.flour_equivalents.then { |e| (e.high - e.low) / e.value }).to be > 0.9
    end

    it("refuses a label that does not add up") do
      expect {
        described_class.ingredient(
          key: "x",
          name: "x",
          cup_g: 120,
          protein: 60.0,
          fat: 30.0,
          fibre: 10.0,
          carbohydrate: 40.0,
          sugar: 0.0
        )
      }.to raise_error(Restauro::InvalidInput, /140/)
    end
  end

  it("refuses a pack that cannot be") do
    expect { pack["corn_starch", -1.0] }.to raise_error(Restauro::InvalidInput, /grams left/)
  end
end
