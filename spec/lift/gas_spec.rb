RSpec.describe Restauro::Lift::Gas do
  parts = ->(pairs) { pairs.map { |key, grams| [Reference::Helpers::CATALOGUE.fetch(key), grams] } }
  of = ->(**pairs) { described_class.of(parts[pairs.transform_keys(&:to_s)]) }

  # Molar masses of any chemistry table; V = nRT/P at 100 C: 4.6 g of powder of 12 % is 12.5 mmol, 384 mL.
  it("4.6 g of baking powder gives 12.5 mmol and 384 mL") do
    expect(of[baking_powder: 4.6].then { |gas| [1000 * gas.moles, described_class.millilitres(gas.moles)] }).to match(
      [be_within(0.1).of(12.5), be_within(1.5).of(384)]
    )
  end
  # 84.007 g of bicarbonate with 188.18 g of cream of tartar is one mole of CO2, nothing left.
  it("bicarbonate and cream of tartar meet one to one") do
    expect(of[bicarbonate: 0.84007, cream_of_tartar: 1.8818].then { |gas| [gas.moles, gas.bicarbonate_left] }).to match(
      [be_within(1e-5).of(0.01), be < 0.01]
    )
  end
  it("heat alone drives out half of what has no acid") do
    expect(of[bicarbonate: 0.84007, water: 100].moles).to be_within(1e-6).of(0.005)
  end
  it("says what is left over, and that it tastes soapy") do
    expect(
      of[bicarbonate: 2.0, water: 500, wheat_flour: 200].then { |gas| [gas.bicarbonate_left, gas.soapy] }
    ).to match([2.0, true])
  end
  # 225 g of yogurt at 0.9 % lactic acid: 22.5 mmol, against 2.3 g (27.4 mmol) of bicarbonate.
  it("yogurt's acid meets its bicarbonate") do
    expect(of[bicarbonate: 2.3, plain_yogurt: 225].then { |gas| [gas.soapy, gas.bicarbonate_left] }).to match(
      [true, be_within(0.1).of(0.41)]
    )
  end
  it("too much powder tastes metallic") do
    expect([of[baking_powder: 12, wheat_flour: 100], of[baking_powder: 4, wheat_flour: 100]].map(&:metallic)).to eq [
      true,
      false
    ]
  end
end
