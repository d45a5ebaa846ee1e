RSpec.describe Restauro::Heat::Boiled do
  potato = Restauro::Heat::Food.of(water: 0.66, protein: 0.03, fat: 0.01, carbohydrate: 0.28, fibre: 0.01)
  rope = ->(mm, **more) do
    described_class.new(shape: :short_cylinder, thickness_m: mm / 1000.0, food: potato, around: 100.0, **more)
  end

  # Common practice: to 85 C a rope cut of 25 mm takes 5.5 min, 20 mm 3.5, 15 mm 2; after two minutes 25 mm is about 40
  # C inside, 15 mm 85 C.
  {25 => 5.5, 20 => 3.5, 15 => 2.0}.each do |mm, minutes|
    it("#{mm} mm is done in #{minutes} min") { expect(rope[mm].minutes_to(85)).to be_within(8).percent_of(minutes) }
  end
  {25 => 40, 15 => 85}.each do |mm, celsius|
    it("#{mm} mm is at #{celsius} C when it floats") { expect(rope[mm].centre(2)).to be_within(5).of(celsius) }
  end

  # Cengel & Ghajar, 5th ed., ch. 4: a short cylinder is its cylinder times its slab, here with the one-term amplitudes
  # and roots of table 4-2 at
  # Bi = 20 (slab 1.4961, 1.2699; cylinder 2.2880, 1.5919).
  it "is the published product of two one-term series" do
    body = rope[20]
    conductivity, diffusivity = potato.conductivity(60.0), potato.diffusivity(60.0)
    biot = 1200 * 0.01 / conductivity
    expect(biot).to be_within(2).of(20)
    fourier = diffusivity * 60 * 4 / 0.01**2
    theta = 1.2699 * Math.exp(-1.4961**2 * fourier) * 1.5919 * Math.exp(-2.2880**2 * fourier)
    expect((100 - body.centre(4)) / 80).to be_within(0.02).of(theta)
  end

  it("is hottest outside") { expect(rope[20].profile(1.5)).to(satisfy { |celsius| celsius == celsius.sort }) }
  it("starts as it was") { expect(rope[20].profile(0)).to all(eq(20.0)) }
  it("never gets hotter than the water") { expect(rope[20].minutes_to(100)).to be_nil }
  it("takes longer from the freezer, by more than it thaws") do
    expect(rope[20].minutes_from_frozen(85)).to be > rope[20].minutes_to(85) + 0.9 * rope[20].thaw_minutes
  end
end

RSpec.describe Restauro::Heat::ThicknessLaw do
  # Common practice: thin filled pieces, 2 mm of dough, 1.5 min; extruded 4 mm, 4 to 5; an eighth of an inch doubled, 9
  # to 12.
  it("fits three boiling times by one law") do
    expect([2.0, 4.0, 2 * 25.4 / 8].map { |mm| described_class.minutes(mm) }).to match(
      [be_within(0.1).of(1.5), be_between(4, 5), be_between(9, 12)]
    )
  end
  it("is turned round") { expect(described_class.cooked_mm(described_class.minutes(3.3))).to be_within(1e-9).of(3.3) }
  [1.4, 7.1].each do |mm|
    it("says nothing of #{mm} mm") do
      expect { described_class.minutes(mm) }.to raise_error(Restauro::InvalidInput, /1\.5 to 7\.0 mm/)
    end
  end
end

RSpec.describe Restauro::Heat::Thawing do
  ice = Restauro::Heat::Food.of(water: 0.75, protein: 0.1, fat: 0.02, carbohydrate: 0.12, fibre: 0.0)

  # Plank 1941 by hand: rho L/(T - Tf) (P a/h + R a^2/k), P 1/2 and R 1/8 for a slab, 1/6 and 1/24 for a sphere.
  {slab: [0.5, 0.125], sphere: [1 / 6.0, 1 / 24.0]}.each do |shape, (p, r)|
    it "of a #{shape} is Plank's" do
      by_hand = ice.density(0.0) * 334_000 * 0.75 / 90 * (p * 0.02 / 800 + r * 0.02**2 / ice.conductivity(0.0))
      expect(
        described_class.seconds(shape: shape, thickness_m: 0.02, food: ice, around: 90, coefficient: 800)
      ).to be_within(0.1).percent_of(by_hand)
    end
  end

  it "takes longer from a freezing point that is nearer to what is around it" do
    times = [-2.0, 0.0, 2.0].map do |freezing|
      described_class.seconds(shape: :slab, thickness_m: 0.02, food: ice, around: 5, coefficient: 10,
                              freezing: freezing)
    end
    # By hand, 7 K, 5 K and 3 K apart; its density and conductivity change by less than a percent.
    apart = [times[1] / times[0], times[2] / times[1]]
    expect(apart).to match([be_within(1).percent_of(7 / 5.0), be_within(1).percent_of(5 / 3.0)])
  end

  it("knows no other shape") do
    expect {
      described_class.seconds(shape: :cone, thickness_m: 0.02, food: ice, around: 90, coefficient: 800)
    }.to raise_error(ArgumentError)
  end
end

RSpec.describe Restauro::Heat::Pot do
  dough = Restauro::Heat::Food.of(water: 0.6, protein: 0.05, fat: 0.02, carbohydrate: 0.32, fibre: 0.01)
  pot = described_class.new(litres: 3.0, boiling: 100.0, watts: 1500.0)

  # Common practice: 500 g straight from the freezer drop three litres to about 80 C.
  it("falls to 80 C with 500 g from the freezer") do
    expect(pot.temperature_with(500.0, dough, frozen: true)).to be_within(2).of(80)
  end

  # By hand: 3 L * 4.19 kJ/K against 0.3 kg * c.
  it "mixes two heats" do
    c = dough.heat_capacity(20.0) / 1000
    expect(pot.temperature_with(300.0, dough)).to be_within(0.01).of(
      (3 * 4.19 * 100 + 0.3 * c * 20) / (3 * 4.19 + 0.3 * c)
    )
  end

  it("takes a batch that lets it fall six degrees, and no more") do
    expect(100 - pot.temperature_with(pot.batch_g(dough), dough)).to be_within(0.01).of(6)
  end
  it("takes less from the freezer") { expect(pot.batch_g(dough, frozen: true)).to be < pot.batch_g(dough) / 2 }
  it("boils again the sooner the stronger the hob") do
    expect(described_class.new(litres: 3.0, boiling: 100.0, watts: 3000.0).recovery_minutes(300.0, dough)).to be_within(
      1e-9
    ).of(pot.recovery_minutes(300.0, dough) / 2)
  end
end
