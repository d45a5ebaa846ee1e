RSpec.describe Restauro::Recipes::Reader do
  recipe = <<~TEXT
    Chive cream

    Serves 4

    For the roux:
    - 3 tbsp flour
    - 40 g butter
    For the rest:
    * 500 ml milk
    1 tbsp soy sauce
    2 cups unobtainium

    Method
    1. Melt the butter.
    Whisk in 500 ml milk and boil.
  TEXT

  it "has every non-empty line once, in order, verbatim" do
    expect(read(recipe).lines.map(&:text)).to eq recipe.lines.map(&:chomp).reject(&:empty?)
  end

  it "tells titles, ingredients and steps apart" do
    expect(read(recipe).lines.map(&:role)).to eq %w[
      title
      title
      title
      flour
      fat
      title
      liquid
      liquid
      other
      title
      step
      step
    ]
  end

  it("keeps the parts") do
    expect(read(recipe).lines.select(&:counted?).map(&:part)).to eq [
      "For the roux",
      "For the roux",
      "For the rest",
      "For the rest"
    ]
  end
  it("never counts a step") { expect(read(recipe).lines.last.grams).to be_nil }
  it("marks gluten where it stands") do
    expect(read(recipe).warnings.find { |w| w.code == "gluten_in_line" }.line).to eq "1 tbsp soy sauce"
  end
  it("marks gluten that only a step names") do
    expect(read("2 cups milk\n\nMethod\nServe on toast.").warnings.map(&:code)).to eq ["gluten_in_line"]
  end
  it("reads bullets without a space") do
    expect(read("-2 cups milk\n-3 tbsp flour").lines.map(&:ingredient)).to eq %w[whole_milk wheat_flour]
  end
  it("refuses one amount below zero") do
    expect { read("-2 cups milk") }.to raise_error(Restauro::InvalidInput, /-2 cups milk/)
  end
  it("refuses an empty recipe") { expect { read(" \n ") }.to raise_error(Restauro::InvalidInput, /empty/) }
  it("refuses what is no recipe") do
    expect { read("hello there\nworld") }.to raise_error(Restauro::InvalidInput, /type lines such as/)
  end
  it("reads its own text again") do
    expect(read(read(recipe).to_text).ingredients.map(&:grams)).to eq read(recipe).ingredients.map(&:grams)
  end

  describe "corrections" do
    def corrected(text, **changes) = read(text, corrections: [Restauro::Recipes::Correction.new(**changes)])

    it "put one line right and leave its text" do
      found =
        corrected(
          "2 cups milk\n2 cups unobtainium",
          text: "2 cups unobtainium",
          ingredient: "stock",
          grams: 480.0
        ).lines.last
      expect([found.text, found.ingredient, found.grams.value, found.role, found.understood, found.corrected]).to eq [
        "2 cups unobtainium",
        "stock",
        480.0,
        "liquid",
        true,
        true
      ]
    end

    it("weigh the amount again for another ingredient") do
      expect(
        corrected("1 cup flour\n1 cup milk", text: "1 cup flour", ingredient: "corn_starch")
          .lines
          .first
          .grams
          .value
          .round(3)
      ).to eq 120.0
    end
    it("find the second of two equal lines") do
      expect(
        corrected("1 cup milk\n1 cup milk", text: "1 cup milk", occurrence: 1, grams: 9.0).lines.map do |l|
          l.grams.value.round
        end
      ).to eq [244, 9]
    end
    it("leave a line out") do
      expect(corrected("1 cup milk\n1 cup stock", text: "1 cup stock", left_out: true).lines.last.counted?).to be false
    end
    it("of a line that is gone do nothing") do
      expect(corrected("1 cup milk", text: "1 cup rum", grams: 5.0).lines.map(&:corrected)).to eq [false]
    end
    it("refuse what cannot be") do
      expect { Restauro::Recipes::Correction.new(text: "x", grams: -1.0) }.to raise_error(Restauro::InvalidInput)
    end
  end

  describe "schema.org Recipe" do
    json = {
      "@context" => "https://schema.org",
      "@graph" => [
        {"@type" => "WebPage"},
        {
          "@type" => ["Recipe"],
          "name" => "Leek cream &amp; chives",
          "recipeIngredient" => ["2 cups milk", "3 tbsp flour"],
          "recipeInstructions" => [
            {
              "@type" => "HowToSection",
              "itemListElement" => [{"@type" => "HowToStep", "text" => "Boil 5 cups water."}]
            }
          ]
        }
      ]
    }

    it "reads a graph, with names and steps" do
      expect(read(JSON.generate(json)).lines.map { |l| [l.text, l.role] }).to eq [
        ["Leek cream & chives", "title"],
        ["2 cups milk", "liquid"],
        ["3 tbsp flour", "flour"],
        ["Boil 5 cups water.", "step"]
      ]
    end

    it "reads an HTML page that holds it" do
      expect(
        read(
          "<!doctype html><p>1 cup rum</p><script type='application/ld+json'>{broken</script><script " \
"type=\"application/ld+json\">#{JSON.generate(json)}</script>"
        ).ingredients.length
      ).to eq 2
    end

    it "reads what it writes" do
      written = Restauro::Recipes::JsonLd.write(name: "Cream", ingredients: ["1 cup milk"], steps: ["Boil."])
      expect(read(JSON.generate(written)).lines.map(&:text)).to eq ["Cream", "1 cup milk", "Boil."]
    end

    it("says what broken JSON needs") do
      expect { read("{\"a\": ") }.to raise_error(Restauro::InvalidInput, /does not parse/)
    end
    it("says when JSON holds no recipe") do
      expect { read("[{\"@type\": \"Person\"}]") }.to raise_error(Restauro::InvalidInput, /@type/)
    end
    it("says when a page holds no recipe") do
      expect { read("<html></html>") }.to raise_error(Restauro::InvalidInput, /no recipe was found in this page/)
    end
    it "tells parts in a flat list, and one text of several lines" do
      flat = {
        "@type" => "Recipe",
        "name" => "Leek pie",
        "recipeIngredient" => [
          "For the pastry:",
          "240 g flour",
          "120 g butter",
          "For the sauce:",
          "40 g flour",
          "500 ml milk"
        ]
      }
      expect(read(JSON.generate(flat)).ingredients.map { |line| [line.part, line.text] }).to eq [
        ["For the pastry", "240 g flour"],
        ["For the pastry", "120 g butter"],
        ["For the sauce", "40 g flour"],
        ["For the sauce", "500 ml milk"]
      ]
      expect(
        read(
          JSON.generate(
            {
              "@graph" => [
                {"@type" => ["Recipe"], "name" => "Sauce", "recipeIngredient" => "40 g flour\n500 ml milk"}
              ]
            }
          )
        ).ingredients.map(&:text)
      ).to eq ["40 g flour", "500 ml milk"]
    end

    it "reads a page's own lists where it holds no JSON-LD" do
      page =
        "<nav><li>Home</li></nav><h1>Sauce</h1><ul><li>40 g <b>flour</b></li><li>500 ml " \
"milk</li></ul><h3>Method</h3><p>Whisk and boil.</p>"
      expect(read(page).then { |recipe| [recipe.title, recipe.ingredients.map(&:text), recipe.steps.length] }).to eq [
        "Sauce",
        ["40 g flour", "500 ml milk"],
        1
      ]
    end
  end
end

# The cook's own weight beside a count or a measure is the surer (common practice).
RSpec.describe Restauro::Recipes::OwnWeight do
  {
    "4 cod fillets of 150 g" => 600,
    "4 chicken breasts, about 180 g each" => 720,
    "24 cod fillets, 15 mm, 25 g each" => 600,
    "2 cod fillets (150 g each)" => 300,
    "4 cod fillets (600 g)" => 600,
    "3/4 cup (110 g) flour" => 110,
    "2 leeks, 300 g" => 300,
    "2 tins of 400 g tomatoes" => 800,
    "800 g celeriac, sliced, 2 of it grated" => 800,
    "3 carrots, sliced 2 mm thick" => 210
  }.each do |text, grams|
    it("reads '#{text}' as #{grams} g") do
      expect(read("#{text}\n1 cup milk", system: "uk").lines.first.grams.value).to be_within(0.5).of(grams)
    end
  end

  it "takes as much coat as pieces of that weight have surface" do
    family = Restauro::Families.fetch("breading", catalogue)
    crumbs = ->(line) do
      family
        .swap(read("#{line}\n80 g flour\n2 eggs\n900 g breadcrumbs"), family.options)
        .coats
        .find { |coat| coat.role == "crumb" }
        .grams
        .value
    end
    expect(crumbs["8 cod fillets, 15 mm, 100 g each"] / crumbs["8 cod fillets, 15 mm, 50 g each"]).to be_within(0.1).of(
      2
    )
  end
end
