# The cereals and hidden sources are those of the allergen lists and common practice; nothing is ever called free.
RSpec.describe Restauro::GlutenWords do
  words = described_class.load
  finding = ->(text) { words.find(text).first&.finding }

  [
    "2 tbsp soy sauce",
    "1 bottle stout",
    "300 ml beer",
    "1 tbsp malt vinegar",
    "malted barley syrup",
    "50 g breadcrumbs",
    "serve on toast",
    "-soy sauce",
    "beer-braised onions",
    "100g pearl barley",
    "rye bread",
    "panko",
    "couscous",
    "spelt",
    "4 sesame buns",
    "1 pack wonton wrappers",
    "4 fish fingers",
    "barley malt syrup",
    "2 Scheiben Blutwurst",
    "200 g de morcilla"
  ].each { |text| it("#{text}: contains") { expect(finding[text]).to eq "contains" } }

  [
    "1 stock cube",
    "bouillon powder",
    "250 ml chicken stock",
    "1 tsp mustard powder",
    "1 tsp grain mustard",
    "sausages",
    "worcestershire sauce",
    "oat drink",
    "curry powder",
    "tamari",
    "6 corn tortillas",
    "gluten-free soy sauce",
    "gluten-free breadcrumbs",
    "100 g Haferflocken",
    "80 g de flocons d'avoine"
  ].each { |text| it("#{text}: read the label") { expect(finding[text]).to eq "check" } }

  [
    "200 g buckwheat flour",
    "glutinous rice flour",
    "maltodextrin",
    "ginger beer",
    "mustard seeds",
    "homemade stock",
    "2 cups milk",
    "butter",
    "salt",
    "corn starch",
    "rice noodles",
    "strong bread flour",
    "un filo d'olio extravergine"
  ].each { |text| it("#{text}: nothing found") { expect(finding[text]).to be_nil } }
end
