RSpec.describe Restauro::Value do
  point = described_class.of(:minutes, :celsius) { def hot? = celsius > 60 }

  it("is frozen from the start, with methods of its own") do
    expect([point.new(minutes: 1, celsius: 70), point.new(minutes: 1, celsius: 70).hot?]).to match([be_frozen, true])
  end
  it("is what it holds") do
    expect([point.new(minutes: 1, celsius: 70), point.new(minutes: 2, celsius: 70)]).to match(
      [point.new(minutes: 1, celsius: 70), satisfy { |other| other != point.new(minutes: 1, celsius: 70) }]
    )
  end
  it("knows its fields and no others") do
    expect { point.new(minutes: 1, kelvin: 300) }.to raise_error(ArgumentError, /kelvin/)
  end
end
