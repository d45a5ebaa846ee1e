RSpec.describe Restauro::Families::Sauce::Rescue do
  recipes = {
    "white sauce" => "3 tbsp flour\n40 g butter\n500 ml milk",
    "gravy" => "30 g flour\n30 g butter\n600 ml stock",
    "starch" => "20 g maize starch\n700 ml milk",
    "small" => "1 tbsp flour\n10 g butter\n150 ml milk"
  }
  rescued = ->(spec, text, observed, target) do
    spec.sauce.rescue(spec.read(text), spec.sauce.options, observed: observed, target: target)
  end

  recipes.each do |name, text|
    [[2.5, 6.2], [4.0, 5.0], [3.0, 9.3], [9.0, 6.2], [7.0, 3.1]].each do |observed, target|
      it "#{name} seen at #{observed} lands on #{target}, each move within 5 %" do
        result = rescued[self, text, observed, target]
        expect(result.now.flour_equivalents.value).to be_within(1).percent_of(observed)
        expect(result.moves).not_to be_empty
        result.moves.each { |move| expect(move.lands_at).to be_within(5).percent_of(target), move.text }
      end
    end
  end

  it("thickens with a slurry or by boiling down, and thins with liquid") do
    expect(
      [rescued[self, recipes["gravy"], 3.0, 6.2], rescued[self, recipes["gravy"], 8.0, 5.0]].map do |r|
        r.moves.map(&:kind)
      end
    ).to eq [%w[slurry simmer], %w[dilute]]
  end
  it("has nothing to do when it is right") { expect(rescued[self, recipes["gravy"], 6.2, 6.2].moves).to eq [] }

  it "is read off a fresh course: a broken move lands elsewhere" do
    result = rescued[self, recipes["white sauce"], 3.0, 6.2]
    events = result.moves.first.events.map { |text| text.sub(/add [\d.]+ corn_starch/, "add 2.0 corn_starch") }
    broken = sauce.predict(result.now.recipe, sauce.options(events: events.map { |text| sauce.event(text) }))
    expect(broken.flour_equivalents.value).to be < 0.9 * result.moves.first.lands_at
  end

  it "is what predict says of the same pan with the move's events" do
    text = recipes["gravy"]
    seen = predict(text).flour_equivalents.value
    rescued[self, text, seen, seen * 1.4].moves.each do |move|
      again = predict(text, events: move.events.map { |event| sauce.event(event) })
      expect(again.flour_equivalents.value).to be_within(1).percent_of(move.lands_at)
    end
  end

  # By hand: S = m (et - e)/(100 p - et w) = 500*(6.2-3.0)/(195 - 6.2*1.5) = 8.6 g for 500 g of liquid, before it cools
  # the pan.
  it("needs about the grams of the balance by hand") do
    expect(rescued[self, "3 tbsp flour\n40 g butter\n500 ml milk", 3.0, 6.2].moves.first.grams).to be_within(
      10
    ).percent_of(8.6)
  end
  it("keeps to who eats") do
    expect(
      sauce
        .rescue(read(recipes["gravy"]), sauce.options(without: %w[maize]), observed: 3.0, target: 6.2)
        .moves
        .first
        .ingredient
        .key
    ).to eq "potato_starch"
  end
  it("has no body to go by in plain milk") do
    expect { rescued[self, "500 ml milk", 3.0, 6.2] }.to raise_error(Restauro::InvalidInput, /no body/)
  end

  it "knows the troubles that are not thickness, each with what to do and what to change" do
    %w[sauce batter breading]
      .flat_map { |family| Restauro::Families::Troubles.of(family) }
      .each { |trouble| expect([trouble.do, trouble.why, trouble.next].map(&:length)).to all(be > 15) }
    expect(Restauro::Families::Troubles.of("sauce").map(&:key)).to include(
      "lumps",
      "split",
      "thinned",
      "raw_taste",
      "butter_brown"
    )
  end
end

# A rescue's moves, each with what to weigh and how to measure it.
RSpec.describe "The moves of a rescue" do
  moves = ->(spec, text, **asked) { spec.sauce.rescue(spec.read(text), spec.sauce.options, **asked).moves }

  it "thins with the liquid that is most of it" do
    found = moves[self, "40 g plain flour\n40 g butter\n100 ml cream\n400 ml milk", observed: 9.0, target: 6.0]
    expect(found.find { |move| move.kind == "dilute" }.ingredient.key).to eq "whole_milk"
  end

  it "measures what is added, and nothing where nothing is" do
    found = moves[self, "30 g plain flour\n30 g butter\n500 ml milk", observed: 3.0, target: 6.0]
    measured = found.to_h { |move| [move.kind, !move.measure.nil?] }
    expect([measured.values_at("simmer"), measured.except("simmer").values.any?]).to eq [[false], true]
  end

  it "measures by spoons and cups of what is added" do
    found = moves[self, "30 g plain flour\n30 g butter\n500 ml milk", observed: 3.0, target: 6.0]
    measures = found.filter_map(&:measure)
    expect(measures.map(&:text)).to all(match(/\d.*(?:tsp|tbsp|cup)/))
  end
end
