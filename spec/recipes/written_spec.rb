require "csv"

# A recipe written down for others, and read again.
RSpec.describe Restauro::Recipes::Written do
  entry = ->(text, part: nil, understood: true, **more) do
    none = {grams: nil, measure: nil, ingredient: nil}
    described_class::Entry.new(text: text, part: part, understood: understood, **none, **more)
  end
  act = described_class::Act
  of = ->(lines: nil, **more) do
    described_class.new(
      title: "Leek pie",
      lines: lines ||
        [entry["50 g butter", part: "Sauce", grams: 50.0, ingredient: "butter"],
         entry["400 ml milk", part: "Sauce", grams: 412.0, ingredient: "whole_milk", measure: "1 2/3 cups"],
         entry["1 whim", part: "Crust", understood: false]],
      steps: [act.new(text: "Melt it.", minutes: 2.5, look_for: "it foams", caution: "Hot."),
              act.new(text: "Pour.")],
      **more
    )
  end

  it "heads the lines of each part once, in plain text" do
    expect(of[].to_text.lines.map(&:chomp)).to include("Sauce:", "50 g butter", "Crust:")
  end

  it "heads no lines where a recipe has no parts" do
    expect(of[lines: [entry["50 g butter"]]].to_text).to start_with("Leek pie\n\nIngredients:\n50 g butter\n\nMethod:")
  end

  it "marks what was not understood" do
    expect(of[].to_text).to include("1 whim   [not understood, not counted]")
  end

  it "numbers its steps, with minutes, what to look for, and what to beware of" do
    expect(of[].to_text).to include("1. 2.5 min: Melt it. Look for: it foams. Hot.\n2. Pour.\n")
  end

  it "says nothing of no minutes" do
    expect(act.new(text: "Serve.", minutes: 0.0).words).to eq "Serve."
  end

  it "puts a note and its warnings into Markdown, where there are some" do
    bare, full = [of[], of[note: "For guests.", warnings: ["cubes: read the label"]]].map(&:to_markdown)
    expect([bare, full])
      .to match([not_include("## Read this"), include("# Leek pie\n\nFor guests.\n", "- cubes: read the label")])
  end

  it "never calls it gluten free" do
    expect([of[].to_text, of[].to_markdown]).to all(include("nothing here is called gluten free"))
  end

  it "gives a spreadsheet a row for each line, grams to a tenth" do
    rows = CSV.parse(of[].to_csv, headers: true)
    expect(rows.map { |row| row.fields("part", "grams", "ingredient") })
      .to eq [%w[Sauce 50.0 butter], %w[Sauce 412.0 whole_milk], ["Crust", nil, nil]]
  end

  describe "as a schema.org Recipe" do
    it "has the names and the form of schema.org/Recipe" do
      expect(of[servings: 4, minutes: 61.6].to_json_ld)
        .to include("@type" => "Recipe", "name" => "Leek pie", "recipeYield" => "4", "totalTime" => "PT62M")
    end

    it "says nothing of what it does not know" do
      expect(of[].to_json_ld.keys & %w[recipeYield totalTime description disambiguatingDescription]).to be_empty
    end

    it "heads its ingredients by part" do
      expect(of[].to_json_ld["recipeIngredient"]).to eq ["Sauce:", "50 g butter", "400 ml milk", "Crust:", "1 whim"]
    end
  end

  it "reads back as the recipe that it is" do
    again = read(of[lines: [entry["50 g butter"], entry["50 g flour"], entry["400 ml milk"]]].to_text)
    expect(again.ingredients.map(&:ingredient)).to eq %w[butter wheat_flour whole_milk]
  end
end
