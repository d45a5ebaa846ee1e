# Where one part of a dish ends and the next begins: common practice.
RSpec.describe Restauro::Dishes do
  parts = ->(spec, text) { spec.answer(text).parts }
  names = ->(spec, text) { parts[spec, text].map(&:name) }
  batter = "Batter\n150 g flour\n1 tsp baking powder\n200 ml beer\n"

  it "puts a coat and the piece that has a heading of its own together" do
    expect(names[self, "Battered fish\n#{batter}Fish\n600 g cod"].length).to eq 1
  end

  it "leaves alone what stands beside a coat that has its piece" do
    expect(names[self, "Battered fish\n#{batter}600 g cod\nVegetables\n300 g peas"].length).to eq 2
  end

  it "fills pancakes, and puts no batter around their filling" do
    found = parts[self, "Pancakes\nBatter\n150 g flour\n2 eggs\n300 ml milk\nFilling\n300 g spinach"]
    expect(found.map { |part| part.part.family }).to eq ["batter", nil]
  end

  it "makes a crumble of flour with fat, no crust of flour with milk" do
    families = ["150 g flour\n75 g butter", "150 g flour\n300 ml milk\n75 g butter"].map do |top|
      parts[self, "Apple bake\n600 g apples\n80 g sugar\n#{top}"].map { |part| part.part.family }
    end
    expect(families.map { |found| found.include?("crust") }).to eq [true, false]
  end

  it "turns noodles in what they are named with, and kneads eggs and water in" do
    found = parts[self, "Noodles with onions\n300 g flour\n3 eggs\n30 ml water\n2 onions\n30 g butter\n1 tbsp parsley"]
    expect(found.map { |part| part.lines.any? { |line| line.ingredient == "egg_whole" } }).to eq [true, false]
  end

  it "gives a second flour a formula of its own where it has what it is made with" do
    sauce = "40 g butter\n40 g flour\n500 ml milk\n"
    expect(["120 g flour\n60 g butter", "120 g flour"].map { |top| parts[self, "Leek bake\n#{sauce}#{top}"].length })
      .to eq [2, 1]
  end

  it "asks no more of a sauce with crumbs or dumplings over it than wheat gave it; of one in a pie that it be cut" do
    sauce = "Sauce\n30 g butter\n15 g plain flour\n500 ml milk\n300 g leeks\n"
    tops = {"Gratin" => "60 g breadcrumbs", "Pie" => "Pastry\n200 g plain flour\n100 g butter"}
    ours = tops.map do |title, top|
      swap = parts[self, "Leek #{title.downcase}\n#{sauce}#{top}"].find { |part| part.part.role == :sauce }.swap
      swap.ours.flour_equivalents.value / swap.wheat.flour_equivalents.value
    end
    expect([ours.first.round(1), ours.last > 1.5]).to eq [1.0, true]
  end

  describe "a line put into another part" do
    moved = ->(spec, name, part) do
      recipe = spec.read("Fish\nCoat\n80 g flour\n2 eggs\n100 g breadcrumbs\n500 g cod\nDip\n150 g mayo\n20 g capers")
      lines = recipe.lines.map { |line| line.text.include?(name) ? line.with(moved_to: part) : line }
      Restauro::Dishes::Partition.of(recipe.with(lines: lines), spec.catalogue).parts
    end

    it "keeps what its part is, where no flour came or went" do
      expect(moved[self, "capers", "Coat"].map(&:family)).to eq ["breading", nil]
    end

    it "makes another of the part that flour came to" do
      expect(moved[self, "80 g flour", "Dip"].last.family).not_to be_nil
    end
  end

  it "weighs a part's lines anew, each in its own place, though two read alike" do
    pie = "Pie\nCrust\n200 g flour\n100 g butter\n60 ml water\nSauce\n40 g flour\n100 g butter\n500 ml milk"
    dish = described_class::Partition.of(read(pie), catalogue)
    sized = described_class::Sized.of(dish, {"Sauce" => 2.0}, catalogue)
    sauce = sized.parts.find { |part| part.name == "Sauce" }.lines.map { |line| line.grams.value.round }
    expect(sauce).to eq [80, 200, 1031]
    expect(sized.parts.first.lines.map { |line| line.grams.value.round }).to eq [200, 100, 60]
  end

  it "calls nothing gluten free already that names gluten anywhere" do
    plain = "Sorghum sauce\n40 g butter\n45 g sorghum flour\n500 ml milk"
    expect([plain, "#{plain}\n100 g seitan"].map { |text| answer(text).already_gluten_free? }).to eq [true, false]
  end

  it "stands custard in a jug beside a crumble, and bakes it in a tart" do
    custard = "Custard\n500 ml milk\n4 egg yolks\n80 g sugar\n20 g cornflour"
    joins = ["Plum crumble\n600 g plums\nCrumble\n150 g flour\n75 g butter",
             "Plum tart\n600 g plums\nPastry\n150 g flour\n75 g butter\n40 ml water"].map do |text|
      answer("#{text}\n#{custard}").dish.then { |dish| dish.joins.map(&:how).count("over") }
    end
    expect(joins).to eq [1, 0]
  end

  it "puts tomatoes over a coat only where there is a coat, and something in it" do
    split = ->(text) { described_class::OverACoat.split(read("Bake\n#{text}").ingredients)&.map(&:length) }
    coat = "50 g flour\n2 eggs\n100 g breadcrumbs\n400 g passata"
    expect([split["4 chicken breasts\n#{coat}"], split[coat],
            split["4 chicken breasts\n100 g breadcrumbs\n400 g passata"]])
      .to eq [[4, 1], nil, nil]
  end

  it "refuses a loaf, and not what is eaten with bread" do
    refused = ->(text) do
      described_class::Refusal.check!(read(text), catalogue)
      false
    rescue Restauro::InvalidInput
      true
    end
    expect(["Bread\n500 g flour\n300 ml water", "Bean stew with bread\n20 g flour\n400 ml stock",
            "Shortbread with bread\n200 g flour\n100 g butter"].map(&refused)).to eq [true, false, true]
  end

  it "binds mince with crumbs, a soaked roll or an egg, and not with a bun" do
    bound = ->(title, line) do
      described_class::Bound.by_crumbs?(read("#{title}\n500 g beef mince\n#{line}").lines, title)
    end
    found = ["50 g breadcrumbs", "2 slices white bread", "4 burger buns", "1 egg"].map { |line|
  bound["Meatballs", line]
}
    expect(found).to eq [true, true, false, true]
    expect(bound["Beef mince", "50 g breadcrumbs"]).to be false
  end

  it "lines a tin with the crust of a pie that has its crumble over it" do
    dish = answer("Apple crumble pie\nPastry\n200 g flour\n100 g butter\n50 ml water\n" \
                  "Filling\n600 g apples\n80 g sugar\nTopping\n100 g flour\n50 g butter\n50 g sugar").dish
    expect(dish.joins.map(&:how)).to include("lines")
  end

  it "pours the sauce of a pan over what was dredged, and fills nothing with it" do
    dish = answer("Chicken piccata\n4 chicken cutlets\n40 g flour\n30 g butter\n100 ml white wine\n" \
                  "30 ml lemon juice\n20 g capers").dish
    expect(dish.joins.map(&:how)).to eq ["over"]
  end

  it "makes dumplings of a flour, its lift and what wets it" do
    stew = "Chicken and dumplings\n500 g chicken thighs\n1 l chicken stock\n150 g flour\n1 tsp baking powder\n"
    expect(["100 ml milk\n", ""].map { |wet| names[self, "#{stew}#{wet}300 g carrots"].include?("Dumplings") })
      .to eq [true, false]
  end

  it "counts a step that is done by batches once for each of them" do
    coat = "Fish\n6 cod fillets, 20 mm\n80 g flour\n2 eggs\n150 g breadcrumbs\nDeep fry at 180C."
    fry = answer(coat).steps.find { |step| step.kind == "fry" && step.minutes }
    once = answer(coat).steps.sum { |step| step.minutes.to_f }
    expect([fry.batches > 1, answer(coat).costs[:whole_minutes] >= once + (fry.batches - 1) * fry.minutes])
      .to eq [true, true]
  end

  it "takes no batter's milk for its icing" do
    found = [10, 150].map do |more|
      names[self, "Fritters\n200 g flour\n150 ml milk\n50 g icing sugar\n#{more} ml milk"].length
    end
    expect(found).to eq [2, 1]
  end

  it "drains nothing where nothing is to be drained" do
    expect(names[self, "Cheese bake\n40 g butter\n40 g flour\n500 ml milk\n150 g cheddar"]).to eq ["Cheese bake"]
  end

  it "kneads butter and water into a dough before what goes over it" do
    noodles = read("Noodles with sage butter\n300 g flour\n30 g butter\n150 ml water\n12 sage leaves")
    split = Restauro::Dishes::OverDough.new(catalogue, noodles).split(noodles.ingredients)
    expect(split&.first.to_a.map(&:ingredient)).not_to eq ["wheat_flour"]
  end

  it "makes a sauce of what could be a thin batter as well" do
    supper = read("Supper\n100 g flour\n385 ml milk\nSalad\n100 g lettuce\n1 tbsp olive oil")
    expect(Restauro::Dishes::Partition.of(supper, catalogue).parts.first.family).to eq "sauce"
  end

  it "pours nothing at the table over what was baked with it" do
    gnocchi = "Gnocchi in white sauce\nDough\n800 g potatoes\n200 g flour\n" \
              "Sauce\n30 g butter\n30 g flour\n400 ml milk\n"
    poured = ["", "Bake at 200C for 20 minutes."].map do |baked|
      answer("#{gnocchi}#{baked}").steps.map(&:text).grep(/at the table/).any?
    end
    expect(poured).to eq [true, false]
  end

  it "melts cheese where there is some, and poaches fish where nothing is softened for it" do
    said = ->(lines) { answer("Gnocchi\nDough\n800 g potatoes\n200 g flour\nSauce\n#{lines}").steps.map(&:text).join }
    expect(["200 ml cream\n1 tsp mustard", "200 ml cream\n80 g gorgonzola"].map { |one| said[one].include?("melt") })
      .to eq [false, true]
    fish = "200 ml milk\n300 g cod"
    expect([fish, "1 onion\n#{fish}"].map { |one| said[one].include?("bare simmer") }).to eq [true, false]
  end

  it "tells what has taken the place of what in a part without flour" do
    pie = "Fish pie\nSauce\n30 g butter\n30 g flour\n400 ml milk\nMash\n1 kg potatoes\n50 g butter\n"
    mash = answer(pie, system: "uk", without: ["dairy"]).parts.find { |part| part.name == "Mash" }
    expect(mash.substitutions.map { |found| found.line.text }).to eq ["50 g butter"]
  end

  it "simmers what is poured, and stirs in what is sweet and what is fat" do
    filling = "Filling\n300 g spinach\n100 ml cream\n20 g sugar\n1 tbsp butter"
    said = answer("Pancakes\nBatter\n150 g flour\n2 eggs\n300 ml milk\n#{filling}", system: "uk").steps.map(&:text)
    expect(said).to include("Filling: pour in 101 g heavy cream; simmer gently.",
                            "Filling: stir 20 g sugar and 14.4 g butter into it.")
  end

  it "has no base of bread crumbs under a pie" do
    pie = "Cauliflower pie\nFilling\n1 cauliflower\n30 g butter\n30 g flour\n400 ml milk\n" \
          "Over it\n60 g breadcrumbs\n25 g butter\n"
    expect(parts[self, "#{pie}Bake at 190C for 30 minutes"].map { |part| part.part.family }).to eq ["sauce", nil]
  end

  it "brushes with the recipe's own milk, and with none for who may not have it" do
    pasties = "Leek turnovers\n320 g puff pastry\n3 leeks\n200 g potatoes\nMilk to glaze\n"
    brushed = [[], ["dairy"]].map do |without|
      answer(pasties, system: "uk", without: without).steps.map(&:text).join.include?("brush with whole milk")
    end
    expect(brushed).to eq [true, false]
  end
end
