RSpec.describe Restauro::Physics::Mixture do
  def mixture(**grams) = described_class.new(grams.map { |key, g| [catalogue.fetch(key), g.to_f] })

  it("takes the pH its buffers settle on, never an ingredient's own") do
    # by hand: (500*25*6.7 + 15*190*2.4) / (500*25 + 15*190) = 5.90
    expect(mixture(whole_milk: 500, lemon_juice: 15).ph).to be_within(0.01).of(5.90)
  end

  it("is neutral with nothing in it") { expect(mixture.ph).to eq 7.0 }

  it "raises the onset of a half-sugar filling by 0.007 s squared" do
    syrup = mixture(granulated_sugar: 100, water: 100)
    expect([syrup.sugar_pct, syrup.sugar_shift_c]).to match([be_within(1e-9).of(50), be_within(1e-9).of(17.5)])
  end

  it("raises the boil as Raoult has it: 342.3 g of sugar in a kilogram of water by 0.512 C") do
    expect(mixture(granulated_sugar: 342.3, water: 1000).boiling_rise_c).to be_within(1e-6).of(0.512)
  end
end
