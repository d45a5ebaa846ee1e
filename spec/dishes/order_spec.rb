# The order in the pot and in the oven, as a cook would have it (common practice).
RSpec.describe Restauro::Dishes, "the method" do
  steps = ->(spec, text, **choices) { spec.answer(text, system: "uk", **choices).steps }
  at = ->(found, pattern) { found.index { |step| step.text.match?(pattern) } }
  pastry = "Pastry:\n250 g flour\n125 g butter\n60 ml water"

  it "browns meat, softens onions, makes the roux, and stews for as long as the recipe does, with nobody at the pot" do
    found =
      steps[
        self,
        "Beef stew\n800 g stewing beef, diced\n2 onions, chopped\n30 g butter\n30 g flour\n700 ml beef stock\n2 bay " \
"leaves\nSimmer for 2 hours."
      ]
    expect(
      [/Brown 800 g/, /Soften 300 g onions/, /stir in .*blend/, /stock and 2 bay leaves/, /until tender/].map do |words|
        at[found, words]
      end
    ).to(satisfy { |places| places.none?(&:nil?) && places == places.sort })
    stew = found[at[found, /until tender/]]
    expect([stew.minutes, stew.attended, found.select { |step| step.kind == "simmer" }.sum(&:minutes)]).to match(
      [120.0, false, be < 130]
    )
  end

  it "simmers what is on the bone for as long as is said, and never shorter than that takes; boneless meat along" do
    minutes = {"1 chicken, jointed" => 75, "8 chicken thighs, bone-in" => 5,
"500 g chicken thighs, boneless" => 40}.map do |bird, said|
      found = steps[self,
"Braise\n#{bird}\n1 onion\n30 g plain flour\n700 ml chicken stock\nSimmer for #{said} minutes."]
      found[at[found, /into the pan/]].minutes
    end
    expect(minutes).to match([75.0, be >= 25, be_within(1).of(40)])
  end

  it "puts dumplings on a stew when that comes out of the oven, and both back in" do
    found = steps[self, "Beef stew\n1 kg braising steak\n3 tbsp plain flour\n900 ml beef stock\nFor the dumplings\n" \
                        "150 g self-raising flour\n75 g suet\n100 ml water\n" \
                        "Cook in the oven at 160C for 2 hours.\nAdd the dumplings and bake for 20 minutes more."]
    slots = Restauro::Dishes::Timeline.of(found.map(&:to_h)).to_h { |slot| [slot.index, slot] }
    stew, dumplings = [/\ABake at 160/, /onto the stew/].map { |words| slots.fetch(at[found, words]) }
    expect([stew.to - stew.from, dumplings.to - dumplings.from, dumplings.from]).to eq [120.0, 20.0, stew.to]
  end

  it "does not stew a chop" do
    expect(
      steps[self, "Chops\n4 pork chops, 2 cm thick\n25 g flour\n30 g butter\n500 ml stock"]
        .find { |step| step.text.include?("back into the pan") }
        .minutes
    ).to be <= 20
  end

  it "brushes with the beaten egg of a dough that has its water, and with none other" do
    dough = ->(text) do
      answer(text, system: "uk").parts.first.swap.ours.contents.weights.map { |ingredient, _| ingredient.key }
    end
    expect(
      [
        dough["Leek pie\n#{pastry}\n1 egg, beaten\nFilling:\n500 g leeks"],
        dough["Leek tart\nPastry:\n250 g flour\n125 g butter\n1 egg, beaten\nFilling:\n500 g leeks"]
      ].map { |keys| keys.include?("egg_whole") }
    ).to eq [false, true]
    expect(
      at[
        steps[self, "Pasties\n#{pastry}\n1 egg, beaten\nFilling:\n300 g beef mince\n1 onion"],
        /in this order|Filling: .*egg/
      ]
    ).to be_nil
  end

  it("infuses in the liquid, before it thickens") do
    expect(
      steps[self, "Pastry cream\n500 ml milk\n1 vanilla pod\n5 egg yolks\n100 g sugar\n45 g cornflour"].then do |found|
        at[found, /vanilla pod to the boil/] < at[found, /Whisk .*egg yolk/]
      end
    ).to be true
  end
  it("whips the whites of a soufflé, and boils no whole egg") do
    expect(
      steps[
        self,
        "Cheese souffle\n40 g butter\n40 g flour\n300 ml milk\n4 eggs, separated\n120 g gruyere\nBake at 200C for 25 " \
"minutes."
      ].map(&:text).join(" ")
    ).to match(/yolks of .* whip the whites/).and(
      satisfy { |text| !text.include?("egg, whisking; back into the pan, and boil") }
    )
  end
  it "does not bake a filling that was cooked as if it were raw" do
    kinds =
      steps[
        self,
        "Lemon pie\n#{pastry}\nFilling:\n2 lemons, juice and zest\n40 g cornflour\n300 ml water\n100 g sugar\n3 egg " \
"yolks"
      ].map(&:kind)
    expect(kinds.last(3)).to eq %w[shape chill store]
  end
  it("bakes toad in one tray, with a film of fat") do
    expect(
      steps[self, "Toad in the hole\n8 pork sausages\n140 g flour\n4 eggs\n200 ml milk"].map(&:text).join(" ")
    ).to match(/3 mm of .* in the 20 x 30 cm tin/).and(satisfy { |text| !text.include?("muffin") })
  end

  it "boils and mashes a topping, and spreads it" do
    found =
      steps[
        self,
        "Fish pie\n600 g cod, in chunks\n50 g butter\n50 g flour\n500 ml milk\nTopping\n1 kg potatoes, mashed\n50 g " \
"butter\nBake at 190C for 30 minutes."
      ]
    expect(
      [/Boil 1000 g potato/, /mash them with 50 g butter/, /spread the topping over it/, /\ABake at 190/].map do |words|
        at[found, words]
      end
    ).to(satisfy { |places| places.none?(&:nil?) && places == places.sort })
  end

  it("says each weight once") do
    expect(
      steps[self, "Pasties\n#{pastry}\n300 g wild boar haunch, diced\n200 g mystery roots"].map(&:text).join(" ")
    ).not_to match(/(\d+ g) \1/)
  end
end

# What each line is there for, told from what it is and where it stands (common practice).
RSpec.describe Restauro::Dishes, "the lines" do
  dish = ->(spec, text) { spec.answer(text, system: "uk") }
  texts = ->(found) { found.steps.map(&:text).join(" ") }

  it("shapes cakes of a purée before it coats them") do
    expect(
      texts[dish[self, "Crab cakes\n400 g crab meat\n200 g mashed potato\n50 g flour\n2 eggs\n100 g breadcrumbs"]]
    ).to match(/Mix .*crab meat.* shape into flat cakes.*The cakes, cold: one hand/)
  end
  it("keeps a thick batter that its title names") do
    expect(
      dish[
        self,
        "Onion bhajis\n150 g gram flour\n1/2 tsp baking powder\n2 onions, sliced\n120 ml water"
      ].then { |found| [found.main.family.key, found.lines.map(&:text)] }
    ).to match(["batter", include("120 ml water")])
  end
  it("keeps the water of a dough that holds no gluten") do
    expect(
      dish[self, "Pasta\n300 g gluten-free flour blend\n10 g psyllium husk\n2 eggs\n60 ml water"].lines.map(&:text)
    ).to include("60 ml water")
  end
  it("leaves a sauce beside pancakes out of their batter") do
    expect(
      dish[self, "Crepes\n125 g flour\n2 eggs\n300 ml milk\nOrange sauce\n75 g sugar\n50 g butter\n150 ml orange juice"]
        .parts
        .map { |part| [part.name, part.lines.length] }
    ).to eq [["Batter", 3], ["Orange sauce", 3]]
  end
  it("never whisks boiled eggs into a sauce") do
    expect(texts[dish[self, "Mornay\n6 eggs, hard boiled\n40 g butter\n40 g flour\n500 ml milk"]]).to match(
      /Off the heat, stir in .*hard boiled/
    )
  end
  it("has no line twice where a crust takes a filling's egg") do
    expect(
      dish[
        self,
        "Plum galette\n200 g flour\n100 g butter\n60 ml water\nFilling\n600 g plums, sliced\n60 g sugar\n1 egg, beaten"
      ].lines.map(&:text).tally.values
    ).to all(eq(1))
  end
  it("puts cream on a flat crust that has its water, and drops none of it") do
    expect(
      dish[
        self,
        "Tarte flambee\n250 g flour\n125 ml water\n2 tbsp oil\n150 g creme fraiche\n1 onion\n100 g bacon lardons"
      ].lines.map(&:text)
    ).to include("150 g creme fraiche")
  end
  it("bakes no gravy for the sake of its title") do
    expect(
      dish[self, "Steak pudding gravy\n30 g dripping\n30 g flour\n500 ml beef stock"].steps.map(&:kind)
    ).not_to include("bake")
  end

  it "counts pieces that are cut, and says for how thick a piece the minutes are" do
    fingers = dish[self, "Fish fingers\n500 g haddock, cut into 12 fingers\n50 g flour\n1 egg\n100 g breadcrumbs"]
    expect([texts[fingers], fingers.steps.filter_map(&:look_for).join(" ")]).to match(
      [/For 12 pieces/, /reckoned for pieces \d+ mm thick/]
    )
    fry = ->(line) do
      dish[self, "Schnitzel\n#{line}\n80 g flour\n2 eggs\n150 g breadcrumbs"]
        .steps
        .select { |step| step.kind == "fry" }
        .filter_map(&:minutes)
        .max
    end
    expect(fry["4 chicken breasts"]).to be > 1.5 * fry["4 chicken escalopes"]
  end
end
