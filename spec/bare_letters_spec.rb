RSpec.describe Restauro::BareLetters do
  it("writes an umlaut in two letters and in one") { expect(described_class.spellings("möhre")).to eq %w[mohre moehre] }
  it("writes a stroke and an accent in one") { expect(described_class.spellings("łosoś")).to eq ["losos"] }
  it("leaves what has none alone") { expect(described_class.spellings("carrot")).to eq [] }

  it("knows a name by its bare spellings too") do
    expect(described_class.beside({"möhre" => 1})).to eq({"möhre" => 1, "mohre" => 1, "moehre" => 1})
  end

  it("never takes a name from what has it") do
    expect(described_class.beside({"pâtes" => 1, "pates" => 2})).to eq({"pâtes" => 1, "pates" => 2})
  end

  it("leaves out what is too short to tell") { expect(described_class.beside({"løg" => 1}).keys).to eq %w[løg loeg] }
  it("leaves out what is a word of its own") { expect(described_class.beside({"rosé" => 1}).keys).to eq %w[rosé] }

  {
    "gemüse" => %w[gemüse gemuse gemuese],
    "k(?:ö|o)chen" => %w[köchen kochen koechen],
    "f(?:ü|ue)llung" => %w[füllung fullung fuellung],
    "préparer" => %w[préparer preparer]
  }.each do |words, written|
    it("finds #{words} however it is typed") do
      expect(written.grep_v(/\A#{described_class.pattern(words)}\z/)).to eq []
    end
  end

  it("keeps a list of letters as it is") { expect(described_class.pattern("[éèàâ]+")).to eq "[éèàâ]+" }
  it("keeps a short word as it is") { expect(described_class.pattern("dés")).to eq "dés" }
  it("keeps a word that is another without its accents") { expect(described_class.pattern("rôti")).to eq "rôti" }
end
