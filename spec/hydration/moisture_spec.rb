RSpec.describe Restauro::Hydration::Moisture do
  # By hand: 1000 g at 80 % water holds 200 g of solids; weighed back at 700 g it is 500/700 = 71.43 % water.
  it("keeps the solids of what was roasted") do
    expect(described_class.weighed(raw_water: 80.0, from_g: 1000.0, to_g: 700.0).water).to be_within(0.005).of(71.43)
  end

  it "balances whatever the weights" do
    [[78.0, 640.0, 410.0], [92.0, 1200.0, 500.0], [83.0, 300.0, 360.0]].each do |water, from, to|
      expect((100 - described_class.weighed(raw_water: water, from_g: from, to_g: to).water) * to).to be_within(
        1e-6
      ).of((100 - water) * from)
    end
  end

  {"less than its solids" => [1000.0, 190.0], "more than it can drink" => [500.0, 900.0]}.each do |words, (from, to)|
    it("refuses #{words}") do
      expect { described_class.weighed(raw_water: 80.0, from_g: from, to_g: to) }.to raise_error(
        Restauro::InvalidInput,
        /check the weights/
      )
    end
  end

  it "is surest weighed, and least sure when nobody looked" do
    squash = catalogue.fetch("squash_mash")
    bands = [
      described_class.weighed(raw_water: 90.0, from_g: 1000.0, to_g: 700.0),
      described_class.seen(squash, "wet"),
      described_class.told(squash)
    ].map(&:points)
    expect(bands).to eq bands.sort
  end

  it("knows a wet purée from a dry one") do
    expect(%w[dry usual wet].map { |look| described_class.seen(catalogue.fetch("potato_riced"), look).water }).to(
      satisfy { |water| water == water.sort }
    )
  end
  it("says which looks there are") do
    expect { described_class.seen(catalogue.fetch("squash_mash"), "soggy") }.to raise_error(
      Restauro::InvalidInput,
      /dry, usual, wet/
    )
  end
end
