RSpec.describe Restauro::Heat::Conduction do
  # Cengel & Ghajar, Heat and Mass Transfer, 5th ed., example 4-4: an egg as a 5 cm sphere, k 0.627 W/mK, alpha 0.151e-6
  # m2/s, from 5 C into
  # water at 95 C with h 1200: its middle is at 70 C after 865 s (14.4 min).
  it "boils the textbook's egg in 865 s" do
    seconds =
      described_class.seconds_to(
        :sphere,
        to: 70,
        from: 5,
        around: 95,
        radius_m: 0.025,
        coefficient: 1200,
        conductivity: 0.627,
        diffusivity: 0.151e-6
      )
    expect(seconds).to be_within(1).percent_of(865)
  end

  # First roots and amplitudes of the one-term charts: Cengel & Ghajar, table 4-2.
  {
    slab: {
      0.1 => [0.3111, 1.0161],
      1.0 => [0.8603, 1.1191],
      10.0 => [1.4289, 1.2620]
    },
    cylinder: {
      0.1 => [0.4417, 1.0246],
      1.0 => [1.2558, 1.2071],
      10.0 => [2.1795, 1.5677]
    },
    sphere: {
      0.1 => [0.5423, 1.0298],
      1.0 => [1.5708, 1.2732],
      10.0 => [2.8363, 1.9249]
    }
  }.each do |shape, rows|
    rows.each do |biot, (zeta, amplitude)|
      it "#{shape} at Bi #{biot}: root #{zeta}, amplitude #{amplitude}" do
        root = described_class::Modes.roots(shape, biot, 1).first
        expect([root, described_class::Modes.amplitude(shape, root)]).to match(
          [be_within(0.0002).of(zeta), be_within(0.0003).of(amplitude)]
        )
      end
    end
  end

  it "agrees with its own first term within 2 % from Fo 0.2 on", :long do
    %i[slab cylinder sphere]
      .product([0.5, 2.0, 20.0], [0.2, 0.5, 1.0])
      .each do |shape, biot, fourier|
        full, first = [40, 1].map { |terms| described_class.centre(shape, biot: biot, fourier: fourier, terms: terms) }
        expect(first).to be_within(2).percent_of(full), "#{shape} #{biot} #{fourier}"
      end
  end

  it("starts where it starts") do
    expect(described_class.centre(:slab, biot: 1.0, fourier: 0.0)).to be_within(0.02).of(1)
  end
  it("a short cylinder warms sooner than a long one", :long) do
    expect(
      described_class.short_cylinder(biot_radius: 5.0, fourier_radius: 0.3, biot_half: 5.0, fourier_half: 0.3)
    ).to be < described_class.centre(:cylinder, biot: 5.0, fourier: 0.3)
  end
  # Zeros of J0 and J1: Abramowitz & Stegun, table 9.5.
  # Values by SciPy (scipy.special.j0, j1), which has them of its own, by series and tables.
  {20 => [0.16702466434058322, 0.0668331241758502], 50 => [0.055812327669252086, -0.09751182812517509],
   100 => [0.01998585030422333, -0.0771453520141123]}.each do |x, values|
    it "knows Bessel's functions far out, at #{x}" do
      found = [0, 1].map { |order| described_class::Bessel.j(order, x) }
      expect(found).to match(values.map { |value| be_within(1e-12).of(value) })
    end
  end

  it("knows the zeros of Bessel's functions") do
    expect(
      [
        described_class::Bessel.zero(0, 1),
        described_class::Bessel.zero(0, 3),
        described_class::Bessel.zero(1, 2)
      ].map { |z| z.round(4) }
    ).to eq [2.4048, 8.6537, 7.0156]
  end
  it("refuses what never gets there") do
    expect {
      described_class.seconds_to(
        :slab,
        to: 90,
        from: 20,
        around: 80,
        radius_m: 0.01,
        coefficient: 10,
        conductivity: 0.5,
        diffusivity: 1e-7
      )
    }.to raise_error(Restauro::InvalidInput, /never/)
  end
end
