# What a method says of other days and other appliances, as pages have it (common practice).
RSpec.describe Restauro::Recipes::Afterwards do
  entry = ->(text) { Restauro::Recipes::Outline::Entry.new(text, :step) }
  told = ->(text, first: false) { described_class.told(entry[text], first: first)&.text }

  [
    "Leftovers keep for 3 days in the fridge.", "Reheat in a 180C oven for 15 minutes.", "To freeze, wrap it well.",
    "Can be made a day ahead.", "Bake from frozen at 200C.", "Make ahead: chill it overnight, then bake.",
    "Air fryer: 200C for 12 minutes.", "Alternatively, bake at 200C for 20 minutes.", "Keep warm in a 100C oven.",
    "Preheat the oven to 200°F.", "You can swap the butter for oil.", "Im Ofen bei 80 °C warm halten.",
    "Garder au chaud dans le four à 80°C.", "In an air fryer, 12 minutes at 190C."
  ].each { |text| it("leaves out '#{text}'") { expect(told[text]).to be_nil } }

  [
    "Reheat the oil to 180C and fry again for 2 minutes.", "Reheat the gravy and pour it over.",
    "Freeze the butter for 30 minutes, then grate it.", "Refrigerate the dough for 1 hour or up to 2 days.",
    "Bake in a low oven at 110C for 2 hours.", "Transfer to a 200C oven and bake for 10 minutes.",
    "Fry 3 minutes, drain and keep warm.", "You can use the same pan for the gravy."
  ].each { |text| it("keeps '#{text}'") { expect(told[text]).to eq text } }

  it "keeps what is told of the dish beside it" do
    expect(told["Fry 3 minutes a side, and keep warm in a low oven (100C). Serve at once."])
      .to eq "Fry 3 minutes a side. Serve at once."
  end

  it "takes the first sentence of a method for its own way" do
    expect([true, false].map { |first| told["In an air fryer, cook for 12 minutes.", first: first] })
      .to eq ["In an air fryer, cook for 12 minutes.", nil]
  end

  it "ends a text at a heading for storage behind its list, and at none before" do
    lines = ["Pie", "Storage", "200 g flour", "Bake it.", "Storage", "Chill it."]
    expect(described_class.lines(lines, 2)).to eq lines.take(4)
  end
end
