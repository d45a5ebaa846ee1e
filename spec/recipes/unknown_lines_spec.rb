# Lines of what nobody knows, and of what is at hand and never eaten (common practice).
RSpec.describe Restauro::Recipes::UnknownLines do
  it "counts what is plainly poured as so much water, and says to read its label" do
    read = line("400 ml zorblewater", system: "uk")
    expect([read.ingredient, read.role, read.grams.value.round]).to eq ["other_liquid", "liquid", 401]
    expect(read.warnings.map(&:text).join).to match(/counted as so much water; read its label/)
  end

  it "counts nothing by cups and spoons, nor a dash of it" do
    found = ["1 cup zorble", "3 tbsp zorble", "20 ml zorble"].map { |text| line(text, system: "uk") }
    expect(found.map { |read| [read.understood, read.grams] }.uniq).to eq [[false, nil]]
  end

  it "asks whether a liquid was meant that is spelt nearly so" do
    expect(line("500 ml mlik", system: "uk").warnings.map(&:text).join).to match(/did you mean milk/)
  end

  it "says of an unknown liquid, by whatever family, that its label is to be read" do
    warned = answer("Gravy\n30 g butter\n30 g flour\n400 ml zorblewater").warnings.map(&:code)
    expect(warned).to include("check_label")
  end

  ["8 wooden skewers", "cocktail sticks", "a 23 cm tart tin", "baking parchment", "kitchen string", "8 Holzspieße",
   "papier cuisson", "nonstick cooking spray"].each do |text|
    it("takes #{text} for no food") { expect(line(text).words?).to be true }
  end

  ["8 sticks celery", "2 sticks butter", "4 cinnamon sticks", "300 g string beans", "1 tin tomatoes"].each do |text|
    it("takes #{text} for food") { expect(line(text).words?).to be false }
  end
end
