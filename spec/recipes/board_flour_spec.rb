# Flour for the board on a line of its own (common practice).
RSpec.describe Restauro::Recipes::BoardFlour do
  board = ->(spec, text) { described_class.among(spec.read(text, system: "uk")).map { |line| line.text.strip } }
  pastry = "Leek pie\n200 g plain flour\n100 g butter\n"

  ["flour, for dusting", "flour for the work surface", "extra flour", "plain flour, to roll out", "Mehl für die " \
   "Arbeitsfläche", "semolina, for dusting"]
    .each { |line| it("finds '#{line}'") { expect(board[self, "#{pastry}#{line}"]).to eq [line] } }

  it "finds none where it is all the flour there is, or is weighed" do
    texts = ["Veal\n4 veal escalopes\nflour, for dusting", "#{pastry}20 g flour, for dusting"]
    expect(texts.map { |text| board[self, text] }).to eq [[], []]
  end

  it "leaves to fish what it is dusted with, but for a pie's or beside crumbs" do
    fish = "4 cod fillets\n200 g flour\n275 ml beer\nflour, for dusting"
    texts = ["Battered fish\n#{fish}", "Fish pie\n#{fish}", "Fish\n#{fish}\n80 g breadcrumbs"]
    expect(texts.map { |text| board[self, text].length }).to eq [0, 1, 1]
  end
end
