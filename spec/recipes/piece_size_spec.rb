# Household weights of the US Department of Agriculture, from memory: an onion 70, 110 and 150 g, a potato 170, 213 and
# 369 g, a courgette 118, 196 and 323 g, small, medium and large.
RSpec.describe Restauro::Recipes::PieceSize do
  ratios = {"small" => [0.6, 0.8], "large" => [1.36, 1.73]}
  ratios.each do |word, (least, most)|
    it "a #{word} one is within a tenth of what such weights say" do
      expect(described_class.times("2 #{word} onions")).to be_between(0.9 * least, 1.1 * most)
    end
  end

  ["2 cipolle grandi", "2 grosses pommes de terre", "2 große Zwiebeln", "2 patatas grandes", "2 stora lökar",
   "- 2 extra large onions", "1-2 large onions"].each do |text|
    it("reads #{text}") { expect(described_class.times(text)).to be > 1 }
  end

  ["2 onions", "2 medium onions", "2 onions, cut in large chunks", "a large handful of spinach",
   "2 onions (large is fine)"].each do |text|
    it("takes #{text} as usual") { expect(described_class.times(text)).to eq 1 }
  end

  it "makes eggs no heavier, which are sorted, and weighs new potatoes as they are" do
    texts = ["3 large eggs", "3 large potatoes", "12 small new potatoes", "500 g small prawns"]
    found = texts.map { |text| line(text).grams.value.round }
    expect(found).to eq [150, 678, 600, 500]
  end
end
