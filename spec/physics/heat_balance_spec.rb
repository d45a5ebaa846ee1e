# Hand-worked heat balances, as in a heat-transfer textbook (Cengel & Ghajar, Heat and Mass Transfer, 5th ed., ch. 1:
# first law, m c dT).
RSpec.describe Restauro::Physics do
  pan = Restauro::Physics::Pan

  it "two minutes of boiling-water test give back the watts: 500 g water and 500 J/K of pan from 20 to 55 C in 120 s" do
    # (500*4.18 + 500)*35/120 = 755.4 W, and 0.9 W/K * (37.5 - 22) = 14.0 W lost: 769.4 W
    expect(pan.new.measured_watts(water_g: 500, from: 20, to: 55, seconds: 120)).to be_within(0.1).percent_of(769.4)
  end

  it "the course heats as the balance says: 700 g at 3.9 J/(g K) and the pan, 600 W, from 20 to 60 C in about 218 s " \
"with its losses" do
    # (700*3.9 + 500)*40 = 129,200 J; 600 W less 0.9*18 = 16 W lost less evaporation (integrated by hand in 10 K steps,
    # 12 W at 40 C mean) = 572 W: 226 s
    milk = Restauro::Physics::PanCourse::Timed.new(0.0, Restauro::Physics::PanCourse::Add.new(700.0, 20.0, [], []))
    result =
      Restauro::Physics::PanCourse.run(
        pan: pan.new,
        watts: 600.0,
        thickeners: [],
        events: [milk],
        at_boil: [],
        simmer_s: 60.0,
        limit_s: 1800.0
      )
    expect(result.points.find { |point| point.celsius >= 60 }.seconds).to be_within(10).of(226)
  end

  it "boil-off takes the latent heat: 1000 W less 70 W of losses boil away 24.7 g a minute" do
    # (1000 - 0.9*78)/2257 = 0.412 g/s
    milk = Restauro::Physics::PanCourse::Timed.new(0.0, Restauro::Physics::PanCourse::Add.new(700.0, 95.0, [], []))
    result =
      Restauro::Physics::PanCourse.run(
        pan: pan.new,
        watts: 1000.0,
        thickeners: [],
        events: [milk],
        at_boil: [],
        simmer_s: 300.0,
        limit_s: 1800.0
      )
    last, minute_before =
      result.points.last,
      result.points.find { |point| point.seconds >= result.points.last.seconds - 60 }
    expect((minute_before.liquid_grams - last.liquid_grams) / (last.seconds - minute_before.seconds)).to be_within(
      1
    ).percent_of(0.412)
  end

  it("a wider pan has steel to match: 28 cm holds 980 J/K") do
    expect(pan.wide(28).then { |p| [p.heat_capacity.round, p.area.round(4)] }).to eq [980, 0.0615]
  end
  it("refuses a test that did not warm the water") do
    expect { pan.new.measured_watts(water_g: 500, from: 30, to: 25, seconds: 120) }.to raise_error(
      Restauro::InvalidInput,
      /warmer/
    )
  end

  describe Restauro::Physics::Emulsion do
    it("is as it was at first") { expect(described_class.thickening(0.3, concentration: 1.0)).to eq 1.0 }
    # By hand: ((1 - 0.5/0.64)/(1 - 0.25/0.64))^-1.6 = (0.21875/0.609375)^-1.6 = 5.149
    it("follows Krieger and Dougherty 1959") do
      expect(described_class.thickening(0.25, concentration: 2.0)).to be_within(0.1).percent_of(5.149)
    end
    it("never runs away") { expect(described_class.thickening(0.4, concentration: 50.0)).to be_finite }
  end
end
