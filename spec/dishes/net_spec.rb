# Over whole recipes of every family: what may never fall out. Each line with grams is in a step, our lines hold no
# gluten, what needs a label says so,
# and the cautions that are due are there.
RSpec.describe Restauro::Dishes, :long do
  dishes = {
    "white sauce" => [
      "White sauce\n40 g butter\n40 g flour\n500 ml milk\n100 g cheddar\nnutmeg",
      %w[coeliac_pan leftovers reheat cooling]
    ],
    "dark gravy" => [
      "Gravy\n40 g butter\n2 onions, sliced\n40 g flour\n500 ml beef stock\n1 tbsp soy sauce\n100 ml stout\n" \
      "Cook the roux until dark brown.",
      %w[hot_roux coeliac_pan]
    ],
    "sausage gravy" => [
      "Sausage gravy\n200 g sausage meat\n1 shallot\n30 g butter\n20 g flour\n350 ml milk",
      %w[ground_meat]
    ],
    "chicken in sauce" => [
      "Fricassee\n500 g chicken thighs\n30 g butter\n30 g flour\n400 ml chicken stock\n100 ml cream",
      %w[poultry]
    ],
    "yolks at the end" => [
      "Sauce\n30 g butter\n30 g flour\n400 ml chicken stock\n100 ml cream\n2 egg yolks\n" \
      "Stir in the yolks off the heat.\n50 g parmesan",
      %w[yolk_boiled egg_dish]
    ],
    "custard" => ["Pastry cream\n500 ml milk\n100 g sugar\n4 egg yolks\n45 g cornflour", %w[yolk_boiled egg_dish]],
    "beer batter" => [
      "Beer batter\n200 g flour\n300 ml stout\n1 egg\n1 tsp baking powder\n4 cod fillets, 20 mm\nDeep fry at 180C.",
      %w[hot_oil fish raw_batter coeliac_bowl]
    ],
    "pudding" => [
      "Yorkshire puddings\n140 g flour\n4 eggs\n200 ml milk\n4 tbsp beef dripping\nBake at 220C.",
      %w[hot_fat_tin egg_dish]
    ],
    "muffins" => [
      "Muffins\n250 g flour\n2 tsp baking powder\n100 g sugar\n2 eggs\n200 ml milk\n80 g butter, melted\n" \
      "150 g blueberries\nBake at 200C.",
      %w[egg_dish coeliac_bowl]
    ],
    "schnitzel" => [
      "Chicken schnitzel\n4 chicken breasts, 12 mm\n80 g flour\n2 eggs\n150 g breadcrumbs\nBake at 200C.",
      %w[poultry coeliac_dishes raw_meat]
    ],
    "fish in oil" => [
      "Fish fingers\n600 g cod fillet, 20 mm\n60 g flour\n2 eggs\n120 g panko\nFry at 180C.",
      %w[fish hot_oil]
    ],
    "raw yolks beside it" => [
      "Fish fingers with aioli\n600 g cod fillet, 20 mm\n60 g flour\n2 eggs\n120 g panko\nFry at 180C.\n\n" \
      "Aioli:\n2 egg yolks\n1 clove garlic\n200 ml olive oil",
      %w[raw_egg fish hot_oil]
    ],
    "pasta" => [
      "Tagliatelle\n300 g flour\n3 eggs\n1 tsp salt\n1 tbsp olive oil",
      %w[coeliac_board raw_dough raw_flour]
    ],
    "stuffed" => [
      "Parcels\n260 g flour\n3 eggs\n\nFilling:\n280 g ricotta\n150 g spinach\n40 g parmesan\n1 egg",
      %w[stuffed coeliac_board]
    ],
    "gnocchi" => ["Gnocchi\n1 kg potatoes\n250 g flour\n1 egg", %w[coeliac_board raw_dough]],
    "quiche" => [
      "Quiche\nPastry:\n200 g flour\n100 g butter\n50 ml water\n\nFilling:\n150 g bacon\n3 eggs\n250 ml cream\n" \
      "100 g cheddar\nBake at 180C in a 23 cm tin.",
      %w[egg_dish coeliac_tin hot_filling]
    ],
    "meat pie" => [
      "Meat pie\n500 g beef mince\n1 onion\n30 g butter\n30 g flour\n400 ml beef stock\n\nPastry:\n250 g flour\n" \
      "125 g lard\n60 ml water\n1 egg, beaten\nBake at 200C.",
      %w[ground_meat coeliac_tin hot_filling]
    ],
    "crumble" => [
      "Apple crumble\n800 g apples\n100 g sugar\n\nTopping:\n180 g flour\n100 g butter\n90 g sugar\n50 g oats\n" \
      "Bake at 190C.",
      %w[hot_filling]
    ],
    "pot pie" => [
      "Chicken pot pie\n500 g chicken thighs\n2 carrots\n40 g butter\n40 g flour\n500 ml chicken stock\n\n" \
      "Pastry\n200 g flour\n100 g butter\n50 ml water\nBake at 200C.",
      %w[poultry hot_filling]
    ],
    "lasagne" => [
      "Lasagne\nSheets\n200 g flour\n2 eggs\n\nRagu\n500 g beef mince\n1 onion\n400 g tin chopped tomatoes\n\n" \
      "White sauce\n50 g butter\n50 g flour\n700 ml milk\n100 g parmesan\nBake at 180C.",
      %w[ground_meat]
    ],
    "schnitzel with gravy" => [
      "Pork schnitzels with gravy\n4 pork schnitzels, 8 mm\n80 g flour\n2 eggs\n150 g breadcrumbs\n\nGravy:\n" \
      "30 g butter\n25 g flour\n400 ml beef stock\n1 tbsp malt vinegar",
      %w[thin_meat]
    ]
  }

  dishes.each do |name, (text, due)|
    describe name do
      dish = nil
      before { dish ||= answer(text, system: "uk") }

      it "uses each of its lines in a step of its own" do
        used = dish.steps.flat_map(&:uses)
        lost = dish.lines.select { |line| line.grams && used.none? { |other| other.equal?(line) } }
        expect([lost.map(&:text), dish.steps.map(&:text).grep(/\AWith it:/), dish.holes.map(&:words)]).to eq [
          [],
          [],
          []
        ]
      end

      it "leaves no gluten in ours, whoever eats" do
        expect(dish.lines.select { |line| catalogue.find_key(line.ingredient)&.contains_gluten? }.map(&:text)).to eq []
      end

      it "marks what needs a label, what was reweighed too" do
        doubtful = dish.lines.select { |line| line.ingredient && catalogue.fetch(line.ingredient).gluten == "check" }
        expect(doubtful.reject { |line| line.warnings.map(&:code).include?("check_label") }.map(&:text)).to eq []
      end

      it("warns of #{due.join(", ")}") { expect(due - dish.steps.flat_map(&:safety)).to eq [] }
      it("says so in the step") do
        expect(dish.steps.filter_map(&:caution).join(" ")).to include(*due.map { |key| Restauro::Safety.words(key) })
      end

      # Everybody's rules, one after another: what a rule takes out is in none of our lines.
      Restauro::Diets.all.each do |diet|
        it "keeps to #{diet.key}" do
          eaten = answer(text, system: "uk", without: [diet.key])
          exclusion = Restauro::Diets::Exclusion.of([diet.key], catalogue)
          expect(
            eaten
              .lines
              .select { |line| line.ingredient && !exclusion.allows?(catalogue.fetch(line.ingredient)) }
              .map(&:text)
          ).to eq []
        end
      end
    end
  end
end

# What an eater may not have goes, where the recipe held no gluten to begin with or held both.
RSpec.describe Restauro::Dishes, "for an eater who may not have maize", :long do
  {
    "a sauce" => "Sauce\n30 g cornflour\n40 g butter\n500 ml milk",
    "a sauce of two" => "Sauce\n30 g flour\n10 g cornflour\n40 g butter\n500 ml milk",
    "a batter" => "Batter\n100 g rice flour\n50 g cornflour\n250 ml milk\n1 egg",
    "a coat" => "Schnitzel\n4 pork schnitzels\n60 g cornflour\n2 eggs\n150 g polenta",
    "gnocchi" => "Gnocchi\n1 kg potatoes\n200 g cornflour\n1 egg",
    "a pasta dough" => "Pasta\n200 g flour\n100 g cornflour\n3 eggs",
    "a tart" =>
      "Tart\nPastry:\n200 g flour\n50 g cornflour\n125 g butter\n50 ml water\n\nFilling:\n600 g apples\n" \
      "2 tbsp cornflour\n100 g sugar"
  }.each do |name, text|
    it "takes it out of #{name}" do
      expect(
        answer(text, system: "uk", without: ["maize"])
          .lines
          .select { |line| line.ingredient && catalogue.fetch(line.ingredient).allergens.include?("maize") }
          .map(&:text)
      ).to eq []
    end
  end
end
