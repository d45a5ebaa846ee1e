# frozen_string_literal: true

# How high the fat stands, in the words of recipes. An inch is 25.4 mm (GNU units); the phrases are common practice.
RSpec.describe Restauro::Recipes::FatDepth do
  {
    "1/2 inch oil for frying" => 13, "1 inch of oil" => 25, "2 cm sunflower oil" => 20, "1.5 cm d'huile" => 15,
    "½ inch lard" => 13, "Heat half an inch of oil in a pan." => 13, "Pour in oil to a depth of 2 cm." => 20,
    "vegetable oil, 1/2 inch deep" => 13, "2 cm hoch Öl zum Braten" => 20, "1 cm di olio per friggere" => 10
  }.each do |text, millimetres|
    it("is #{millimetres} mm in '#{text}'") { expect(described_class.mm(text)).to eq millimetres }
  end

  ["Brush with oil, roll out to 5 mm.", "Cut in 2 cm pieces and fry in oil.", "Roll into 6 inch rounds, oil the pan.",
   "3 cups oil"].each do |text|
    it("is none in '#{text}'") { expect(described_class.mm(text)).to be_nil }
  end

  it("is no amount of the fat") do
    oil = line("1/2 inch oil for frying")
    expect([oil.ingredient, oil.grams]).to eq ["neutral_oil", nil]
  end

  it("leaves a line alone that begins with another measure") do
    expect(described_class.bare("2 cm ginger, in oil")).to eq "2 cm ginger, in oil"
  end
end
