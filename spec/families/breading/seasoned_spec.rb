# Where salt and spices of a coat go: by where they stand, and by how much of the flour clings.   Common practice.
RSpec.describe Restauro::Families::Breading::Seasoned do
  family = Restauro::Families.fetch("breading", Reference::Helpers::CATALOGUE)
  swapped = lambda do |spec, list|
    recipe = family.read(spec.read("Fried chicken cutlets\n4 chicken breasts\n#{list}"))
    place = Restauro::Heat::Piece.parse("chicken breast 22 mm", Reference::Helpers::CATALOGUE)
    family.swap(recipe, family.options(piece: place))
  end
  salt = ->(swap) { swap.ours.recipe.ingredients.find { |line| line.ingredient == "fine_salt" } }

  it "takes down what stands behind the flour as the flour goes down" do
    swap = swapped[self, "1 cup flour\n2 tsp salt\n2 eggs\n2 cups panko"]
    flour = swap.ours.recipe.ingredients.find { |line| line.role == "flour" }.grams.value
    expect(salt[swap].grams.value / 12.2).to be_within(2).percent_of(flour / 120)
  end

  it "leaves it as it is where most of the flour clings" do
    swap = swapped[self, "1 tbsp flour\n2 tsp salt\n2 eggs\n2 cups panko"]
    expect(salt[swap].text).to eq "2 tsp salt"
  end

  it "leaves what stands ahead of the flour, or behind the egg" do
    ahead, behind = ["1 tsp salt\n1 cup flour\n2 eggs\n2 cups panko", "1 cup flour\n2 eggs\n1 tsp salt\n2 cups panko"]
      .map { |list| salt[swapped[self, list]].text }
    expect([ahead, behind]).to eq ["1 tsp salt", "1 tsp salt"]
  end

  it "says a pinch of what no scale shows" do
    swap = swapped[self, "1 cup flour\n1 tsp pepper\n2 eggs\n2 cups panko"]
    expect(swap.ours.recipe.ingredients.map(&:text)).to include "a pinch of pepper"
  end

  it "rubs the pieces with what stands ahead of the flour, and puts none of it in the dish" do
    steps = family.steps(swapped[self, "1 tsp salt\n1 cup flour\n2 eggs\n2 cups panko"]).map(&:text)
    expect([steps.grep(/rubbed with 6\.1 g salt/).length, steps.grep(/In the dishes.*salt/)]).to eq [1, []]
  end
end
