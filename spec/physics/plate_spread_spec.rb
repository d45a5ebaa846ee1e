RSpec.describe Restauro::Physics::PlateSpread do
  # Huppert 1982 (J. Fluid Mech. 121:43), equation for constant volume: R = 0.894 (rho g V^3/(3 eta))^(1/8) t^(1/8), eta
  # dynamic.
  huppert = ->(eta, volume, seconds, density) do
    0.894 * (density * 9.80665 * volume**3 / (3 * eta))**(1 / 8.0) * seconds**(1 / 8.0)
  end

  [[1.0, 50e-6, 120, 1030], [0.2, 20e-6, 60, 1000], [10.0, 100e-6, 600, 1400]].each do |eta, volume, seconds, density|
    it "has Huppert's constant at n = 1 (#{eta} Pa s, #{volume * 1e6} mL)" do
      ours =
        described_class.radius_m(
          consistency: eta,
          flow_index: 1.0,
          volume_m3: volume,
          seconds: seconds,
          density: density
        )
      expect(ours).to be_within(0.2).percent_of(huppert[eta, volume, seconds, density])
    end
  end

  it "has Huppert's exponents at n = 1: t^(1/8) and V^(3/8)" do
    r = ->(volume, seconds) do
      described_class.radius_m(consistency: 1.0, flow_index: 1.0, volume_m3: volume, seconds: seconds)
    end
    expect(
      [Math.log(r[50e-6, 1200] / r[50e-6, 120]) / Math.log(10), Math.log(r[500e-6, 120] / r[50e-6, 120]) / Math.log(10)]
    ).to match([be_within(1e-9).of(1 / 8.0), be_within(1e-9).of(3 / 8.0)])
  end

  it("is 81 mm for K 4.29, n 0.5, 50 mL, 120 s (the model's own worked value)") do
    expect(
      described_class.radius_m(consistency: 4.29, flow_index: 0.5, volume_m3: 50e-6, seconds: 120, density: 1030)
    ).to be_within(0.0005).of(0.081)
  end
  it("spreads less, the thicker it is") do
    expect([0.1, 1.0, 10.0].map { |eta| described_class.millimetres(eta, flow_index: 0.5) }).to(
      satisfy { |radii| radii == radii.sort.reverse }
    )
  end

  # Roussel & Coussot 2005: tau = 225 rho g V^2/(128 pi^2 R^5). By hand: 225*1000*9.80665*(1e-4)^2/(128*9.8696*0.1^5) =
  # 1.7466 Pa.
  it("gives the yield stress of what has stopped") do
    expect(described_class.yield_stress(radius_m: 0.1, volume_m3: 1e-4, density: 1000)).to be_within(0.1).percent_of(
      1.7466
    )
  end

  describe Restauro::Families::Sauce::PlateTest do
    it "reads back what was spread" do
      [2.0, 4.0, 6.2, 9.0, 12.0].each do |e|
        expect(
          described_class.flour_equivalents(described_class.millimetres(e, base: 0.001), base: 0.001).value
        ).to be_within(0.1).percent_of(e)
      end
    end

    it("knows e to about 8 % from a reading to 3 %") do
      expect(
        described_class.flour_equivalents(81.0, base: 0.0009).then { |e| (e.high - e.low) / 2 / e.value }
      ).to be_within(0.03).of(0.08)
    end
    it("refuses what no plate shows") do
      expect { described_class.flour_equivalents(4.0, base: 0.001) }.to raise_error(Restauro::InvalidInput, /22 to 150/)
    end
  end
end
