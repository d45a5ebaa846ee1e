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
    expect(read(recipe).lines.map(&:role)).to eq %w[title title title flour fat title liquid liquid other title step step]
  end

  it("keeps the parts") { expect(read(recipe).lines.select(&:counted?).map(&:part)).to eq ["For the roux", "For the roux", "For the rest", "For the rest"] }
  it("never counts a step") { expect(read(recipe).lines.last.grams).to be_nil }
  it("marks gluten where it stands") { expect(read(recipe).warnings.find { |w| w.code == "gluten_in_line" }.line).to eq "1 tbsp soy sauce" }
  it("marks gluten that only a step names") { expect(read("2 cups milk\n\nMethod\nServe on toast.").warnings.map(&:code)).to eq ["gluten_in_line"] }
  it("reads bullets without a space") { expect(read("-2 cups milk\n-3 tbsp flour").lines.map(&:ingredient)).to eq %w[whole_milk wheat_flour] }
  it("refuses one amount below zero") { expect { read("-2 cups milk") }.to raise_error(Restauro::InvalidInput, /-2 cups milk/) }
  it("refuses an empty recipe") { expect { read(" \n ") }.to raise_error(Restauro::InvalidInput, /empty/) }
  it("refuses what is no recipe") { expect { read("hello there\nworld") }.to raise_error(Restauro::InvalidInput, /type lines such as/) }
  it("reads its own text again") { expect(read(read(recipe).to_text).ingredients.map(&:grams)).to eq read(recipe).ingredients.map(&:grams) }

  describe "corrections" do
    def corrected(text, **changes) = read(text, corrections: [Restauro::Recipes::Correction.new(**changes)])

    it "put one line right and leave its text" do
      found = corrected("2 cups milk\n2 cups unobtainium", text: "2 cups unobtainium", ingredient: "stock", grams: 480.0).lines.last
      expect([found.text, found.ingredient, found.grams.value, found.role, found.understood, found.corrected]).to eq ["2 cups unobtainium", "stock", 480.0, "liquid", true, true]
    end

    it("weigh the amount again for another ingredient") { expect(corrected("1 cup flour\n1 cup milk", text: "1 cup flour", ingredient: "corn_starch").lines.first.grams.value.round(3)).to eq 120.0 }
    it("find the second of two equal lines") { expect(corrected("1 cup milk\n1 cup milk", text: "1 cup milk", occurrence: 1, grams: 9.0).lines.map { |l| l.grams.value.round }).to eq [244, 9] }
    it("leave a line out") { expect(corrected("1 cup milk\n1 cup stock", text: "1 cup stock", left_out: true).lines.last.counted?).to be false }
    it("of a line that is gone do nothing") { expect(corrected("1 cup milk", text: "1 cup rum", grams: 5.0).lines.map(&:corrected)).to eq [false] }
    it("refuse what cannot be") { expect { Restauro::Recipes::Correction.new(text: "x", grams: -1.0) }.to raise_error(Restauro::InvalidInput) }
  end

  describe "schema.org Recipe" do
    json = {"@context" => "https://schema.org", "@graph" => [{"@type" => "WebPage"}, {"@type" => ["Recipe"], "name" => "Leek cream &amp; chives", "recipeIngredient" => ["2 cups milk", "3 tbsp flour"],
                                                                                     "recipeInstructions" => [{"@type" => "HowToSection", "itemListElement" => [{"@type" => "HowToStep", "text" => "Boil 5 cups water."}]}]}]}

    it "reads a graph, with names and steps" do
      expect(read(JSON.generate(json)).lines.map { |l| [l.text, l.role] }).to eq [["Leek cream & chives", "title"], ["2 cups milk", "liquid"], ["3 tbsp flour", "flour"], ["Boil 5 cups water.", "step"]]
    end

    it "reads an HTML page that holds it" do
      expect(read("<!doctype html><p>1 cup rum</p><script type='application/ld+json'>{broken</script><script type=\"application/ld+json\">#{JSON.generate(json)}</script>").ingredients.length).to eq 2
    end

    it "reads what it writes" do
      written = Restauro::Recipes::JsonLd.write(name: "Cream", ingredients: ["1 cup milk"], steps: ["Boil."])
      expect(read(JSON.generate(written)).lines.map(&:text)).to eq ["Cream", "1 cup milk", "Boil."]
    end

    it("says what broken JSON needs") { expect { read("{\"a\": ") }.to raise_error(Restauro::InvalidInput, /does not parse/) }
    it("says when JSON holds no recipe") { expect { read("[{\"@type\": \"Person\"}]") }.to raise_error(Restauro::InvalidInput, /@type/) }
    it("says when a page holds no recipe") { expect { read("<html></html>") }.to raise_error(Restauro::InvalidInput, /no schema.org Recipe/) }
  end
end
