# What belongs to which part of a recipe, and what it is written down as.
RSpec.describe Restauro::Recipes do
  lines = ->(spec, text) { spec.read(text, system: "uk").ingredients.map { |line| [line.part, line.name_text] } }

  describe Restauro::Recipes::Outline do
    it "knows the headings that name no part" do
      said = ["Method", "Directions:", "Ingredients", "You will need:", "Sauce", "30 g flour"].map { |text|
  described_class.heading?(text)
}
      expect(said).to eq [true, true, true, true, false, false]
    end

    # Common practice: what a method's first line begins with. Each alone behind a list, in its own language.
    [
      "Dredge the fish in the flour", "Pat the fish dry", "Fill a pan a third full of oil", "Cool the sauce",
      "If the sauce is too thick, add milk", "Fisch in Mehl wenden", "Infarinare il pesce",
      "Enharinar el pescado", "Fariner le poisson", "Descasque as batatas", "Rasp de kaas", "Obierz ziemniaki"
    ].each do |step|
      it "takes #{step.inspect} for a step" do
        expect(read("Fish\n4 cod fillets\n#{step}").steps.map(&:text)).to eq [step]
      end
    end

    ["Flour for the board", "Butter zum Bestreichen", "Cream to serve", "Sale e pepe", "Skin-on salmon"].each do |thing|
      it("takes #{thing.inspect} for none") { expect(read("Fish\n4 cod fillets\n#{thing}").steps).to be_empty }
    end

    it "takes the amounts of the sentences where the list has none of them" do
      found = read("Brown sauce\n30 g butter\n30 g flour\nWhisk in 450 ml beef stock, then add 1 tsp vinegar.")
      expect(found.ingredients.map(&:text)).to eq ["30 g butter", "30 g flour", "450 ml beef stock", "1 tsp vinegar"]
    end

    it "leaves amounts of the sentences that the list has too" do
      found = read("Brown sauce\n30 g butter\n450 ml beef stock\nMelt 30 g butter, add 450 ml beef stock.")
      expect(found.ingredients.map(&:text)).to eq ["30 g butter", "450 ml beef stock"]
    end

    it "puts what a sauce of sentences is poured over beside it" do
      found = read("Sauce. Melt 30 g butter, stir in 25 g flour and 400 ml stock; pour over a boiled cauliflower.")
      expect(found.ingredients.last.text).to eq "1 boiled cauliflower, to serve"
    end

    it "reads a part with its things on one line, 'For the gravy: 2 onions, 30 g flour'" do
      text = "Puddings\nFor the puddings: 140 g plain flour, 4 eggs\nFor the gravy: 2 onions, 30 g flour"
      expect(lines[self, text].map(&:first)).to eq ["For the puddings"] * 2 + ["For the gravy"] * 2
    end

    it "cuts at a semicolon before anything known, not before how it is" do
      texts = ["salt, a pinch; water to mix", "50 g butter; softened"].map do |text|
        read("Batter\n100 g plain flour\n#{text}", system: "uk").ingredients.drop(1).map(&:text)
      end
      expect(texts).to eq [["salt, a pinch", "water to mix"], ["50 g butter; softened"]]
    end

    it "does not shout a part that is written in capitals, nor take 'Ingredients' for a title" do
      found = read("INGREDIENTS\nFOR THE BATTER\n100 g plain flour\n1 egg", system: "uk")
      expect([found.title, found.ingredients.map(&:part).uniq]).to eq [nil, ["For the batter"]]
    end

    it "reads one thing after 'To serve:', known or not" do
      found = read("Sauce\n500 ml milk\n40 g flour\nTo serve: 300 ml gravy", system: "uk").ingredients.last
      expect([found.part, found.text]).to eq ["To serve", "300 ml gravy"]
    end

    it "takes the first line for a title, unless it has an amount, is an order, or lists what is in it" do
      titles = ["Onion gravy", "30 g flour", "Melt the butter", "Gravy: 30 g flour, 40 g butter"].map do |first|
        read("#{first}\n40 g butter\n30 g plain flour\n500 ml milk", system: "uk").title
      end
      expect(titles).to eq ["Onion gravy", nil, nil, nil]
    end
  end

  describe Restauro::Recipes::Served do
    roles = lambda do |spec, text|
      spec.read("Battered fish\n400 g cod\n100 g plain flour\n150 ml sparkling water\n#{text}", system: "uk")
        .ingredients.drop(2).map(&:role)
    end

    it "keeps what goes to the table out of the batter" do
      expect(roles[self, "100 g soured cream, to serve\n50 g melted butter, to serve"]).to eq %w[liquid other other]
    end

    it "knows it by a heading, unless there is flour under that" do
      bare, floured = ["", "20 g plain flour\n"].map { |flour|
  roles[self, "To serve\n#{flour}300 ml gravy\n200 ml milk"].last
}
      expect([bare, floured]).to eq %w[other liquid]
    end

    it "counts what is wanted in it and besides" do
      expect(roles[self, "100 ml milk, plus extra to serve"]).to eq %w[liquid liquid]
    end
  end

  describe Restauro::Recipes::Recipe do
    it "writes its method only where it has one" do
      bare, told = ["", "\nMelt the butter and stir."].map { |method|
  read("Gravy\n30 g flour\n400 ml stock#{method}").to_text
}
      expect([bare.include?("Method:"), told[/Method:.*/m]]).to eq [false, "Method:\nMelt the butter and stir."]
    end
  end

  describe Restauro::Recipes::Scale do
    it "writes a line anew with the amount that the cook gave it" do
      line = Restauro::Recipes::Line.new(text: "butter", ingredient: "butter", role: "fat",
grams: Restauro::Estimate.new(value: 50.0))
      twice = described_class.scaled(line, 2.0, catalogue, "uk")
      expect([twice.text, twice.grams.value]).to eq ["100 g butter", 100.0]
    end

    {2 => ["4 tbsp parsley", "6 onions", "1 tsp thyme", "300 g bacon"],
     1.5 => ["3 tbsp parsley", "4 1/2 onions", "3/4 tsp thyme", "225 g bacon"]}.each do |factor, texts|
      it "makes #{factor} times of what has a name only, in the cook's own measure" do
        recipe = read("Gravy\n30 g flour\n2 tbsp parsley\n3 onions\n1/2 tsp thyme\n150 g bacon")
        expect(described_class.of(recipe, factor, catalogue: catalogue).ingredients.map(&:text).last(4)).to eq texts
      end
    end

    it "leaves a recipe as it is where it is made once" do
      recipe = read("Gravy\n30 g flour\n400 ml stock")
      expect(described_class.of(recipe, 1.0, catalogue: catalogue)).to be recipe
    end
  end

  describe Restauro::Recipes::Weigher do
    it "holds a knob of butter for what it may be: less by its share, more by its share" do
      grams = line("a knob of butter").grams
      low, high = %i[loose_low loose_high].map { |name| Restauro::Constants.fetch(:uncertainty, name) }
      expect([grams.low / grams.value,
              grams.high / grams.value]).to match [be_within(1e-9).of(low), be_within(1e-9).of(high)]
    end
  end

  describe Restauro::Recipes::UnitClues do
    it "shows the line that told whose cups they are" do
      told = ["2 cups all-purpose flour", "500 ml milk", "1 stick butter"]
      expect([described_class.line(told, "us"),
              described_class.line(told, "uk")]).to eq ["2 cups all-purpose flour", nil]
    end
  end

  # WHATWG HTML, named character references.
  describe Restauro::Recipes::Entities do
    {"&frac12; l milk" => "½ l milk", "200&deg;C" => "200°C", "salt &amp; pepper" => "salt & pepper",
     "cr&egrave;me &#189;" => "crème ½", "salt & pepper; 2 eggs" => "salt & pepper; 2 eggs",
     "&unknown; eggs" => "&unknown; eggs"}.each do |copied, text|
      it("reads #{copied} as #{text}") { expect(described_class.decode(copied)).to eq text }
    end
  end

  it "takes a small picture before a thing for a bullet" do
    expect(["✅ 30 g butter", "☑ 30 g butter", "🧈 30 g butter", "• 30 g butter"].map { |text| line(text).grams.value })
      .to eq [30.0] * 4
  end

  describe Restauro::Recipes::JsonLd do
    servings = ->(spec, yields) do
      json = {"@type" => "Recipe", "name" => "Gravy", "recipeIngredient" => ["30 g flour", "400 ml stock"],
              "recipeYield" => yields}
      Restauro::Recipes::Scale.servings(spec.read(JSON.generate(json)))
    end

    {
      "4" => 4, 4 => 4, ["4", "4 servings"] => 4, "Serves 6" => 6, {"@type" => "QuantitativeValue", "value" => 8} => 8,
      "Makes 12 muffins" => 12, nil => nil, "" => nil, [] => nil
    }.each do |yields, count|
      it("reads #{yields.inspect} as #{count.inspect} servings") { expect(servings[self, yields]).to eq count }
    end

    it "reads what a page's marks say it yields" do
      page = "<div itemscope itemtype='https://schema.org/Recipe'><h1 itemprop='name'>Gravy</h1>" \
             "<span itemprop='recipeYield'>5</span><li itemprop='recipeIngredient'>30 g flour</li>" \
             "<li itemprop='recipeIngredient'>400 ml stock</li></div>"
      expect(Restauro::Recipes::Scale.servings(read(page))).to eq 5
    end
  end

  describe "a crumb base in the middle of a list" do
    ["600 g cream cheese\n200 g digestive biscuits\n90 g butter\n3 eggs",
     "600 g cream cheese\n90 g butter\n200 g digestive biscuits\n3 eggs"].each do |list|
      it "takes the fat beside it and nothing else: #{list.lines.map(&:strip).join(", ")}" do
        parts = answer("Cheesecake\n#{list}\nBake at 160C for 45 minutes", system: "uk").parts
        base = parts.find { |part| part.family&.key == "crust" }
        own = Restauro::Recipes::Parts.dough(base.swap.ours.recipe).map(&:ingredient)
        expect(own).to contain_exactly("gf_biscuit_crumbs", "butter")
      end
    end
  end
end
