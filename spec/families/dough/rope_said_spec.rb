# How thick ropes are rolled, as a step says it. Common practice.
RSpec.describe Restauro::Families::Dough::RopeSaid do
  {
    "Roll ropes of 1.5 cm, cut." => 15, "Lessare le patate, formare rotoli di 2,5 cm, tagliare, cuocere." => 25,
    "Roll into 3/4-inch-thick ropes; cut 1 inch long." => 19, "Rollen von 2 cm formen." => 20,
    "Roll into ropes, cut 2 pieces." => nil, "Roll ropes of 30 cm." => nil, "Cut 2 cm cubes." => nil
  }.each do |step, mm|
    it "is #{mm.inspect} in '#{step}'" do
      expect(described_class.mm(read("Gnocchi\n1 kg potatoes\n250 g flour\n#{step}"))&.round).to eq mm
    end
  end
end
