RSpec.describe Restauro::Estimate do
  subject(:estimate) { described_class.within(100, 0.1, 0.2) }

  it("keeps low, value and high in order") { expect(estimate.to_a).to eq [100.0, 90.0, 120.0] }
  it("is frozen, and equal by value") do
    expect(
      [estimate.frozen?, estimate == described_class.within(100, 0.1, 0.2), [estimate, estimate.dup].uniq.length]
    ).to eq [true, true, 1]
  end
  it("scales") { expect((estimate * 2).to_a).to eq [200.0, 180.0, 240.0] }
  it("refuses what is not finite") { expect { described_class.new(value: Float::NAN) }.to raise_error(ArgumentError) }

  it "adds independent errors as squares: 3 and 4 make 5" do
    sum =
      described_class.sum(
        [described_class.new(value: 10, low: 7, high: 13), described_class.new(value: 10, low: 6, high: 14)]
      )
    expect(sum.to_a).to eq [20.0, 15.0, 25.0]
  end

  it("widens by a share combined as squares") do
    expect(described_class.within(100, 0.03).widen(0.04).low).to be_within(1e-9).of(95)
  end
end
