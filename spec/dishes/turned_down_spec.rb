# Two ovens in turn, what comes off the dish meanwhile, and fat that is brought to a heat. Common practice.
RSpec.describe Restauro::Dishes::TurnedDown do
  said = ->(steps) { Restauro::Dishes::Said.of(Reference::Helpers::READERS["uk"].read("Pie\n200 g flour\n100 g butter\n#{steps}")) }
  bakes = ->(found) do
    found.steps.select { |step| step.kind == "bake" }.map { |step| [step.minutes, step.celsius.round, step.text] }
  end
  in_turn = "Bake at 200C for 20 minutes, then at 180C for another 30 minutes.\n"
  pie = "Apple pie\nPastry: 300 g plain flour, 150 g butter, 60 ml water\nFilling: 900 g apples, 100 g sugar\n"

  {
    "Bake at 220C for 15 minutes, then at 180C for another 40 minutes." => [180, 40.0, false],
    "Bake at 220C for 15 minutes. Reduce the heat to 180C and bake for 40 minutes." => [180, 40.0, false],
    "Cover and bake at 160C for 2 hours, then uncover and turn up to 200C for 30 minutes." => [200, 30.0, true],
    "Bake, covered, at 190C for 45 minutes; uncover and bake 30 minutes more." => [nil, 30.0, true],
    "Cover with foil, bake at 190C for 25 minutes. Remove the foil and bake another 25 minutes." => [nil, 25.0, true]
  }.each do |steps, (celsius, minutes, uncovered)|
    it "is read from '#{steps}'" do
      turned = said[steps].turned
      expect([turned.oven&.celsius&.round, turned.minutes, turned.uncovered]).to eq [celsius, minutes, uncovered]
    end
  end

  ["Bake at 190C for 40 minutes.", "Bake uncovered at 180C for 50 minutes.", "Bake at 190C for 40 minutes, then serve.",
   "Bake at 190C for 20 minutes, then 10 minutes more.",
   "Bake blind at 190C for 15 minutes, then fill it and bake at 170C for 30 minutes."].each do |steps|
    it("is none in '#{steps}'") { expect(said[steps].turned).to be_nil }
  end

  it "makes two steps of one bake, the look for gold in the one it falls into" do
    first, second = bakes[answer("#{pie}#{in_turn}", system: "uk")]
    expect([first[0, 2], second[0, 2]]).to eq [[20.0, 200], [30.0, 180]]
    expect([first[2], second[2]]).to match [/look after 16 min/, "Turn the oven down to 180 °C; bake on."]
    late = bakes[answer("#{pie}Bake at 200C for 10 minutes, then at 180C for another 40 minutes.\n", system: "uk")]
    expect(late.map(&:last)).to match ["Bake at 200 °C.", /\ATurn the oven down to 180 °C; bake on: look after 6 min/]
  end

  it "keeps both halves together in the meal's plan" do
    dish = Restauro::Planning::Dish.of_answer("pie", answer("#{pie}#{in_turn}", system: "uk"))
    baked = dish.steps.select { |step| step.heat == "oven" }
    expect(baked.map { |step| [step.minutes, step.longest] }).to eq [[20, 0], [30, 60]]
    expect(dish.hold_minutes).to be > 0
  end

  it "leaves the bake whole in an oven that the cook chose" do
    oven = Restauro::Kitchen::OvenTemperature.parse("210C")
    found = answer("#{pie}#{in_turn}", system: "uk", oven: oven)
    expect(bakes[found].map { |_, celsius, _| celsius }).to eq [210]
  end

  it "covers what is uncovered later" do
    hotpot = "Hotpot\n700 g lamb neck\n2 tbsp plain flour\n500 ml stock\n800 g potatoes, sliced\n"
    found = answer("#{hotpot}Bake, covered, at 160C for 2 hours; uncover and bake 30 minutes more.", system: "uk")
    expect(bakes[found]).to eq [[120.0, 160, "Bake at 160 °C, covered."], [30.0, 160, "Uncover it; bake on."]]
  end

  describe "the oven that is said" do
    {
      "Bake at 190C" => 190, "Bake at 350" => 177, "Bake at 180 fan" => 200, "Heat the oil to 180C" => nil,
      "Heat the shortening to 325F and fry" => nil
    }.each do |words, celsius|
      it("is #{celsius.inspect} in '#{words}'") { expect(said["#{words}."].oven&.celsius&.round).to eq celsius }
    end
  end

  describe "the fat that is said" do
    {
      "Heat the oil to 365 F and fry." => "365F", "Heat the lard to 170C." => "170C", "Fry them." => "175C shallow",
      "Heat 1 cm of oil to 175C and fry." => "175C shallow 10 mm", "Deep-fry at 180C." => "180C",
      "Shallow-fry them." => "175C shallow"
    }.each do |words, fat|
      it("is #{fat} in '#{words}'") { expect(said[words].oil).to eq fat }
    end

    it "is deep for what is in a batter, unless the oil is low" do
      read = ->(words) { Reference::Helpers::READERS["uk"].read("Battered fish\n4 cod fillets\n100 g flour\n200 ml beer\n#{words}") }
      fat = ->(words) { Restauro::Dishes::Said.of(read[words]).oil }
      expect([fat["Fry them at 180C."], fat["Fry them in 1 cm oil."]]).to eq ["180C", "175C shallow 10 mm"]
    end
  end
end
