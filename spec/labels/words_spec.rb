# Words for gluten that were printed or scanned with one letter wrong.
RSpec.describe Restauro::Labels::Misspellings do
  slip = ->(word, target = "gluten") { described_class.one_slip?(word, target) }

  {
    "glutn" => "a letter left out",
    "gluteen" => "one put in",
    "glutan" => "one changed",
    "gultne" => nil,
    "glutne" => "two swapped",
    "guten" => "one left out in the middle",
    "gluten" => nil,
    "glten" => "one left out",
    "glu" => nil,
    "glutenses" => nil,
    "xluten" => "the first changed",
    "lguten" => "the first two swapped",
    "glutenx" => "one at the end",
    "gxutxn" => nil,
    "ulgten" => nil
  }.each { |word, what| it("#{word} is #{what || "no slip"} of gluten") { expect(slip[word]).to be !what.nil? } }

  it "is the same from either side" do
    pairs = [%w[wheat whaet], %w[barley barly], %w[malt malts], %w[wheat wheta], %w[rye wheat]]
    expect(pairs.map { |one, other| [slip[one, other], slip[other, one]] }).to eq [
      [true, true],
      [true, true],
      [true, true],
      [true, true],
      [false, false]
    ]
  end

  it "is sure of the usual slips, not of others, and takes no plain word for one" do
    found = ->(text) { described_class.new.in(text).map { |one| [one.meant, one.sure] } }
    expect([found["wheet"], found["barlei"], found["barely a trace of salt"]]).to eq [
      [["wheat", true]],
      [["barley", false]],
      []
    ]
    expect(found["wheet and barlei"]).to contain_exactly(["wheat", true], ["barley", false])
  end
end

RSpec.describe Restauro::Labels::Languages do
  languages =
    described_class.new(
      %w[wheat rice],
      table: {
        "words" => {
          "en" => %w[salt sugar cherries]
        },
        "least_share" => "0.5"
      }
    )

  {
    "salt sugar" => true,
    "salt moondust" => true,
    "salt moondust stardust" => false,
    "12 345" => false,
    "" => false,
    "salts rice" => true,
    "cherrie zzz" => true,
    "на соль" => false
  }.each do |text, read|
    it("#{text.inspect} #{read ? "is read" : "is not read"}") { expect(languages.read?(text)).to be read }
  end

  # Half of its letters Latin is Latin enough; one fewer is not.
  it("is read where as many letters are Latin as are not") do
    expect([languages.read?("salt соль"), languages.read?("salt сольь")]).to eq [true, false]
  end
end

RSpec.describe Restauro::Labels::Mark do
  mark = ->(start, finish) { described_class.new(start: start, end: finish, text: "", kind: "ask", why: "") }

  it("covers what lies in it, to its very ends, and nothing that sticks out on either side") do
    expect([[2, 8], [3, 7], [1, 8], [2, 9], [1, 9]].map { |from, to| mark[2, 8].covers?(mark[from, to]) }).to eq [
      true,
      true,
      false,
      false,
      false
    ]
  end
end

RSpec.describe Restauro::Labels do
  marks = ->(key) do
    described_class
      .marks(Reference::Helpers::CATALOGUE.fetch(key), "a line")
      .map { |warning| [warning.code, warning.text] }
  end

  it("marks what holds gluten, what needs its label read, and leaves the rest") do
    expect([marks["wheat_flour"], marks["white_rice_flour"], marks["gf_other"]]).to match(
      [[["gluten_in_line", /holds gluten/]], [], [["check_label", /label/]]]
    )
  end
end

RSpec.describe Restauro::Labels::Phrases do
  it "a warning goes to the end of its sentence, and no further" do
    text = "Rice. May contain wheat. Packed in a clean room."
    range = described_class.new.precautions(text).first
    expect(text[range]).to eq "May contain wheat"
  end

  it("a warning that nothing ends goes to the end") do
    expect(
      "Rice. May contain wheat".then { |text| text[described_class.new.precautions(text).first] }
    ).to eq "May contain wheat"
  end
end

RSpec.describe Restauro::Labels::Words do
  # Labels are printed in capitals as often as not.
  whole = ->(text) { described_class.shared.hits(text).any? { |hit| [hit.start, hit.end] == [0, text.length] } }

  it "finds every word of its table in small letters and in capitals, accents and all", :long do
    words = described_class.shared.all
    expect(words.length).to be > 500
    expect(words.map { |word| [word.downcase, word.upcase] }.reject { |forms| forms.all?(&whole) }).to eq []
  end

  {
    "SUCRE, AMIDON DE BLÉ, SEL" => "contains",
    "ÉPEAUTRE, SEL" => "contains",
    "EAU, BIÈRE" => "contains",
    "CÉRÉALES, SEL" => "may_contain",
    "SEL, FARINE DE BLÉ NOIR" => "none_found",
    "WEIZENSTÄRKE, SALZ" => "contains"
  }.each do |text, finding|
    it("#{text} is read in capitals: #{finding}") do
      expect(Restauro::Labels::Reader.new.read(text, sold_in: "eu").finding).to eq finding
    end
  end

  hit = ->(start, finish, wild = false) { described_class::Hit.new(start, finish, Struct.new(:wild).new(wild), nil) }

  it("keeps hits that touch, and drops those inside") do
    expect(
      described_class.leftmost_longest([hit[0, 5], hit[5, 8], hit[2, 4]]).map { |one| [one.start, one.end] }
    ).to eq [[0, 5], [5, 8]]
  end
  it("takes a whole word before a wildcard of the same length") do
    expect(described_class.leftmost_longest([hit[0, 5, true], hit[0, 5, false]]).first.row.wild).to be false
  end
end

RSpec.describe Restauro::Labels::Reader do
  read = ->(text) { described_class.new.read(text, sold_in: "eu") }

  it "asks of the first four of what must be asked about", :long do
    verdict =
      read[
        "Rice, flavouring, maltodextrin, seasoning, yeast extract, natural flavors, spices, modified starch, caramel " \
"colour, dextrin"
      ]
    asked = verdict.marks.select { |mark| mark.kind == "ask" }.map { |mark| mark.text.downcase }.uniq
    expect([asked.length, asked.map { |word| verdict.advice.downcase.include?(word) }]).to match(
      [be > 4, [true] * 4 + [false] * (asked.length - 4)]
    )
  end

  it("a starch of wheat is told to who cannot have wheat, a starch of maize is not", :long) do
    expect(
      [read["Gluten-free wheat starch, salt"], read["Maize starch, salt"]].map do |one|
        one.advice.match?(/wheat allergy/i)
      end
    ).to eq [true, false]
  end
end
