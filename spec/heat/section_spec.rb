RSpec.describe Restauro::Heat::Section do
  oven = ->(text) { Restauro::Heat::Surroundings.oven(Restauro::Kitchen::OvenTemperature.parse(text)) }
  piece = ->(text) { Restauro::Heat::Piece.parse(text, Reference::Helpers::CATALOGUE) }
  cook = ->(what, heat, coat_mm) do
    described_class.cook(
      piece[what],
      oven[heat],
      coat_m: coat_mm / 1000.0,
      coat_water_kg_m2: coat_mm * 1.08 * 0.6,
      coat_dry_kg_m2: coat_mm * 1.08 * 0.4
    )
  end

  it "bare and only convected, its middle follows the series within 2 %", :long do
    [
      ["celeriac slice 20 mm", :slab],
      ["celeriac stick 20 mm", :cylinder],
      ["celeriac floret 30 mm", :sphere]
    ].each do |text, shape|
      around =
        Restauro::Heat::Surroundings.new(
          kind: :oven,
          celsius: 100.0,
          coefficient: 60.0,
          radiates: false,
          wet_celsius: 85.0
        )
      found = piece[text]
      food = found.food
      series =
        Restauro::Heat::Conduction.seconds_to(
          shape,
          to: 85,
          from: 20,
          around: 100,
          radius_m: found.radius_m,
          coefficient: 60.0,
          conductivity: food.conductivity(52.5),
          diffusivity: food.diffusivity(52.5)
        )
      expect(described_class.cook(found, around).done * 60).to be_within(2).percent_of(series), text
    end
  end

  # Common practice, each with its own coat and piece.
  it("160 C: a thin coat on small florets is done and soft in 15 to 20 min, not golden") do
    expect(cook["cauliflower floret 15 mm", "160C", 0.4].then { |r| [r.done, r.brown] }).to match(
      [be_between(13, 20), be_nil.or(be > 30)]
    )
  end
  it("190 to 205 C: a thick coat on big raw florets takes 45 to 60 min to golden") do
    expect(cook["cauliflower floret 40 mm", "200C", 1.8].brown).to be_between(45, 60)
  end
  it("230 C: about 24 min to golden") do
    expect(cook["cauliflower floret 25 mm", "230C", 1.3].brown).to be_within(15).percent_of(24)
  end
  it("thin slices burn while thick ones are still raw") do
    expect(cook["potato slice 6 mm", "220C", 0.8].burnt).to be < cook["potato slice 35 mm", "220C", 0.8].done
  end

  it "varies smoothly with oven, thickness and fan", :long do
    sweeps = [
      (160..230).step(10).map { |c| cook["celeriac slice 12 mm", "#{c}C", 0.8].done },
      (6..30).step(3).map { |mm| cook["celeriac slice #{mm} mm", "200C", 0.8].done }.reverse
    ]
    sweeps.each do |minutes|
      expect(minutes).to eq(minutes.sort.reverse)
      steps = minutes.each_cons(2).map { |a, b| a - b }
      expect(steps.each_cons(2).map { |a, b| (a - b).abs / steps.sum }).to all(be < 0.15)
    end
    expect(cook["celeriac slice 12 mm", "200C fan", 0.8].done).to be < cook["celeriac slice 12 mm", "200C", 0.8].done
  end

  it("is never over the boil inside") do
    expect(cook["celeriac slice 12 mm", "230C", 0.8].points.flat_map { |point| point.profile[0..-2] }.max).to be <= 100
  end
  it("a thicker coat crisps later") do
    expect([0.4, 0.8, 1.6].map { |mm| cook["celeriac slice 12 mm", "200C", mm].crisp }).to(satisfy { |m| m == m.sort })
  end
  # By hand: 8*(200-85) + 0.9*5.67e-8*(473.15^4 - 358.15^4) = 920 + 1718 = 2638 W/m2.
  it("takes up what the walls and the air give") { expect(oven["200C"].flux(85.0)).to be_within(0.5).percent_of(2638) }
  it("fries in minutes") do
    expect(
      described_class.cook(
        piece["cod fillet 18 mm"],
        Restauro::Heat::Surroundings.oil(Restauro::Heat::Frying.parse("180C")),
        coat_m: 0.001,
        coat_water_kg_m2: 0.65,
        coat_dry_kg_m2: 0.43
      ).done
    ).to be_between(3, 8)
  end

  # Common practice: a shallow pan takes longer than deep oil, and much less than an oven.
  it "takes longer in a shallow pan than in deep oil" do
    minutes =
      [
        Restauro::Heat::Surroundings.oil(Restauro::Heat::Frying.parse("180C")),
        Restauro::Heat::Surroundings.oil(Restauro::Heat::Frying.parse("180C shallow")),
        oven["180C"]
      ].map do |around|
        described_class.cook(
          piece["celeriac slice 10 mm"],
          around,
          coat_m: 0.001,
          coat_water_kg_m2: 0.3,
          coat_dry_kg_m2: 0.5
        )
      end
    expect(minutes.map(&:crisp)).to eq(minutes.map(&:crisp).sort)
    expect(minutes[1].brown).to be > 1.5 * minutes[0].brown
    # Common practice: a thin coated slice is golden in the minutes that it is done in, 2 to 5 in deep oil at 180 C.
    expect(minutes[0].brown).to be_between(2, 5)
  end

  describe Restauro::Heat::Food do
    # ASHRAE Handbook, Refrigeration, ch. 19 (Choi & Okos): water at 20 C: k 0.603 W/mK, rho 996 kg/m3, c 4.13 kJ/kgK.
    it("is water when it is all water") do
      expect(
        described_class
          .of(water: 1.0, protein: 0, fat: 0, carbohydrate: 0, fibre: 0)
          .then { |f| [f.conductivity(20).round(3), f.density(20).round, (f.heat_capacity(20) / 1000).round(2)] }
      ).to eq [0.604, 996, 4.13]
    end
    it("takes the cautious temperature of what it is") do
      expect(
        ["chicken breast", "cod", "celeriac"].map { |name| described_class.named(name, catalogue).done_celsius }
      ).to eq [74.0, 63.0, 85.0]
    end
    it("conducts less with gas in it") do
      expect(
        described_class.of(water: 0.8, protein: 0, fat: 0, carbohydrate: 0.2, fibre: 0, gas_fraction: 0.3).conductivity(
          20
        )
      ).to be < described_class.of(water: 0.8, protein: 0, fat: 0, carbohydrate: 0.2, fibre: 0).conductivity(20) * 0.6
    end
  end

  describe Restauro::Heat::Oil do
    # By hand: (920*2.1*180 + 138*3.4*20)/(920*2.1 + 138*3.4) = 148.8 C
    it("drops by the mixing of heats") do
      expect(described_class.after_loading(oil_g: 920, food_g: 138, oil_celsius: 180)).to be_within(0.1).of(148.8)
    end
    it("keeps a batch from cooling it under 160 C, and under 15 % of the oil") do
      expect(
        described_class
          .batch_g(oil_g: 920, oil_celsius: 190)
          .then { |g| [g <= 138, described_class.after_loading(oil_g: 920, food_g: g, oil_celsius: 190) >= 159.9] }
      ).to eq [true, true]
    end
    it("warns of a smoking oil") { expect(described_class.caution("olive_oil", 200)).to match(/smokes/) }
  end

  ["celeriac", "celeriac slice", "celeriac slice 200 cm", "celeriac 2 mm"].each do |text|
    it("asks for a piece it can cook, not '#{text}'") { expect { piece[text] }.to raise_error(Restauro::InvalidInput) }
  end
end
