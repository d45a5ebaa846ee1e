# Fixed points of the scale: its definition (water freezes at 32 °F and boils at 212 °F), and where both scales meet.
RSpec.describe Restauro::Kitchen::Fahrenheit do
  {0 => 32, 100 => 212, -40 => -40, 74 => 165.2, 180 => 356}.each do |celsius, degrees|
    it("#{celsius} °C is #{degrees} °F") { expect(described_class.of(celsius)).to be_within(1e-9).of(degrees) }
    it("#{degrees} °F is #{celsius} °C") { expect(described_class.celsius(degrees)).to be_within(1e-9).of(celsius) }
  end

  it "a difference has no freezing point" do
    expect(described_class.difference(10)).to be_within(1e-9).of(18)
  end
end
