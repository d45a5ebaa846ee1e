# Pieces, pots and thawing by the sums of a school book: geometry, energy balance, and Plank's equation by hand.
RSpec.describe Restauro::Heat do
  catalogue = Reference::Helpers::CATALOGUE
  piece = ->(text) { Restauro::Heat::Piece.parse(text, catalogue) }
  start = Restauro::Constants.fetch(:heat, :piece_start_celsius)
  volume_cm3 = ->(one, **size) { one.size(**size).first / one.food.density(start) * 1000 }

  describe described_class::Piece do
    {
      "celeriac cube 20 mm" => [8.0, 0.0024],
      "celeriac ball 20 mm" => [Math::PI / 6 * 8, Math::PI * 0.0004],
      "celeriac stick 10 mm" => [6.0, (2 * 0.0001) + (4 * 0.01 * 0.06)],
      "celeriac slice 10 mm" => [24.0, 2 * ((0.06 * 0.04) + (0.01 * 0.1))]
    }.each do |text, (cm3, m2)|
      it "has the volume and the surface of a #{text}" do
        one = piece[text]
        size = {across_m: [0.06, 0.04]}
        expect([volume_cm3[one, **size], one.size(**size).last])
          .to match([be_within(1e-9).of(cm3), be_within(1e-12).of(m2)])
      end
    end

    # The round of a courgette, pi/4 of 45 mm squared.
    it "takes a slice of a courgette for as large as its round" do
      expect(volume_cm3[piece["courgette slice 10 mm"]]).to be_within(1e-6).of(Math::PI / 4 * 4.5**2)
    end

    it "takes the shape that is told over the food's own" do
      expect([piece["cauliflower 30 mm"], piece["cauliflower cube 30 mm"]].map(&:kind)).to eq %w[floret cube]
    end

    it "reads centimetres as tens of millimetres" do
      expect(piece["celeriac slice 1,2 cm"].millimetres).to be_within(1e-9).of(12)
    end
  end

  describe described_class::Pot do
    pot = Restauro::Heat::Pot.new(litres: 4.0, boiling: 100.0, watts: 2000.0)
    dough = Restauro::Heat::Food.named("potato", catalogue)

    it "falls to the mean of water and batch, by what each holds" do
      cold = Restauro::Constants.fetch(:boil, :start_celsius)
      kj = [4.0 * Restauro::Constants.fetch(:boil, :water_heat), 0.5 * dough.heat_capacity(cold) / 1000]
      expect(pot.temperature_with(500, dough)).to be_within(1e-9).of(((kj[0] * 100) + (kj[1] * cold)) / kj.sum)
    end

    it "comes back in as many seconds as the water lost kilojoules, by a hob of one kilowatt a thousandth" do
      lost_kj = 4.0 * Restauro::Constants.fetch(:boil, :water_heat) * (100 - pot.temperature_with(500, dough))
      expect(pot.recovery_minutes(500, dough) * 60 * 2.0).to be_within(1e-9).of(lost_kj)
    end

    it "takes the batch that lets it fall just so far" do
      expect(pot.temperature_with(pot.batch_g(dough), dough)).to be_within(1e-6).of(100 - pot.drop_most)
    end

    it "takes a smaller batch from the freezer" do
      expect(pot.batch_g(dough, frozen: true)).to be < pot.batch_g(dough)
    end
  end

  describe described_class::Boiled do
    dough = Restauro::Heat::Food.named("potato", catalogue)
    slab = Restauro::Heat::Boiled.new(shape: :slab, thickness_m: 0.012, food: dough, around: 100)

    it "is drawn from the middle to the skin" do
      drawn = slab.profile(3, nodes: 5)
      expect([drawn.length, drawn.first, drawn.last]).to match([5, slab.centre(3), be > slab.centre(3)])
    end

    it "is hotter the nearer the skin" do
      drawn = slab.profile(2, nodes: 9)
      expect(drawn).to eq drawn.sort
    end

    it "lies nearer the water's heat at its skin than the middle does, and below it" do
      expect(slab.profile(1, nodes: 2).last).to be_between(slab.centre(1), 100)
    end
  end

  # Plank (1941), as in Earle, Unit Operations in Food Processing, and from memory: t = rho L/dT (P a/h + R a2/k),
  # P 1/2 and R 1/8 for a slab.
  it "thaws a slab by Plank's equation" do
    food = Restauro::Heat::Food.named("potato", catalogue)
    latent = 1000 * Restauro::Constants.fetch(:boil, :latent_fusion) * food.shares.fetch("water")
    by_hand = food.density(0.0) * latent / 90 * ((0.5 * 0.02 / 300) + (0.125 * 0.02**2 / food.conductivity(0.0)))
    seconds =
      Restauro::Heat::Thawing.seconds(shape: :slab, thickness_m: 0.02, food: food, around: 90, coefficient: 300.0)
    expect(seconds).to be_within(1e-6).of(by_hand)
  end
end
