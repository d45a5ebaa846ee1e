# A line in the wrong part is moved by the cook, and stays so.
RSpec.describe Restauro::Dishes::Moved do
  text =
    "Leek pie\n\nPastry:\n200 g flour\n100 g butter\n50 ml water\n30 g cheddar\n\nSauce:\n40 g butter\n40 g " \
"flour\n500 ml milk"
  dish = ->(spec, part, line, given = {}) do
    Restauro::Dishes::Partition.of(
      spec.read(text, system: "uk", corrections: [Restauro::Recipes::Correction.new(text: line, part: part)]),
      spec.catalogue,
      given: given
    )
  end
  lines = ->(dish) { dish.parts.to_h { |part| [part.name, [part.family, part.lines.map(&:text)]] } }

  it "goes into the part that is named" do
    expect(lines[dish[self, "sauce", "30 g cheddar"]]).to eq(
      "Pastry" => ["crust", ["200 g flour", "100 g butter", "50 ml water"]],
      "Sauce" => ["sauce", ["40 g butter", "40 g flour", "500 ml milk", "30 g cheddar"]]
    )
  end

  it("makes a part of its own") do
    expect(lines[dish[self, "On top", "30 g cheddar"]]["On top"]).to eq [nil, ["30 g cheddar"]]
  end
  it("leaves a line that is named where it is") do
    expect(lines[dish[self, "Pastry", "30 g cheddar"]]["Pastry"].last).to include("30 g cheddar")
  end
  it("loses no line") { expect(dish[self, "On top", "30 g cheddar"].parts.sum { |part| part.lines.length }).to eq 7 }
  it("tells a part anew where its flour went") do
    expect(lines[dish[self, "Thick", "40 g flour"]].transform_values(&:first)).to include("Sauce" => nil)
  end
  it("takes the cook's word for what the new part is") do
    expect(lines[dish[self, "Thick", "40 g flour", "Thick" => "sauce"]]["Thick"].first).to eq "sauce"
  end
end
