RSpec.describe Restauro::Physics::Film do
  # At n = 1 the draining film is Jeffreys' sqrt(eta z/(rho g t)) (Proc. Camb. Phil. Soc. 26:204, 1930), worked by hand:
  # 0.6 Pa s, 0.05 m, 3 s, 1030 kg/m3 -> 0.995 mm.
  it("drains as Jeffreys has it") { expect(described_class.thickness_m(0.6) * 1000).to be_within(1).percent_of(0.995) }
  it("grows with the root of the viscosity") do
    expect(described_class.thickness_m(0.4) / described_class.thickness_m(0.1)).to be_within(1e-6).of(2)
  end
  it("is finite and rising for shear-thinning sauces") do
    films = [0.05, 0.3, 0.6, 2.0, 8.0].map { |pa_s| described_class.thickness_m(pa_s, flow_index: 0.5) }
    expect(films).to eq(films.sort).and all(be_between(1e-5, 0.05))
  end
end
