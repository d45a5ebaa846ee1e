# frozen_string_literal: true

# Marks that a text carries and a cook does not read: bullets, bold, notes, buttons, capitals that are missing. Common
# practice.
RSpec.describe Restauro::Recipes::Outline do
  things = ->(spec, text, system = "uk") do
    lines = spec.read(text, system: system).ingredients
    lines.map { |line| [line.part, line.ingredient || line.kind, line.grams&.value&.round] }
  end
  sauce = [[nil, "butter", 40], [nil, "wheat_flour", 40]]

  {
    "a heading in square brackets" => "Pie\n[Filling]\n40 g butter\n40 g flour",
    "a heading between stars" => "Pie\n**Filling**\n40 g butter\n40 g flour",
    "a heading of a marked up text" => "Pie\n## Filling\n* 40 g butter\n* 40 g flour",
    "a heading in small letters below such a title" => "leek pie\nfilling\n40 g butter\n40 g flour",
    "the ingredients for a part" => "Pie\nIngredients for the filling:\n40 g butter\n40 g flour"
  }.each do |what, text|
    it("reads #{what} as its part's name") do
      expect(things[self, text].map(&:first).uniq.join).to match(/\A(?:for the )?filling\z/i)
    end
  end

  {
    "Step 1" => "Step 1\nMelt the butter.", "Schritt 1" => "Schritt 1\nDie Butter schmelzen.",
    "Étape 2/3" => "Étape 2/3\nFaire fondre.", "Procedimento" => "Procedimento\nSciogliere il burro.",
    "Notes" => "Notes\nKeeps two days.\nWith 20 g more butter it is richer.", "Tips & tricks" => "Tips & tricks\nServe hot.",
    "a button" => "Share this recipe", "another" => "Print recipe"
  }.each do |what, behind|
    it("takes nothing below #{what} for a thing of the list") do
      expect(things[self, "White sauce\n40 g butter\n40 g flour\n#{behind}"]).to eq sauce
    end
  end

  it("takes notes above a list for no method") do
    expect(things[self, "White sauce\nNotes\nA quick one.\n40 g butter\n40 g flour"]).to eq sauce
  end

  {
    "schupfnudeln mit sauerkraut" => "600 g kartoffeln", "battered sausages" => "8 sausages",
    "macaroni cheese" => "200 g macaroni", "farfalle" => "300 g flour", "kalbsgeschnetzeltes" => "500 g kalbfleisch"
  }.each do |title, first|
    it("reads '#{title}' as a title, though it has no capital") do
      expect(read("#{title}\n#{first}\n100 g flour", system: "uk").title).to eq title
    end
  end

  {"butter" => "40 g flour", "salt and pepper" => "40 g flour", "vegetable oil" => "100 g onions"}.each do |thing, more|
    it("reads '#{thing}' above a list as one of its things") do
      expect(read("#{thing}\n#{more}\n500 ml milk", system: "uk").ingredients.map(&:text)).to include thing
    end
  end

  [
    "Apple pie - serves 4", "Apple pie (serves 4-6)", "Apple pie for 4 people", "Apple pie, for 6",
    "Apple pie für 4 Personen"
  ].each do |title|
    it("names the dish of '#{title}' without who eats it") do
      expect(read("#{title}\n200 g flour\n100 g butter").title).to eq "Apple pie"
    end
  end

  it "takes the ends of lines that a program writes for ends of lines" do
    expect(read('White sauce\n40 g butter\n40 g flour\n500 ml milk').ingredients.map(&:text))
      .to eq ["40 g butter", "40 g flour", "500 ml milk"]
  end
end
