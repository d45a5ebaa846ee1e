# Rice and polenta with their own water beside a sauce. Common practice.
RSpec.describe Restauro::Recipes::GrainWater do
  liquids = ->(spec, grain, steps, rest = "25 g butter\n2 tbsp flour\n500 ml stock") do
    spec.read("Gravy\n#{grain}\n1 l water\n#{rest}\n#{steps}", system: "metric")
        .ingredients.select { |line| line.role == "liquid" }.map(&:ingredient)
  end

  {
    ["200 g rice", "Cook the rice in the water. Stir the flour into the butter, add the stock."] => %w[stock],
    ["200 g polenta", "Bring the water to the boil, whisk in the polenta. Make the gravy."] => %w[stock],
    ["200 g rice", "Stir the flour into the butter, add the stock and the water."] => %w[water stock],
    ["200 g carrots", "Cook the carrots in the water."] => %w[water stock]
  }.each do |(grain, steps), found|
    it "pours #{found.join(" and ")} where '#{steps}'" do
      expect(liquids[self, grain, steps]).to eq found
    end
  end

  it "leaves the water that is all there is to pour" do
    expect(liquids[self, "200 g rice", "Cook the rice in the water.", "2 tbsp flour"]).to eq %w[water]
  end

  it "cooks polenta beside the sauce, with the water that it takes" do
    lines = read("Gravy\n1 cup polenta\n4 cups water\n2 tbsp flour\n2 cups stock\nCook the polenta in the water.")
            .ingredients
    expect([lines.first.kind, lines.first.name_text]).to eq ["porridge", "polenta in 4 cups water"]
  end
end
