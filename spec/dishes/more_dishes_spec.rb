# Dishes of more kinds, read as people write them: what each is told by, what goes where, and for how long. Common
# practice throughout.
RSpec.describe "Dishes of more kinds", :long do
  texts = ->(found) { found.steps.map(&:text) }
  joins = ->(found) do
    found.dish.joins.map { |join| [found.dish.parts[join.from].name, join.how, found.dish.parts[join.to].name] }
  end
  families = ->(found) { found.dish.parts.map(&:family) }
  grams = ->(found, key) do
    found.parts.flat_map(&:lines).select { |line| line.ingredient == key && line.grams }.sum { |line| line.grams.value }
  end
  minutes = ->(found, kind) { found.steps.select { |step| step.kind == kind }.filter_map(&:minutes) }
  said = ->(found, words) { texts[found].grep(words) }

  describe "doughs" do
    it "weigh the flour of two wheat flours once" do
      found = answer("Pasta\n200 g plain flour\n100 g semolina\n3 eggs\n")
      expect(grams[found, "blend_with_gum"]).to be_within(0.5).of(300)
    end

    it "say the egg that binds together with the recipe's own, in the bowl it goes into" do
      found = answer("Filled parcels\nDough:\n400 g plain flour\n1 egg\n150 ml water\nFilling:\n300 g ricotta\n")
      mixed = said[found, /\AIn a food processor/].first
      expect(mixed[/(\d+) g egg/, 1].to_f).to be_within(1).of(grams[found, "egg_whole"])
    end

    it "keep a spoon of sour cream for its fat, and solve the water" do
      found =
        answer(
          "Filled parcels\nDough:\n400 g plain flour\n1 egg\n150 ml water\n2 tbsp sour cream\nFilling:\n300 g ricotta\n"
        )
      expect([grams[found, "sour_cream"], grams[found, "water"]]).to match([be_within(2).of(30), be > 60])
    end

    it "press little ears by the thumb" do
      found = answer("Orecchiette\n300 g semolina\n150 ml warm water\n")
      expect(said[found, /press each with the thumb/].length).to eq 1
    end

    it "roll strings under the palms" do
      found = answer("Pici\n300 g plain flour\n150 ml water\n")
      expect(said[found, /roll each under the palms to a string 5 mm thick/].length).to eq 1
    end

    it "boil a string of 5 mm longer than a ribbon of 1.8" do
      string, ribbon = %w[Pici Tagliatelle].map { |name| answer("#{name}\n300 g plain flour\n150 ml water\n") }
      expect(minutes[string, "boil"].last).to be > 2 * minutes[ribbon, "boil"].last
    end

    it "cut sheets for a lasagne whose filling has a heading of its own" do
      found =
        answer(
          "Spinach lasagne\nPasta\n300 g flour\n3 eggs\nSauce\n60 g butter\n60 g flour\n800 ml milk\nFilling\n500 g " \
"spinach\n250 g ricotta\nBake at 180C\n"
        )
      expect(said[found, /\ACut it into sheets|\ALayer pasta, sauce and filling/].length).to eq 2
    end

    it "put squash, cheese and crumbs inside, butter and leaves over, out of one list" do
      found =
        answer(
          "Squash ravioli\n300 g flour\n3 eggs\n400 g squash\n50 g parmesan\n40 g breadcrumbs\n60 g butter\n8 sage " \
"leaves\n"
        )
      expect(joins[found]).to contain_exactly(%w[Filling fills Dough], ["Over it", "over", "Dough"])
    end

    it "cook every root that a dough is made of" do
      found = answer("Beetroot gnocchi\n400 g beetroot\n400 g potatoes\n200 g flour\n1 egg\n")
      expect(said[found, /Bake the beetroot whole.*Boil the potatoes whole/].length).to eq 1
    end

    it "take the curd in beside the purée" do
      found = answer("Sweet potato gnocchi\n600 g sweet potatoes\n250 g ricotta\n200 g flour\n")
      expect(said[found, /\AOver the purée and 250 g ricotta/].length).to eq 1
    end

    it "judge a spooned and a pushed dough by the spoon, not by clay" do
      looks =
        [
          "Herb dumplings\n150 g self-raising flour\n75 g suet\n90 ml water\n",
          "Spätzle\n300 g flour\n3 eggs\n120 ml milk\n"
        ].map { |text| answer(text, system: "uk").steps.filter_map(&:look_for).join("\n") }
      expect(looks).to match([/holds a heap on the spoon/, /off the spoon in a thick rope/])
    end

    it "name suet as what it is" do
      expect(
        said[answer("Herb dumplings\n150 g self-raising flour\n75 g suet\n90 ml water\n", system: "uk"), /75 g suet/]
      ).not_to be_empty
    end
  end

  describe "crusts" do
    quiche =
      "Quiche\nPastry:\n200 g plain flour\n100 g butter\n3 tbsp water\nFilling:\n3 eggs\n300 ml double cream\n150 g " \
"bacon lardons\n" \
        "Blind bake 15 minutes at 200C, then bake 30 minutes at 170C.\n"

    it "bake blind at the one oven and filled at the other" do
      found = answer(quiche, system: "uk")
      expect(found.steps.select { |step| %w[preheat prebake bake].include?(step.kind) }.map(&:celsius)).to eq [
        200,
        200,
        200,
        170
      ]
    end

    it "take a custard to be as deep as the tin that its dough lines" do
      found = answer(quiche, system: "uk")
      expect(minutes[found, "bake"]).to eq [30.0]
    end

    it "give a fruit pie a lid, and a base too where there is dough for both" do
      lids =
        [350, 180].map do |flour|
          found =
            answer(
              "Apple pie\n#{flour} g plain flour\n#{flour / 2} g butter\n4 tbsp cold water\n1 kg apples\n120 g " \
"sugar\nBake at 190C for 50 minutes\n"
            )
          [/Two thirds first/, /\ALid on/].map { |words| said[found, words].length }
        end
      expect(lids).to eq [[1, 1], [0, 1]]
    end

    it "keep sour cream in the pastry, for it fills nothing" do
      found = answer("Sour cream pastry\n250 g plain flour\n125 g butter\n60 g sour cream\n2 tbsp water\n")
      expect([said[found, /\ARub .*60 g sour cream/].length, said[found, /Filling/].length]).to eq [1, 0]
    end

    it "fry onions in the second butter, not rub it in" do
      found =
        answer(
          "Onion tart\n150 g plain flour\n75 g butter\n30 ml water\n600 g onions, sliced\n25 g butter\n3 eggs\n200 " \
"ml cream\n200C 30 minutes\n"
        )
      expect(
        [said[found, /\ARub 75 g butter/].length, said[found, /\ASoften 600 g onions, sliced in 25 g butter/].length]
      ).to eq [1, 1]
    end

    it "whisk purée, eggs, milk and sugar of one list into a filling" do
      found =
        answer(
          "Pumpkin pie\n200 g flour\n100 g butter\n3 tbsp water\n450 g pumpkin puree\n2 eggs\n250 ml evaporated " \
"milk\n120 g sugar\nBake at 180C\n"
        )
      expect(said[found, /\AFilling: whisk .*egg.*evaporated milk.*sugar/].length).to eq 1
    end

    it "use a lemon for its zest and juice in a custard" do
      found =
        answer(
          "Lemon tart\nBase:\n200 g digestive biscuits\n90 g butter\nFilling:\n4 eggs\n150 g sugar\n200 ml cream\n2 " \
"lemons\nBake 30 minutes 150C\n"
        )
      expect(said[found,
/whisk .*150 g sugar.*93 g lemon juice together with the grated zest of the fruit/].length).to eq 1
    end

    it "roll raw sausage meat up in as much of a sheet as there was, and brush it with the egg" do
      found = answer("Sausage rolls\n500 g puff pastry\n600 g sausage meat\n1 egg\nBake 200C 25 minutes\n")
      expect(
        [said[found, /fried|\ABrown/].length, said[found, /in a roll along the sheet.*brush with 1 egg/].length]
      ).to eq [0, 1]
      expect(grams[found, "gf_puff_sheet"]).to be_within(60).of(500)
    end

    it "bake what is wrapped raw until its middle is safe, whatever the recipe says" do
      found = answer("Sausage rolls\n500 g puff pastry\n600 g sausage meat\n1 egg\nBake 200C 15 minutes\n")
      expect(minutes[found, "bake"].first).to be > 25
    end

    it "fold a sheet over fruit, by the piece" do
      found =
        answer(
          "Apple turnovers\n375 g puff pastry\n500 g apples\n60 g sugar\n1 egg, beaten\nBake at 200C for 20 minutes\n"
        )
      expect(said[found, /by spoonfuls on squares of the sheet/].length).to eq 1
    end

    it "add the minutes of two ovens in turn, and leave the meat of a long-baked pasty raw" do
      found =
        answer(
          "Cornish pasties\nPastry\n500 g plain flour\n250 g butter\n150 ml cold water\nFilling\n400 g beef " \
"skirt\n300 g potatoes\n1 onion\n" \
            "Bake at 200C for 20 minutes, then 170C for 30 minutes\n"
        )
      expect([minutes[found, "bake"], said[found, /all raw and cut as small as peas/].length]).to eq [[20.0, 30.0], 1]
    end
  end

  describe "batters and coats" do
    it "drop spoonfuls of a bhaji into deep fat, its onions raw" do
      found = answer("Onion bhaji\n2 onions, sliced\n100 g plain flour\n120 ml water\n1 tsp cumin\n")
      expect([said[found, /\ASlide in spoonfuls/].length, said[found, /\ASoften/].length]).to eq [1, 0]
      expect(minutes[found, "fry"].max).to be_between(3, 7)
    end

    it "fry other fritters in a pan, unless oil is told" do
      ways =
        ["", "Deep fry at 180C\n"].map do |oil|
          said[answer("Corn fritters\n180 g flour\n220 ml milk\n1 egg\n300 g sweetcorn\n#{oil}"), /spoonfuls/].first
        end
      expect(ways).to match([/\AA hot pan/, /\ASlide in/])
    end

    it "boil a cauliflower before it is stirred in" do
      found = answer("Cauliflower fritters\n1 cauliflower\n120 g plain flour\n150 ml milk\n1 egg\n")
      expect(said[found, /\ACut 700 g cauliflower small; boil/].length).to eq 1
    end

    it "stir in what is shredded, where no word tells a fritter" do
      found = answer("Cabbage cakes in batter\n150 g plain flour\n180 ml milk\n2 eggs\n300 g cabbage, shredded\n")
      expect(said[found, /\AFold in 300 g cabbage/].length).to eq 1
    end

    it "make a fritter of grated vegetables and egg without any liquid" do
      found = answer("Courgette fritters\n500 g courgettes, grated\n80 g flour\n2 eggs\n50 g feta\n")
      expect(grams[found, "blend_with_gum"]).to be_within(1).of(80)
    end

    it "roll battered rings in their crumbs" do
      found =
        answer(
          "Onion rings\n2 large onions\n130 g flour\n1 tsp baking powder\n1 egg\n200 ml milk\n80 g " \
"breadcrumbs\nDeep-fry at 185C\n"
        )
      expect([joins[found], said[found, /each piece drips, then rolls in them/].length]).to eq [
        [%w[Crumbs coats Batter]],
        1
      ]
    end

    it "cut an onion in rings, as many as its weight makes" do
      found = answer("Onion rings\n2 large onions\n130 g flour\n1 egg\n200 ml milk\nDeep-fry at 185C\n")
      expect(said[found, /399 g large onions in rings 8 mm thick.*8 pieces at a time/].length).to eq 1
    end

    it "whip the whites of parted eggs and fold them in after the rest" do
      found =
        answer(
          "Buckwheat blini\n100 g buckwheat flour\n100 g plain flour\n7 g dried yeast\n300 ml milk\n2 eggs, separated\n"
        )
      rest, whites =
        [/\ARest it in the warm/, /\AWhip the whites/].map { |words| texts[found].index { |text| text.match?(words) } }
      expect(rest).to be < whites
    end

    it "soak in buttermilk, then dredge" do
      found =
        answer("Fried chicken\n1 kg chicken thighs\n300 ml buttermilk\n200 g flour\n2 tsp paprika\nDeep-fry at 160C\n")
      expect([families[found], said[found, /\ATurn 1000 g chicken thighs in 311 g buttermilk/].length]).to eq [
        ["breading"],
        1
      ]
    end

    it "read the heat that is told before what a dish's name says" do
      found = answer("Fried chicken\n1 kg chicken thighs\n300 ml buttermilk\n200 g flour\nDeep-fry at 160C\n")
      expect(said[found, /to 160 °C/].length).to eq 1
    end

    it "dredge with more flour than dusting takes" do
      soaked, dusted =
        ["300 ml buttermilk\n", ""].map do |wet|
          grams[answer("Fried chicken\n1 kg chicken thighs\n#{wet}200 g flour\n"), "corn_starch"]
        end
      expect(soaked).to be > 3 * dusted
    end

    it "shape cold rice into balls around the cheese" do
      found =
        answer("Arancini\n600 g cold risotto\n100 g mozzarella\n80 g flour\n2 eggs\n150 g panko\nDeep-fry at 170C\n")
      expect(said[found, /balls of 35 mm, a piece of 100 g mozzarella in the middle/].length).to eq 1
    end

    it "fry the coated slices of a dish in layers, and bake it whole" do
      found =
        answer(
          "Aubergine parmigiana\n3 aubergines, sliced\n50 g flour\n2 eggs\n100 g breadcrumbs\nTomato sauce:\n600 g " \
"tinned tomatoes\n200 g mozzarella\n" \
            "Bake at 190C for 30 min\n"
        )
      expect([minutes[found, "fry"].length, minutes[found, "bake"]]).to eq [1, [30.0]]
    end

    it "take a batter by itself for dipping where oil is told, whatever it is as thick as" do
      found = answer("Batter\n150 g plain flour\n1 tsp baking powder\n120 ml soda water\nDeep fry at 180C\n")
      expect(said[found, /muffin|cups/]).to be_empty
    end
  end

  describe "sauces and what is baked in them" do
    it "lift sprigs out, and stir chopped herbs in" do
      found =
        answer("Onion gravy\n25 g butter\n25 g flour\n400 ml beef stock\n2 sprigs thyme\n2 tbsp chopped parsley\n")
      expect(
        [
          said[found, /\ALift out sprigs thyme|\ALift out thyme/].length,
          said[found, /\AOff the heat, stir in 2 tbsp chopped parsley/].length
        ]
      ).to eq [1, 1]
    end

    it "let brandy bubble before the stock" do
      found = answer("Peppercorn sauce\n30 g butter\n10 g flour\n3 tbsp brandy\n250 ml beef stock\n")
      brandy, stock = [/brandy/, /Pour in .*stock/].map { |words| texts[found].index { |text| text.match?(words) } }
      expect(brandy).to be < stock
    end

    it "serve what is risen at once" do
      found =
        answer(
          "Cheese soufflé\n40 g butter\n40 g plain flour\n300 ml milk\n4 eggs, separated\n120 g gruyère\n190C 25 " \
"minutes\n"
        )
      expect(
        [
          said[found, /door stays shut/].length,
          said[found, /\AStraight to the table/].length,
          said[found, /\ALet it stand/].length
        ]
      ).to eq [1, 1, 0]
    end

    it "spread mashed potato over a pie without a heading for it" do
      found =
        answer(
          "Smoked haddock pie\n500 g smoked haddock\n400 ml milk\n50 g butter\n50 g plain flour\n900 g mashed " \
"potato\nBake 30 minutes at 190C\n"
        )
      expect(said[found, /spread the mash over it/].length).to eq 1
    end

    it "tell parts that are told in sentences" do
      found =
        answer(
          "Chicken pie. For the sauce melt 50 g butter, stir in 50 g flour and whisk in 500 ml chicken stock. Add " \
"400 g cooked chicken. " \
            "For the pastry rub 100 g butter into 200 g plain flour, bind with 3 tbsp water. Bake 35 minutes at 200C.\n"
        )
      expect(found.dish.parts.map { |part| [part.name, part.family] }).to eq [%w[Sauce sauce], %w[Pastry crust]]
    end

    it "take the dish's name from under how many it serves" do
      expect(
        answer("Serves 4\nMornay sauce\n\nIngredients\n40g butter\n40g plain flour\n600ml milk\n").dish.title
      ).to eq "Mornay sauce"
    end

    it "read a spice at the end of a line of things as one of them" do
      found = answer("Béchamel\n50g butter, 50g flour, 600ml milk, 1 bay leaf, nutmeg\n")
      expect(said[found, /\ALift out bay leaf\./].length).to eq 1
    end
  end

  describe "what is not this trade" do
    {
      "bread dumplings" => "Bread dumplings\n300 g stale bread\n250 ml milk\n2 eggs\n2 tbsp flour\n",
      "a salad" => "Green salad\n1 lettuce\n2 tbsp olive oil\n1 tbsp vinegar\n",
      "balls of meal" => "Matzo ball soup\n100 g matzo meal\n2 eggs\n1 l stock\n"
    }.each do |name, text|
      it("says so of #{name}") do
        expect { Restauro::Dishes::Refusal.check!(read(text), catalogue) }.to raise_error(
          Restauro::InvalidInput,
          /which Restauro does not do/
        )
      end
    end
  end
end

# What comes to the table beside it, what is rolled up in it, what lies in two layers of it.
RSpec.describe "Dishes of several hands" do
  texts = ->(found) { found.steps.map(&:text) }
  joins = ->(found) do
    found.dish.joins.map { |join| [found.dish.parts[join.from].name, join.how, found.dish.parts[join.to].name] }
  end
  said = ->(found, words) { texts[found].grep(words) }
  minutes = ->(found, kind) { found.steps.select { |step| step.kind == kind }.filter_map(&:minutes) }

  it "give a vegan stock of vegetables for one of bones" do
    found = answer("Gravy\n30 g butter\n30 g flour\n400 ml beef stock\n", without: ["vegan"])
    expect(found.parts.flat_map(&:lines).map(&:text).grep(/stock/)).to contain_exactly(/\A405.8 g vegetable stock/)
  end

  it "keep nuts with a fat and eggs of their own out of the dough before them" do
    found =
      answer(
        "Almond tart\n200 g plain flour\n100 g butter\n2 tbsp water\n150 g ground almonds\n150 g sugar\n150 g " \
"butter\n2 eggs\nBake at 180C 35 minutes\n"
      )
    expect(said[found, /\AFilling: cream 150 g sugar and 150 g butter; beat in 150 g almond flour/].length).to eq 1
  end

  it "mix a frangipane with a heading of its own, no batter" do
    found =
      answer(
        "Bakewell tart\nPastry: 200 g flour, 100 g butter, 1 egg yolk, 2 tbsp water\n" \
          "Frangipane: 125 g butter, 125 g sugar, 2 eggs, 125 g ground almonds\n3 tbsp raspberry jam\nBake 180C 40 " \
"min\n"
      )
    expect(found.dish.parts.map(&:family)).to eq ["crust", nil, nil]
  end

  it "fill tarts with jam, by the spoon" do
    found = answer("Jam tarts\n200 g plain flour\n100 g butter\n3 tbsp water\n12 tsp jam\n180C 15 minutes\n")
    expect([said[found, /\ARub .*jam/].length, said[found, /\AFilling: 12 tsp jam/].length]).to eq [0, 1]
  end

  it "strew a streusel over a tart that has its own crust, and bake once" do
    found =
      answer(
        "Plum tart with streusel\n200 g flour\n100 g butter\n3 tbsp water\n600 g plums\nStreusel\n100 g flour\n60 g " \
"butter\n60 g sugar\nBake 190C 40 min\n"
      )
    expect([joins[found], minutes[found, "bake"].length]).to eq [
      [%w[Crust lines Filling], %w[Streusel covers Crust]],
      1
    ]
  end

  it "tuck the sheet of a tatin in, and brush it with nothing" do
    found = answer("Tarte tatin\n320 g puff pastry\n8 apples\n120 g sugar\n80 g butter\nBake 190C 30 minutes\n")
    expect([said[found, /tuck the rim down/].length, said[found, /brush/].length]).to eq [1, 0]
  end

  it "leave yogurt and butter for the table out of the filling" do
    found =
      answer(
        "Manti with yogurt\nDough\n300 g flour\n1 egg\n100 ml water\nFilling\n250 g lamb mince\n1 onion\nTo " \
"serve\n250 g yogurt\n50 g butter\n"
      )
    expect(
      [
        said[found, /\AMix the filling: 250 g lamb mince and 150 g onion;/].length,
        said[found, /\AServe with 250 g yogurt and 50 g butter/].length
      ]
    ).to eq [1, 1]
  end

  it "roll crêpes around their filling and bake them under their sauce" do
    found =
      answer(
        "Spinach crêpes\nCrêpes\n125 g flour\n2 eggs\n300 ml milk\nFilling\n400 g spinach\n200 g ricotta\nSauce\n40 " \
"g butter\n40 g flour\n" \
          "500 ml milk\nBake 200C 15 min\n"
      )
    expect(said[found, /\ASpread each with its share of the filling, roll it up.*pour the sauce over/].length).to eq 1
  end

  it "fold fruit into a muffin, though it comes last" do
    found =
      answer(
        "Blueberry muffins\n250 g plain flour\n2 tsp baking powder\n100 g sugar\n1 egg\n240 ml milk\n90 ml oil\n150 " \
"g blueberries\n"
      )
    expect(said[found, /\AFold in 150 g blueberries/].length).to eq 1
  end

  it "lift a studded onion out of the milk" do
    found = answer("Bread sauce\n500 ml milk\n1 onion studded with cloves\n100 g white breadcrumbs\n25 g butter\n")
    expect(said[found, /\ALift out onion studded/].length).to eq 1
  end

  it "puff a pancake in a hot tin" do
    found =
      answer(
        "Dutch baby\n70 g plain flour\n3 eggs\n160 ml milk\n30 g butter\nBake at 220C for 18 minutes in a 25 cm " \
"skillet\n"
      )
    expect([said[found, /Door shut, 220/].length, minutes[found, "bake"]]).to eq [1, [18.0]]
  end

  it "fry sticks of cheese, and cut a breast in chunks" do
    sticks = answer("Mozzarella sticks\n400 g mozzarella\n60 g flour\n2 eggs\n120 g panko\nDeep-fry at 180C\n")
    chunks = answer("Chicken nuggets\n500 g chicken breast, cut into chunks\n60 g flour\n2 eggs\n120 g breadcrumbs\n")
    expect([minutes[sticks, "fry"].length, said[chunks, /For (\d+) pieces/].first[/For (\d+)/, 1].to_i]).to match(
      [1, be > 20]
    )
  end

  it "refuse what is made of filo alone in plain words" do
    expect {
      Restauro::Dishes::Refusal.check!(read("Spanakopita\n270 g filo pastry\n500 g spinach\n3 eggs\n"), catalogue)
    }.to raise_error(Restauro::InvalidInput, /filo sheets, which Restauro does not do/)
  end

  it "refuse dough out of a tin with what to type for it" do
    bought = read("Chicken and biscuits\n80 g butter\n45 g flour\n500 ml stock\n1 can refrigerated biscuits\n")
    expect { Restauro::Dishes::Refusal.check!(bought, catalogue) }
      .to raise_error(Restauro::InvalidInput, /bought dough .* type what it is made of/)
  end

  it "refuse bought wrappers with what to type for them, and make them where their dough is there" do
    bought = read("Crab rangoon\n24 wonton wrappers\n8 oz cream cheese\n6 oz crab meat\n")
    made = read("Pot stickers\nFor the wrappers\n200 g flour\n100 ml water\nFor the filling\n1 lb ground pork\n")
    expect { Restauro::Dishes::Refusal.check!(bought, catalogue) }
      .to raise_error(Restauro::InvalidInput, /sheets of wheat dough.*For the wrappers/)
    expect { Restauro::Dishes::Refusal.check!(made, catalogue) }.not_to raise_error
  end
end
