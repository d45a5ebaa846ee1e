# Fat that a batter's steps only fry in. Common practice.
RSpec.describe Restauro::Families::Batter::FriedIn do
  panned = ->(spec, steps, list = "60 g butter") do
    recipe = spec.read("Pancakes\n200 g flour\n2 eggs\n300 ml milk\n#{list}\n#{steps}", system: "metric")
    described_class.of(recipe).ingredients.select { |line| line.role == "fat" }.map(&:to_fry_in?)
  end

  {
    "Whisk the batter. Fry in the butter." => [true],
    "Heat the butter in a pan. Pour in the batter." => [true],
    "Mix the flour, eggs and milk. In der Butter ausbacken." => [true],
    "Melt the butter and stir it into the batter. Fry in the rest of the butter." => [false],
    "Whisk the batter and fry it." => [false],
    "" => [false]
  }.each do |steps, found|
    it "is #{found.first} of '#{steps}'" do
      expect(panned[self, steps]).to eq found
    end
  end

  it "leaves two fats as they are" do
    expect(panned[self, "Fry in the butter.", "60 g butter\n20 g lard"]).to eq [false, false]
  end
end
