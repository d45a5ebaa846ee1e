RSpec.describe Restauro::Numbers do
  {
    "1 1/2 cups" => [1.5, 1.5, 1.5],
    "½ tsp" => [0.5, 0.5, 0.5],
    "1 and 1/2 cups" => [1.5, 1.5, 1.5],
    "1½ cups" => [1.5, 1.5, 1.5],
    "1-1/2 cups" => [1.5, 1.5, 1.5],
    "1 ½ cups" => [1.5, 1.5, 1.5],
    "2-3 tbsp" => [2.5, 2, 3],
    "1 to 2 tbsp" => [1.5, 1, 2],
    "1–2 tbsp" => [1.5, 1, 2],
    "2 or 3 eggs" => [2.5, 2, 3],
    "1,5 dl" => [1.5, 1.5, 1.5],
    "1,000 g" => [1000, 1000, 1000],
    "half a cup" => [0.5, 0.5, 0.5],
    "a cup" => [1, 1, 1],
    "one and a half cups" => [1.5, 1.5, 1.5],
    "three tbsp" => [3, 3, 3],
    "⅔ cup" => [2 / 3.0] * 3,
    ".5 cup" => [0.5, 0.5, 0.5],
    "250ml" => [250, 250, 250]
  }.each do |text, expected|
    it "reads #{text}" do
      number, = described_class.read(described_class.plain(text))
      expect(number.to_a).to match(expected.map { |n| be_within(1e-9).of(n) })
    end
  end

  it("finds no number in words") { expect(described_class.read("salt to taste")).to be_nil }
  it("leaves the rest of the text") do
    expect(described_class.read("2-3 tbsp double cream").last.strip).to eq "tbsp double cream"
  end
  it("refuses a division by zero") do
    expect { described_class.read("1/0 cup") }.to raise_error(Restauro::InvalidInput, %r{1/0})
  end
  it("refuses less than nothing") do
    expect { described_class.read("-2 cups") }.to raise_error(Restauro::InvalidInput, /below zero/)
  end
end
