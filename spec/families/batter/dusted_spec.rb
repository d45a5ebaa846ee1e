# Flour that pieces are turned in before they are dipped is none of the batter.   Common practice.
RSpec.describe Restauro::Families::Batter::Dusted do
  family = Restauro::Families.fetch("batter", Reference::Helpers::CATALOGUE)
  rings = "Onion rings\n2 onions\n120 g flour\n%s1 tsp baking powder\n240 ml soda water\noil for deep frying"
  swapped = ->(spec, dust, **more) { family.swap(family.read(spec.read(format(rings, dust))), family.options(**more)) }

  it "is as wet as the same batter without it" do
    plain, dusted = ["", "60 g flour, for dredging\n"].map { |dust| swapped[self, dust].wheat.ratio.value }
    expect(dusted).to be_within(1e-9).of(plain)
  end

  it "is swapped weight for weight for a starch that who eats may have" do
    found = [[], ["maize"]].map do |without|
      swapped[self, "60 g flour, for dredging\n", without: without].ours.recipe.ingredients.find(&:dusted_on?)
    end
    expect(found.map { |line| [line.grams.value, line.ingredient] }).to match(
      [[60.0, "corn_starch"], [60.0, satisfy { |key| !%w[corn_starch wheat_flour].include?(key) }]]
    )
  end

  it "leaves a batter alone whose only flour is for dusting" do
    recipe = read("Fish\n4 cod fillets\n60 g flour, for dredging\n240 ml soda water")
    expect(family.read(recipe)).to equal recipe
  end
end
