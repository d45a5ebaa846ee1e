# Household weights of a cup, USDA Home and Garden Bulletin 72, "Nutritive Value of Foods", table 9; figures from
# memory.
RSpec.describe Restauro::Recipes::CupDensity do
  {
    "1 cup baked butternut squash, cooked" => 205, "1 cup mashed potato from a pack" => 210,
    "1 cup sliced mushrooms" => 70,
    "1 cup chopped onion" => 160, "1 cup sliced celery" => 100, "1 cup grated carrots" => 110,
    "1 cup frozen peas" => 145, "1 cup cooked spinach" => 180, "1 cup shredded cabbage" => 70,
    "1 cup diced cooked chicken" => 140, "1 cup dried lentils" => 192, "1 cup cherry tomatoes" => 149,
    "1 cup chopped walnuts" => 120, "1 cup raisins" => 145, "1 cup cubed ham" => 140
  }.each do |text, grams|
    it "holds the published #{grams} g in its band of #{text}" do
      expect(line(text).grams).to satisfy("be near #{grams} g") { |found| (found.low..found.high).cover?(grams) }
    end
  end

  it "weighs a root that is measured in cups" do
    expect(line("2 cups cubed butternut squash")).to have_attributes(ingredient: "raw_squash", grams: be_truthy)
  end

  it "leaves a spoon of them a spoon" do
    expect(line("2 tbsp chopped parsley").grams).to be_nil
  end

  it "follows the cup of the cook's own kitchen" do
    us, au = %w[us au].map { |system| read("Peas\n1 cup frozen peas", system: system).ingredients.first.grams.value }
    expect(au / us).to be_within(1e-6).of(250 / 236.5882365)
  end
end
