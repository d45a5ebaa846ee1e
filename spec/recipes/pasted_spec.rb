# Recipes as people paste them: the same gravy in every dress, a page with all its furniture, what is no recipe at all.
RSpec.describe "A recipe as it is pasted" do
  found = ->(spec, text, system = "uk") do
    spec.read(text, system: system).ingredients.map { |line| [line.ingredient, line.grams&.value&.round(1)] }
  end
  gravy = [["butter", 30.0], ["wheat_flour", 30.0], ["stock", 507.2]]

  {
    "a list" => "Gravy\n30 g butter\n30 g plain flour\n500 ml stock",
    "bullets" => "Gravy\n• 30 g butter\n▢ 30 g plain flour\n☑ 500 ml stock",
    "numbers" => "Gravy\n1) 30 g butter\n2) 30 g plain flour\n3) 500 ml stock",
    "tabs" => "Gravy\nButter\t30 g\nPlain flour\t30 g\nStock\t500 ml",
    "a table" => "| Ingredient | Amount |\n|:---|---:|\n| Butter | 30 g |\n| Plain flour | 30 g |\n| Stock | 500 ml |",
    "amounts above names" => "Gravy\n30 g\nbutter\n30 g\nplain flour\n500 ml\nstock",
    "names above amounts" => "butter\n30 g\nplain flour\n30 g\nstock\n500 ml",
    "capitals" => "GRAVY\nINGREDIENTS\n30 G BUTTER\n30 G PLAIN FLOUR\n500 ML STOCK\nMETHOD\nSTIR.",
    "Markdown" =>
      "# Gravy\n\n## Ingredients\n\n- *30 g* butter\n- 30 g plain flour\n- 500 ml stock\n\n## Method\n\n1. Stir.",
    "odd spaces" => "Gravy\n30\u00a0g\u00a0butter\n30\u00a0g plain\u200b flour\n500\u202fml stock",
    "one sentence" => "You need 30 g butter, 30 g plain flour and 500 ml stock.",
    "one line" => "Gravy: 30 g butter, 30 g plain flour, 500 ml stock",
    "dots" => "Gravy\nbutter ........ 30 g\nplain flour ........ 30 g\nstock ........ 500 ml",
    "equals" => "Gravy\nButter = 30 g\nPlain flour = 30 g\nStock = 500 ml",
    "sentences" => "Gravy. Melt 30 g butter, stir in 30 g plain flour, then whisk in 500 ml stock and simmer.",
    "numbered sentences" =>
      "Gravy\n1. Melt 30 g butter in a pan.\n2. Stir in 30 g plain flour.\n3. Add 500 ml stock, whisking.",
    "a scan" => "Gravy\n3O g butter\n30 g plain flour\n5OO ml stock",
    "a story above the list" => "Gravy\nWe love it so much.\nIngredients\n30 g butter\n30 g plain flour\n500 ml stock",
    "microdata" =>
      "<body itemscope itemtype=\"https://schema.org/Recipe\"><h1 itemprop=\"name\">Gravy</h1><span " \
"itemprop=\"recipeIngredient\">30 g butter</span><span itemprop=\"recipeIngredient\">30 g plain flour</span>" \
        "<span itemprop=\"recipeIngredient\">500 ml stock</span></body>",
    "nested lists" =>
      "<h1>Gravy</h1><ul><li>30 g butter</li><li>30 g plain flour<ul><li>500 ml stock</li></ul></li></ul>",
    "broken lines" => "<div>Gravy<br>30 g butter<br>30 g plain flour<br>500 ml stock</div>",
    "JSON-LD in a graph" =>
      '{"@graph":[{"@type":"WebPage"},{"@type":["Recipe"],"name":"Gravy",' \
      '"recipeIngredient":["30 g butter","30 g plain flour","500 ml stock"]}]}',
    "JSON-LD of one text" =>
      '{"@type":"WebPage","mainEntity":{"@type":"Recipe","name":"Gravy",' \
      '"ingredients":"30 g butter\n30 g plain flour\n500 ml stock"}}'
  }.each { |dress, text| it("reads it as #{dress}") { expect(found[self, text]).to eq gravy } }

  page = <<~PAGE
    Home
    Recipes
    Jump to recipe
    Print
    Leek and Mustard Pie
    4.8 from 132 votes
    By Somebody, 12 March
    I grew up by the sea, and we made this pie every Sunday when the boats came in.
    Prep time: 20 mins
    Advertisement
    Ingredients
    1x 2x 3x
    For the pastry
    ▢ 225g plain flour
    ▢ 110g cold butter, diced
    ▢ 50 ml cold water
    For the filling
    ▢ 3 leeks, sliced
    ▢ 40g plain flour
    ▢ 400ml milk
    Instructions
    1. Rub the butter into the flour.
    2. Bake at 190°C for 35 minutes in a 23cm dish.
    Nutrition
    Calories: 540kcal | Fat: 32g
    Comments
    Somebody says: I used 200g flour and it was lovely!
    You may also like
    Beef stew
  PAGE

  it "keeps of a page its recipe alone" do
    recipe = read(page, system: "uk")
    expect([recipe.title, recipe.ingredients.length, recipe.ingredients.all?(&:understood)]).to eq [
      "Leek and Mustard Pie",
      6,
      true
    ]
    expect(recipe.steps.map(&:text).join(" ")).to include("23cm dish").and(
      satisfy { |words| !words.match?(/Calories|lovely|stew|boats/) }
    )
  end

  it("takes a heading that a verb begins for the heading it is") do
    expect(
      read("Lasagne\nSheets: 280 g flour, 3 eggs\nLayer: 500 g spinach, 250 g ricotta").ingredients.map(&:part).uniq
    ).to eq %w[Sheets Layer]
  end
  it("takes one spoon of flour in its milk") do
    expect(found[self, "2 tbsp flour in 400 ml milk"]).to eq [["wheat_flour", 15.2], ["whole_milk", 412.5]]
  end
  it("says which of two things to choose from it took") do
    expect(read("2 tbsp cornstarch or 4 tbsp flour\n1 cup milk").warnings.map(&:code)).to include("choice")
  end
  it("asks what a slip was to be") do
    expect(read("Gravy\n30 g plain fIour\n30 g buttter\n500 ml stock").warnings.map(&:text).join).to include(
      "did you mean flour?",
      "did you mean butter?"
    )
  end
  it("tells an address what to do") do
    expect { read("https://example.org/leek-pie") }.to raise_error(Restauro::InvalidInput, /copy the whole page/)
  end
  it("tells a question what to do") do
    expect { read("How do I make gravy without flour?") }.to raise_error(
      Restauro::InvalidInput,
      /there is no recipe in.*type lines such as/
    )
  end

  describe Restauro::Recipes::UnitClues do
    american = "Gravy\n1 stick butter\n1/2 cup all-purpose flour\n4 cups broth"
    british = "Crumble\n1 cup plain flour\n2 oz caster sugar\n100 g butter"

    it("hears an American recipe whatever the setting") do
      expect(%w[us uk metric au].map { |setting| described_class.system(american, setting) }).to eq %w[us us us us]
    end
    it("hears a British one under the American setting, and leaves the others") do
      expect(%w[us uk metric au].map { |setting| described_class.system(british, setting) }).to eq %w[uk uk metric au]
    end
    it("keeps the setting where both speak, or none") do
      expect(
        [american + "\n50 g caster sugar", "1 cup flour\n1 cup milk\n1 cup stock"].map do |text|
          described_class.system(text, "metric")
        end
      ).to eq %w[metric metric]
    end
  end

  describe Restauro::Recipes::Written do
    pie =
      "Leek pie\nPastry: 240 g plain flour, 120 g butter, 55 ml water\nSauce: 45 g butter, 30 g plain flour, 450 ml " \
"milk\nLeeks: 600 g leeks"
    cli = ->(format) do
      Restauro::CommandLine::RecipeCommand.new("swap", Restauro::CommandLine::World.new(StringIO.new(pie))).answer(
        ["-", "--units", "uk", "--format", format]
      )
    end

    it("comes back from JSON-LD, Markdown and its own text with the same grams in the same parts", :long) do
      first = JSON.parse(cli["json"])["swap"]["lines"].map { |line| [line["part"], line["ingredient"], line["grams"]] }
      [cli["jsonld"], cli["md"]].each do |text|
        again =
          read(text, system: "uk").ingredients.map { |line| [line.part, line.ingredient, line.grams&.value&.round(1)] }
        expect(again).to eq first
      end
    end

    it("is a table for a spreadsheet") do
      expect(CSV.parse(cli["csv"], headers: true).map { |row| row["part"] }.uniq).to eq %w[Pastry Sauce Leeks]
    end
  end
end
