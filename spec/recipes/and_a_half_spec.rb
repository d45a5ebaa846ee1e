# A part that stands behind its measure.
RSpec.describe Restauro::Recipes::AndAHalf do
  {
    "a pint and a half of milk" => "1 1/2 pint of milk", "1 cup and a quarter of flour" => "1 1/4 cup of flour",
    "2 pounds and a half of potatoes" => "2 1/2 pounds of potatoes", "1 lb and 1/2 potatoes" => "1 1/2 lb potatoes"
  }.each { |said, in_front| it("reads '#{said}'") { expect(described_class.in_front(said)).to eq in_front } }

  ["1 cup and 1/2 tsp salt", "a pint and half a lemon", "one and a half pints"]
    .each { |line| it("leaves '#{line}'") { expect(described_class.in_front(line)).to eq line } }
end
