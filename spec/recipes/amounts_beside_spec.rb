# frozen_string_literal: true

# One amount said twice, or behind its name, and what it is of. Common practice.
RSpec.describe Restauro::Recipes::AmountReader do
  {
    "40g (1.4 oz) de beurre" => ["butter", 40], "3.5 oz (100g) de mantequilla" => ["butter", 99],
    "200 g (7.1 oz) Haselnüsse, gemahlen" => ["ground_nuts", 200],
    "350g/12.3oz shortcrust pastry" => ["wheat_short_sheet", 350],
    "haddock fillets 4 x 180 g" => ["fish", 720], "sausages: 6 x 60g" => ["sausage", 360],
    "tinned tomatoes (2 x 400 g)" => ["tomato_passata", 800], "• juice of 1 lemon" => ["lemon_juice", 46],
    "* 1 lemon, zest and juice" => ["lemon_juice", 46], "1 vegetable stock cube, made up to 300 mls" => ["stock", 304],
    "egg (see note)" => ["egg_whole", 50]
  }.each do |text, (what, grams)|
    it("reads '#{text}' as #{grams} g of #{what}") do
      found = line(text, system: "uk")
      expect([found.ingredient || found.kind, found.grams&.value&.round]).to eq [what, grams]
    end
  end

  {
    "100g/3.5oz garlic butter" => 1, "200g/100g flour/butter" => 2, "    broth 2 c, milk 1/2 c" => 2,
    "Sauce: 50 g butter, 50 g flour, milk 500 ml" => 3, "Filling 250g ricotta 100g spinach 2 eggs" => 3,
    "For the gravy: juices from the roast, 2 tbsp plain flour, 500ml beef stock, splash of red wine." => 4
  }.each do |text, count|
    it("finds #{count} on '#{text.strip}'") do
      expect(read("Dish of mine\n500 g potatoes\n#{text}", system: "uk").ingredients.length).to eq count + 1
    end
  end
end

# What a coat is fried in, by the half cup, where a step says so. Common practice.
RSpec.describe Restauro::Recipes::PanFat do
  coat = "Chicken cutlets\n4 chicken breasts\n1/2 cup flour\n2 eggs\n100 g breadcrumbs\n"
  oil = ->(spec, text) { spec.read(text, system: "uk").ingredients.find { |line| line.ingredient == "olive_oil" } }

  {
    "Fry the cutlets in the oil for 3 minutes a side." => true, "Bake at 200C for 20 minutes." => false
  }.each do |step, pan|
    it("is half a cup of oil: #{pan} of '#{step}'") do
      expect(oil[self, "#{coat}1/2 cup olive oil\n#{step}"].to_fry_in?).to be pan
    end
  end

  it("leaves a dressing its oil") do
    text = "#{coat}Dressing\n1/2 cup olive oil\n3 tbsp vinegar\nFry the cutlets in hot oil for 3 minutes a side."
    expect(oil[self, text].to_fry_in?).to be false
  end
end
