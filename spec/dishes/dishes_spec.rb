# Whole recipes as people write them, read into the parts a cook would name, and how those meet (common practice).
RSpec.describe Restauro::Dishes do
  read_as = ->(spec, text) { described_class::Partition.of(spec.read(text, system: "uk"), spec.catalogue) }
  parts = ->(dish) { dish.parts.map { |part| [part.name, part.family] } }
  joins = ->(dish) { dish.joins.map { |join| [dish.parts[join.from].name, join.how, dish.parts[join.to].name] } }
  sauce = "45 g butter\n4 tbsp plain flour\n450 ml milk"
  pastry = "240 g plain flour\n120 g butter\n55 ml cold water"
  coat = "8 slices celeriac, 10 mm\n5 tbsp plain flour\n2 eggs\n140 g breadcrumbs"

  {
    "headings with colons" => [
      "Leek pie\nPastry:\n#{pastry}\nSauce:\n#{sauce}\nLeeks:\n600 g leeks",
      [%w[Pastry crust], %w[Sauce sauce], ["Leeks", nil]]
    ],
    "headings without" => ["Leek pie\n\nPastry\n#{pastry}\n\nSauce\n#{sauce}", [%w[Pastry crust], %w[Sauce sauce]]],
    "a part on a line" => [
      "Parcels in chive cream\nDough: 260 g plain flour, 2 eggs, 2 egg yolks\n" \
      "Filling: 280 g ricotta, 150 g nettle tops\nSauce: 25 g butter, 25 g flour, 400 ml milk",
      [%w[Dough pasta], ["Filling", nil], %w[Sauce sauce]]
    ],
    "two flours and no heading" => [
      "Leek pie\n#{pastry}\n#{sauce}\n600 g leeks", [%w[Crust crust], %w[Filling sauce]]
    ],
    "a coat and its gravy" => [
      "Schnitzels with gravy\n#{coat}\nGravy:\n30 g butter\n25 g plain flour\n450 ml vegetable stock",
      [%w[Coat breading], %w[Gravy sauce]]
    ],
    "sheets, a ragout and a white sauce" => [
      "Lasagne\nSheets\n200 g plain flour\n2 eggs\nRagu\n500 g beef mince\n400 g tin chopped tomatoes\n" \
      "White sauce\n#{sauce}",
      [%w[Sheets pasta], ["Ragu", nil], ["White sauce", "sauce"]]
    ],
    "dumplings on a stew" => [
      "Beef stew with dumplings\n600 g beef\n30 g butter\n30 g flour\n700 ml beef stock\nDumplings:\n" \
      "150 g self-raising flour\n75 g suet\n100 ml water",
      [%w[Sauce sauce], %w[Dumplings gnocchi]]
    ],
    "crumbs on a bake" => [
      "Leek gratin\n900 g leeks\n35 g butter\n35 g plain flour\n500 ml milk\n60 g breadcrumbs\n25 g butter, melted",
      [%w[Sauce sauce], ["Crumbs", nil]]
    ],
    "a base and what is on it" => [
      "Cheesecake\n200 g digestive biscuits\n100 g butter, melted\n600 g cream cheese\n150 g sugar\n3 eggs",
      [%w[Crumbs crust], ["Filling", nil]]
    ],
    "a dish of one part" => ["White sauce\n#{sauce}", [["White sauce", "sauce"]]]
  }.each { |name, (text, expected)| it("reads #{name}") { expect(parts[read_as[self, text]]).to eq expected } }

  it "never loses a line, nor has one twice" do
    text = "Leek pie\nPastry:\n#{pastry}\nSauce:\n#{sauce}\nLeeks:\n600 g leeks"
    expect(read_as[self, text].parts.flat_map { |part| part.lines.map(&:text) }).to match_array(
      read(text, system: "uk").ingredients.map(&:text)
    )
  end

  {
    "a pie with a sauce has its lid on" => [
      "Leek pie\nPastry:\n#{pastry}\nSauce:\n#{sauce}",
      [%w[Pastry covers Sauce]]
    ],
    "a tart is lined" => [
      "Leek tart\nPastry:\n#{pastry}\nFilling:\n350 g leeks\n3 eggs\n200 ml cream",
      [%w[Pastry lines Filling]]
    ],
    "a pie that says so is lined" => [
      "Leek pie\nPastry:\n#{pastry}\nSauce:\n#{sauce}\nLine the tin with the pastry.",
      [%w[Pastry lines Sauce]]
    ],
    "gravy goes over a coat at the table" => [
      "Schnitzels with gravy\n#{coat}\nGravy:\n30 g butter\n25 g flour\n450 ml stock",
      [%w[Gravy over Coat]]
    ],
    "sauces go between sheets" => [
      "Lasagne\nSheets\n200 g flour\n2 eggs\nWhite sauce\n#{sauce}",
      [["White sauce", "between", "Sheets"]]
    ],
    "a croquette's coat goes around" => [
      "Ham croquettes\n100 g butter\n120 g flour\n600 ml milk\n150 g ham\nCoating:\n60 g flour\n2 eggs\n" \
      "150 g breadcrumbs",
      [%w[Coating around Sauce]]
    ]
  }.each { |name, (text, expected)| it(name) { expect(joins[read_as[self, text]]).to eq expected } }

  describe Restauro::Dishes::Solver do
    it "makes a croquette's base very thick" do
      dish =
        answer(
          "Ham croquettes\n60 g butter\n60 g flour\n600 ml milk\n150 g ham\nCoating:\n60 g flour\n2 eggs\n150 g " \
"breadcrumbs",
          system: "uk"
        )
      expect([dish.parts.first.swap.ours.flour_equivalents.value, dish.steps.map(&:text).join]).to match(
        [be >= 12, /chill/]
      )
    end

    it "holds a pie's sauce together for the knife, and a gravy as it was" do
      thin = "30 g butter\n15 g flour\n500 ml milk"
      pie = answer("Leek pie\nPastry:\n#{pastry}\nSauce:\n#{thin}", system: "uk").parts.last.swap.target
      alone = answer("Sauce\n#{thin}", system: "uk").main.swap.target
      expect([pie, alone]).to match([be > alone, be < 4])
    end

    it "goes to the part that knows the choice" do
      dish =
        answer(
          "Leek pie\nPastry:\n#{pastry}\nSauce:\n#{sauce}",
          system: "uk",
          school: "slurry",
          hold: nil,
          pan: Restauro::Kitchen::BakingPan.parse("24 cm round 4 cm deep")
        )
      expect([dish.parts.first.swap.ours.lining.nil?, dish.parts.last.swap.ours.cooking.formula.school]).to eq [
        false,
        "slurry"
      ]
    end

    it "takes a part for none of this trade where the cook says so" do
      dish = Restauro::Dishes::Partition.of(
        read("Pie\nCrust\n200 g plain flour\n100 g butter\nSauce\n20 g plain flour\n300 ml milk"),
        catalogue,
        given: {"Sauce" => "none"}
      )
      expect(dish.parts.map(&:family)).to eq ["crust", nil]
    end

    it "takes the oven, the pan and the minutes from the recipe's own words" do
      said =
        read_as[
          self,
          "Leek pie\nPastry:\n#{pastry}\nSauce:\n#{sauce}\nBake at 190C for 35 minutes in a 24 cm round tin."
        ].said
      expect([said.oven.celsius, said.bake_minutes, said.pan.area_cm2.round]).to eq [190, 35.0, 452]
    end

    it "takes the filled crust's oven and minutes where the blind one's are said too" do
      said =
        read_as[
          self,
          "Leek tart\nPastry:\n#{pastry}\nFilling:\n300 g leeks\n3 eggs\n200 ml cream\nBake blind at 200C for 15 " \
"minutes, fill and bake at 170C for 32 minutes."
        ].said
      expect([said.oven.celsius, said.bake_minutes]).to eq [170, 32.0]
    end

    it "lets the dough chill while the sauce is made, and bakes last of all" do
      kinds = answer("Leek pie\nPastry:\n#{pastry}\nSauce:\n#{sauce}", system: "uk").steps.map(&:kind)
      expect(
        [
          kinds.first,
          kinds.index("chill") < kinds.index("boil"),
          kinds.rindex("bake") > kinds.rindex("boil"),
          kinds.count("set_out"),
          kinds.count("store")
        ]
      ).to eq ["set_out", true, true, 1, 1]
    end

    it "pours a gravy at the last moment over what was fried" do
      steps =
        answer("Schnitzels with gravy\n#{coat}\nGravy:\n30 g butter\n25 g flour\n450 ml stock", system: "uk").steps
      expect(steps.map(&:text).join(" ")).to match(/last moment/)
    end
  end

  describe Restauro::Dishes::Refusal do
    [
      "Victoria sponge cake\n200 g self-raising flour\n200 g butter\n200 g sugar\n4 eggs",
      "White loaf\n500 g strong flour\n7 g yeast\n320 ml water",
      "Shortbread biscuits\n250 g flour\n200 g butter\n100 g sugar",
      "Sopapillas\n240 g flour\n1 tsp baking powder\n30 g lard\n180 ml warm water\nOil for deep frying",
      "Choux buns\n150 g flour\n100 g butter\n250 ml water\n4 eggs"
    ].each do |text|
      it("says plainly that it does not do '#{text.lines.first.strip}'") do
        expect { described_class.check!(read(text, system: "uk"), catalogue) }.to raise_error(
          Restauro::InvalidInput,
          /does not do: it does sauces/
        )
      end
    end
    [
      "Bread sauce\n30 g butter\n20 g flour\n500 ml milk\n80 g breadcrumbs",
      "Crab cakes\n500 g crab\n60 g flour\n2 eggs\n150 g breadcrumbs"
    ].each do |text|
      it("does '#{text.lines.first.strip}'") do
        expect { described_class.check!(read(text, system: "uk"), catalogue) }.not_to raise_error
      end
    end
  end

  describe Restauro::Dishes::Ledger do
    line = ->(key, **more) do
      Restauro::Recipes::Line.new(
        text: "50 g #{key}",
        role: "other",
        ingredient: key,
        grams: Restauro::Estimate.new(value: 50.0),
        **more
      )
    end
    holes = ->(spec, lines, used) do
      described_class
        .new(lines, [Restauro::Families::Step.new(kind: "mix", text: "x", uses: used)], spec.catalogue)
        .holes
        .map(&:kind)
    end

    it("finds a line that no step uses") do
      sugar = line["sugar"] and expect(holes[self, [sugar], []]).to eq %w[in_no_step]
    end
    it("finds gluten that stays") do
      flour = line["wheat_flour"] and expect(holes[self, [flour], [flour]]).to eq %w[gluten_left]
    end
    it("finds a mark that was lost") do
      stock = line["stock", added: true] and expect(holes[self, [stock], [stock]]).to eq %w[mark_lost]
    end
    it("is quiet where all is whole") { sugar = line["sugar"] and expect(holes[self, [sugar], [sugar]]).to eq [] }
  end
end

RSpec.describe Restauro::Dishes::Memo do
  pie = "Leek pie\nPastry:\n240 g flour\n120 g butter\n55 ml water\nSauce:\n45 g butter\n30 g flour\n450 ml milk"
  solve =
    lambda do |spec, text, memo|
      dish = Restauro::Dishes::Partition.of(spec.read(text, system: "uk"), spec.catalogue)
      Restauro::Dishes::Solver.call(
        dish,
        Restauro::Dishes::Choices.new({}, catalogue: spec.catalogue),
        catalogue: spec.catalogue,
        memo: memo
      )
    end

  it "solves again only the part that was changed, to the same answer", :long do
    worked = []
    memo =
      Class
        .new(described_class) do
          define_method(:fetch) do |key, &solve|
            super(key) do
              worked << key.first
              solve.call
            end
          end
        end
        .new
    solve[self, pie, memo]
    drier = pie.sub("55 ml", "50 ml")
    again, plain = solve[self, drier, memo], solve[self, drier, nil]
    expect(worked).to eq %w[sauce crust crust]
    expect([again.lines.map(&:text), again.steps.map(&:text), again.holes]).to eq [
      plain.lines.map(&:text),
      plain.steps.map(&:text),
      []
    ]
  end

  it("holds no more than it may") do
    memo = described_class.new(2) and 3.times { |i| memo.fetch([i]) { i.to_s } } and
      expect([memo.fetch([2]) { "new" }, memo.fetch([0]) { "new" }]).to eq %w[2 new]
  end
end
