# Hand pies: rounds by geometry, worked here apart from the code; a dinner plate is about 22 cm (common practice).
RSpec.describe Restauro::Families::Crust::Rounds do
  pasties = "Pasties\nPastry: 400 g plain flour, 200 g butter, 90 ml water\nFilling: 400 g mince, 200 g potato"
  ours = ->(spec, makes, **choices) do
    spec.answer([pasties, *("Makes #{makes}." if makes)].join("\n"), **choices).parts.first.swap.ours
  end

  it "uses all the dough, whatever is made of it" do
    [nil, 4, 6, 12, 24].each do |makes|
      crust = ours[self, makes]
      rolled_cm3 = crust.rounds.count * Math::PI / 4 * crust.rounds.across_cm**2 * crust.rounds.thickness_mm / 10
      expect(rolled_cm3).to be_within(makes ? 0.1 : 8).percent_of(crust.volume_cm3)
    end
  end

  it "makes as many as the recipe says, smaller the more there are, and no larger than a plate" do
    rounds = [1, 4, 8, 16].map { |makes| ours[self, makes].rounds }
    expect(rounds.map(&:count)).to eq [1, 4, 8, 16]
    expect(rounds.map(&:across_cm)).to eq rounds.map(&:across_cm).sort.reverse
    expect(rounds.first.across_cm).to eq Restauro::Constants.fetch(:crust, :most_round_cm)
  end

  it "rolls as thick as the cook asks" do
    expect(ours[self, 8, thickness_mm: 3.0].rounds.thickness_mm).to be_within(0.01).of(3.0)
  end

  {
    "Roll it out and cut 8 squares." => 8, "Cut into six 18 cm rounds." => 6, "Roll into 4 ovals." => 4,
    "Divide the dough into 10 pieces." => 10, "Cut 5 inch rounds." => nil, "Cut 12 cm circles." => nil,
    "Den Teig ausrollen und in 9 Quadrate schneiden. Füllen." => 9,
    "Étaler la pâte et découper 6 cercles de pâte. Garnir." => 6,
    "Divide the dough into 2 discs and chill. Cut 6 rounds." => 6,
    "Divide the dough into 2 pieces; cut each into 4 rounds." => 8, "Bake for 20 minutes." => nil
  }.each do |step, count|
    it "counts #{count.inspect} in '#{step}'" do
      recipe = read("#{pasties}\n#{step}")
      expect(Restauro::Families::RoundsSaid.count(recipe)).to eq count
    end
  end
end
