# Ordinary dishes as people write them: what goes into what, and what stays out of it. Common practice throughout
# (DOMAIN 11).
RSpec.describe "Ordinary dishes", :long do
  texts = ->(found) { found.steps.map(&:text) }
  step = ->(found, words) { texts[found].index { |text| text.match?(words) } }
  joins = ->(found) do
    found.dish.joins.map { |join| [found.dish.parts[join.from].name, join.how, found.dish.parts[join.to].name] }
  end
  grams = ->(found, name) do
    found.parts.flat_map(&:lines).select { |line| line.ingredient == name }.sum { |line| line.grams.value }
  end

  it "whisk a meringue by itself and spread it just before the pie is baked" do
    found =
      answer(
        "Lemon meringue pie\nPastry\n225 g plain flour\n110 g butter\n1 egg\nFilling\n40 g cornflour\n300 ml " \
"water\n150 g sugar\n" \
          "3 egg yolks\nMeringue\n3 egg whites\n150 g caster sugar\nBake at 180C for 20 minutes. 23 cm tin\n",
        system: "uk"
      )
    order =
      [
        /Whisk .*egg yolk/,
        /Meringue: in a bowl .*egg white/,
        /Meringue: over the filling/,
        /\ABake at 180/
      ].map { |words| step[found, words] }
    expect(order).to eq(order.compact.sort)
    expect(texts[found].grep(/Filling:.*egg white/)).to be_empty
  end

  it "pour custard beside a crumble, never into it" do
    found =
      answer(
        "Apple crumble with custard\n6 apples\n100 g sugar\nCrumble\n180 g plain flour\n100 g butter\n80 g sugar\n" \
          "Custard\n500 ml milk\n4 egg yolks\n50 g sugar\n1 tbsp cornflour\n",
        system: "uk"
      )
    expect(joins[found]).to contain_exactly(%w[Crumble covers Filling], %w[Custard over Crumble])
  end

  it "keep a wine sauce out of what is wrapped" do
    found =
      answer(
        "Beef Wellington\n1 kg beef fillet\n500 g puff pastry\n250 g mushrooms\n" \
          "Red wine sauce: 20 g butter, 1 tbsp flour, 200 ml red wine, 300 ml beef stock\n",
        system: "uk"
      )
    expect(joins[found]).to eq [["Red wine sauce", "over", "Crust"]]
    expect(texts[found].grep(/\AFilling: /).first).to match(/beef fillet.*mushrooms/)
  end

  it "coat croquettes with the egg and crumbs at the end of one list" do
    found =
      answer(
        "Turkey croquettes\n50 g butter\n60 g flour\n300 ml milk\n200 g cooked turkey, chopped\n1 egg\n80 g " \
"breadcrumbs\noil for frying\n",
        system: "uk"
      )
    expect(found.dish.parts.map(&:family)).to eq %w[sauce breading]
    expect(joins[found]).to eq [%w[Coat around Sauce]]
  end

  it "turn a dough in its butter and sage, its onions and cheese, instead of kneading them in" do
    gnocchi =
      answer(
        "Potato gnocchi with sage butter\n1 kg potatoes\n300 g flour\n1 egg\n80 g butter\n8 sage leaves\n",
        system: "uk"
      )
    noodles =
      answer(
        "Spätzle with cheese\n300 g plain flour\n3 eggs\n120 ml milk\n200 g Emmental, grated\n2 onions\n",
        system: "uk"
      )
    expect([texts[gnocchi].grep(/\AOver the purée/).first, texts[gnocchi].last(2).first]).to match(
      [/\A(?!.*butter)/, /Turn them in 80 g butter and 8 sage leaves/]
    )
    expect(texts[noodles].grep(/onion/)).to match([/\ASoften/, /\ATurn them in/])
  end

  it "boil and mash the potatoes of a filling, and of a mash on top" do
    parcels =
      answer(
        "Filled parcels\n300 g flour\n150 ml warm water\n1 egg\nFilling: 400 g potatoes, 200 g curd cheese, 1 onion\n",
        system: "uk"
      )
    pie =
      answer(
        "Shepherd's pie\n500 g lamb mince\n1 onion\n2 tbsp flour\n400 ml lamb stock\n900 g potatoes\n50 g " \
"butter\n100 ml milk\n",
        system: "uk"
      )
    expect([step[parcels, /\ABoil 400 g potato/], step[parcels, /the potato mashed/]].compact.length).to eq 2
    expect(texts[pie].grep(/mash/i)).to match(
      [/\AMash: mash them with 50 g butter and 103 g whole milk/, /spread the mash over it/]
    )
  end

  it "fry aubergine slices before they are layered" do
    found =
      answer(
        "Moussaka\n2 aubergines, sliced\n500 g minced lamb\n1 onion\n400 g tin chopped tomatoes\nBéchamel: 60 g " \
"butter, 60 g flour, 600 ml milk\n" \
          "Bake 45 min at 180C\n",
        system: "uk"
      )
    expect(step[found, /\ABrown the slices of .*aubergine/]).to be <
      step[found, /\ALayer .*aubergine in slices, filling and béchamel/]
  end

  it "leave the chips out of the batter" do
    found =
      answer(
        "Fish and chips\n4 cod fillets\n200 g self-raising flour\n300 ml beer\n1 kg potatoes\nFry at 180C for 6 " \
"minutes\n",
        system: "uk"
      )
    expect([texts[found].grep(/dip, drip/).first, texts[found].grep(/\AChips: 1000 g potato/).length]).to match(
      [/\A(?!.*potato)/, 1]
    )
  end

  it "bake a clafoutis as a batter with the milk it had" do
    found =
      answer(
        "Clafoutis\n400 g cherries\n60 g plain flour\n3 eggs\n300 ml milk\n80 g sugar\nBake at 180C for 35 minutes\n",
        system: "uk"
      )
    expect([found.dish.parts.map(&:family), texts[found].grep(/\ABake at 180/).length]).to eq [["batter"], 1]
    expect(found.parts.flat_map(&:lines).map(&:text)).to include("300 ml milk")
  end

  it "wet a dropped dough with its own milk" do
    found =
      answer(
        "Peach cobbler\n6 peaches, sliced\n100 g sugar\nTopping\n1 cup flour\n1/2 cup sugar\n1 1/2 tsp baking " \
"powder\n4 tbsp butter\n1/2 cup milk\n",
        system: "us"
      )
    expect([grams[found, "whole_milk"].positive?, grams[found, "water"]]).to eq [true, 0]
  end

  # Twice the liquid is no less of a paste: both hold 25 g of wheat's flour.
  it "give a paste past the scale's end as much as wheat's had" do
    starch =
      ["100 ml", "200 ml", "400 ml"].map do |liquid|
        grams[answer("Thick sauce\n25 g butter\n25 g plain flour\n#{liquid} milk\n", system: "uk"), "corn_starch"]
      end
    expect(starch.minmax.then { |least, most| (most - least) / least }).to be < 0.03
  end

  it "count a usual can where no size is told, and pieces by weight where whole ones are sliced" do
    sauce = answer("Sauce\n30 g butter\n30 g flour\n2 tins chopped tomatoes\n", system: "uk")
    coat =
      answer(
        "Crumbed aubergine\n2 aubergines, sliced\n100 g flour\n3 eggs\n100 g breadcrumbs\nBake at 190C for 30 min\n",
        system: "uk"
      )
    expect(grams[sauce, "tomato_passata"]).to eq 800
    expect(texts[coat].grep(/In the dishes/).first[/For (\d+) pieces/, 1].to_i).to be > 4
  end

  it "fry bacon before it goes into crumbs" do
    found =
      answer(
        "Macaroni cheese\n300 g macaroni\n50 g butter\n50 g flour\n700 ml milk\nTopping: 100 g breadcrumbs, 4 " \
"rashers bacon, 20 g butter\nBake 200C 20 minutes\n",
        system: "uk"
      )
    expect(step[found, /\AFry 4 rashers bacon/]).to be < step[found, /\ACrumbs:/]
  end

  it "keep what is inside a coat out of its dishes: the boiled eggs, the cheese that melts" do
    eggs =
      answer(
        "Scotch eggs\n6 eggs\n400 g sausage meat\n50 g flour\n1 egg, beaten\n100 g breadcrumbs\nFry at 170C for 7 " \
"min\n",
        system: "uk"
      )
    balls =
      answer(
        "Arancini\n300 g risotto rice, cooked\n100 g mozzarella\n50 g flour\n2 eggs\n150 g breadcrumbs\nFry at 180C " \
"4 minutes\n",
        system: "uk"
      )
    # What is wrapped around an egg is no flat piece: no minutes are named that could leave its middle raw.
    expect(
      [
        step[eggs, /\ABoil 6 eggs in their shells.*Wrap each/],
        eggs.steps.find { |found| found.kind == "fry" }.minutes
      ]
    ).to match([Integer, be_between(6, 14)])
    expect([eggs, balls].map { |found| texts[found].grep(/In the dishes/).first }).to match(
      [/; then 50 g egg; then/, /\A(?!.*cheese)/]
    )
  end

  it "stir a dip beside, and read parts told on one line" do
    dip =
      answer(
        "Popcorn shrimp\n450 g shrimp\n100 g flour\n2 eggs\n100 g panko\nDip\n100 g mayonnaise\n1 tbsp sriracha\nFry " \
"at 180C 3 min\n",
        system: "uk"
      )
    told =
      answer(
        "Cannelloni: for the pasta dough 300 g flour, 3 eggs; for the filling 400 g ricotta, 50 g parmesan; for the " \
"béchamel 40 g butter, 40 g flour, 500 ml milk\n",
        system: "uk"
      )
    expect([joins[dip], texts[dip].grep(/\ADip: stir together/).length]).to eq [[%w[Dip over Coat]], 1]
    expect(told.dish.parts.map { |part| [part.name, part.family] }).to eq [
      ["Pasta dough", "pasta"],
      ["Filling", nil],
      %w[Béchamel sauce]
    ]
  end

  it "bake a nut filling until its egg is set, from the cold" do
    found =
      answer(
        "Almond tart\nPastry\n175 g plain flour\n75 g butter\n2 tbsp water\nFilling\n100 g butter\n100 g sugar\n2 " \
"eggs\n100 g ground almonds\nBake at 180C 35 min. 20 cm tin\n",
        system: "uk"
      )
    expect([texts[found].grep(/\AFill it/).first, found.steps.flat_map(&:safety)]).to match(
      [/cold from the fridge/, include("egg_dish")]
    )
  end

  it "keep a filling without a weight in the list" do
    expect(
      answer("Baked brie en croute\n1 wheel brie\n1 sheet puff pastry\n", system: "uk")
        .parts
        .flat_map(&:lines)
        .map(&:text)
    ).to include("1 wheel brie")
  end

  it "knead butter and flour into the stew that they are for" do
    found =
      answer(
        "Coq au vin\n1 chicken, jointed\n12 shallots\n2 tbsp flour\n750 ml red wine\n300 ml chicken stock\nBeurre " \
"manié: 20 g butter, 20 g flour\n",
        system: "uk"
      )
    expect(found.dish.parts.map(&:family)).to eq ["sauce"]
  end

  it "make the sauce of what a bought sheet holds" do
    found =
      answer(
        "Vol-au-vents with chicken\n1 sheet puff pastry\n25 g butter\n25 g flour\n300 ml milk\n200 g cooked chicken\n",
        system: "uk"
      )
    expect([step[found, /Pour in 309 g whole milk/], step[found, /spoon the hot filling in/]].compact.length).to eq 2
  end

  it "pour a gravy for a roast, and bake nothing" do
    found = answer("Gravy for a roast\n2 tbsp roasting juices\n2 tbsp plain flour\n500 ml stock\n", system: "uk")
    expect(
      [found.steps.map(&:kind) & %w[bake preheat], found.warnings.map(&:text).grep(/roasting juices/).length]
    ).to eq [[], 1]
  end

  # A joint on the bone is no escalope: its minutes are those of a piece as thick as a wrist.
  it "fry drumsticks for longer than a flat escalope" do
    minutes =
      ["8 chicken drumsticks", "8 chicken escalopes"].map do |piece|
        answer("Fried chicken\n#{piece}\n300 ml buttermilk\n200 g plain flour\nFry at 170C\n", system: "uk")
          .steps
          .find { |found| found.kind == "fry" && found.minutes }
          .minutes
      end
    expect(minutes.first).to be > 1.5 * minutes.last
  end

  it "cook raw egg in a curd under its crust by the egg's own rule" do
    found =
      answer(
        "Lemon curd tart\nCase: 200 g plain flour, 100 g butter, 1 egg yolk\nCurd: 4 lemons, 200 g sugar, 100 g " \
"butter, 4 eggs\n",
        system: "uk"
      )
    expect([texts[found].grep(/\AFill it/).first, found.steps.find { |bake| bake.kind == "bake" }.safety]).to match(
      [/cold from the fridge/, include("egg_dish")]
    )
  end
end
