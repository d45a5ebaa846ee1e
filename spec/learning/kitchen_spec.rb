# A household's own figures, from made-up trials whose truth is known.
RSpec.describe Restauro::Learning::Kitchen do
  seen = ->(shares, ratio, how = "plate_test", packs = {}) do
    Restauro::Learning::Seen.new(shares: shares, log_ratio: Math.log(ratio), how: how, packs: packs)
  end

  define_method(:kitchen) { |*all, **more| described_class.new(all, catalogue, **more) }

  it "puts a starch that showed stronger in front of the book, surer with every trial" do
    one, three =
      [1, 3].map { |count| kitchen(*[seen[{"corn_starch" => 1.0}, 1.2]] * count).catalogue.fetch("corn_starch") }
    expect(
      [one.thick_power, three.thick_power].map { |power| power / catalogue.fetch("corn_starch").thick_power }
    ).to match([be_between(1.08, 1.2), be_between(1.14, 1.2)])
    expect([one.power_share, three.power_share]).to match([be < 0.2, be < one.power_share])
  end

  it "lets the next sauce take less of it, and be surer" do
    learnt = kitchen(*[seen[{"corn_starch" => 1.0}, 1.2]] * 4).catalogue
    grams =
      [catalogue, learnt].map do |facts|
        family = Restauro::Families.fetch("sauce", facts)
        swap = family.swap(read("30 g flour\n30 g butter\n500 ml milk"), family.options(with: ["corn_starch"]))
        swap.needed(swap.thickeners.first).then { |band| [band.value, band.high - band.low] }
      end
    expect([grams[1][0] / grams[0][0], grams[1][1] / grams[0][1]]).to match([be_between(0.80, 0.9), be < 1])
  end

  it "drink, oven, ring and root stand each for itself" do
    found =
      kitchen(
        seen[{"drink sorghum_flour" => 1.0}, 1.15, "grams"],
        seen[{"oven" => 1.0}, 1.2, "oven"],
        seen[{"hob medium" => 1.0}, 0.7, "hob"],
        seen[{"water potato_riced" => 1.0}, 0.95, "weighed"]
      )
    facts = found.catalogue
    mine, known = [facts, catalogue].map { |from| from.fetch("sorghum_flour") }
    expect([mine.hold_g_per_g, mine.thick_power]).to match([be > known.hold_g_per_g, known.thick_power])
    expect(facts.fetch("potato_riced").water_pct).to be < catalogue.fetch("potato_riced").water_pct
    expect(
      [found.factor("oven"), found.watts("medium") / Restauro::Physics::Pan.watts("medium"), found.watts("high")]
    ).to match([be_between(1.08, 1.2), be_between(0.7, 0.8), nil])
  end

  it "a new pack begins half way to what the old one showed" do
    old = Array.new(6) { seen[{"corn_starch" => 1.0}, 1.3, "plate_test", {"corn_starch" => 1}] }
    same, fresh = [1, 2].map { |pack| kitchen(*old, packs: {"corn_starch" => pack}).factor("corn_starch") }
    expect(Math.log(fresh) / Math.log(same)).to be_within(0.02).of(0.5)
    expect(kitchen(*old, packs: {"corn_starch" => 2}).beliefs["corn_starch"].trials).to eq 0
  end

  it("knows nothing of what is no longer in the catalogue") do
    expect(kitchen(seen[{"own_77" => 1.0}, 2.0]).any?).to be false
  end
  it("without a trial it is the book") { expect(kitchen.catalogue).to equal(catalogue) }

  it "asks for the look that narrows most" do
    found = kitchen(*[seen[{"corn_starch" => 1.0}, 1.1]] * 6, seen[{"white_rice_flour" => 1.0}, 1.1, "eaten"])
    expect(found.next_look(%w[corn_starch white_rice_flour]).first).to eq "white_rice_flour"
  end

  # What a dish teaches, held against what was put into it.
  describe Restauro::Learning::Lessons do
    it "a sauce seen as the book has it teaches nothing, one seen thicker says by how much, each starch its share" do
      prediction = predict("20 g corn starch\n20 g white rice flour\n500 ml milk")
      e = prediction.flour_equivalents.value
      found = described_class.sauce(1.2 * e, prediction, how: "spoon")
      expect(
        [
          described_class.sauce(e, prediction, how: "spoon")["log_ratio"],
          found["log_ratio"],
          found["shares"].values.sum
        ]
      ).to match([0.0, be_within(1e-4).of(Math.log(1.2)), be_within(1e-9).of(1)])
      expect(found["shares"]["corn_starch"]).to be > found["shares"]["white_rice_flour"]
    end

    it("a clock that was forgotten is no slow oven") do
      expect(
        [described_class.oven(30, 34)["log_ratio"].round(3), described_class.oven(30, 300), described_class.oven(30, 0)]
      ).to eq [0.125, nil, nil]
    end
    it("the longer the boil took, the less the ring gives") do
      expect(described_class.boil("medium", 8, 10)["log_ratio"]).to be < 0
    end
  end
end
