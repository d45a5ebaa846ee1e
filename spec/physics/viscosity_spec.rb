RSpec.describe Restauro::Physics::Viscosity do
  plain = {base: 0.0}

  # The model's own stated values for the four grades (about 0.10, 0.61, 1.74, 3.68 Pa s).
  {3.1 => 0.10, 6.2 => 0.61, 9.3 => 1.74, 12.4 => 3.68}.each do |e, pa_s|
    it("is #{pa_s} Pa s at 60 C for e #{e}") do
      expect(described_class.pa_s(e, celsius: 60, **plain)).to be_within(1).percent_of(pa_s)
    end
  end

  # Cooling from the 60 C plate, by setback: as many times as thick.
  [
    [95, 0, 0.50],
    [20, 0.05, 2.8],
    [20, 1.2, 4.8],
    [4, 0.05, 4.5],
    [4, 0.35, 5.7],
    [4, 0.9, 7.9],
    [4, 1.2, 9.1]
  ].each do |celsius, setback, times|
    it "is #{times} times the plate's at #{celsius} C with setback #{setback}" do
      ratio =
        described_class.pa_s(6.2, celsius: celsius, setback: setback, **plain) /
        described_class.pa_s(6.2, celsius: 60, **plain)
      expect(ratio).to be_within(2).percent_of(times)
    end
  end

  it("turns round") do
    expect(
      described_class.flour_equivalents(described_class.pa_s(5.0, celsius: 60, base: 0.002), base: 0.002)
    ).to be_within(1e-9).of(5.0)
  end
  it("flows like water with nothing in it, and thins with shear when thick") do
    expect([0.0, 12.4].map { |e| described_class.flow_index(e).round(2) }).to eq [1.0, 0.45]
  end
end
