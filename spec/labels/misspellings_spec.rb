# Words for gluten that were printed or scanned with one letter wrong.
RSpec.describe Restauro::Labels::Misspellings do
  slip = ->(word, target = "gluten") { described_class.one_slip?(word, target) }

  {"glutn" => "a letter left out", "gluteen" => "one put in", "glutan" => "one changed", "gultne" => nil, "glutne" => "two swapped", "guten" => "one left out in the middle", "gluten" => nil, "glten" => "one left out",
   "glu" => nil, "glutenses" => nil, "xluten" => "the first changed", "lguten" => "the first two swapped", "glutenx" => "one at the end", "gxutxn" => nil, "ulgten" => nil}.each do |word, what|
    it("#{word} is #{what || "no slip"} of gluten") { expect(slip[word]).to be !what.nil? }
  end

  it "is the same from either side" do
    pairs = [%w[wheat whaet], %w[barley barly], %w[malt malts], %w[wheat wheta], %w[rye wheat]]
    expect(pairs.map { |one, other| [slip[one, other], slip[other, one]] }).to eq [[true, true], [true, true], [true, true], [true, true], [false, false]]
  end

  it "is sure of the usual slips only, and takes no plain word for one" do
    found = described_class.new
    expect(found.in("contains glutten").map { |one| [one.meant, one.sure] }.first).to eq ["gluten", true]
    sure = found.in("wheet barlay").map(&:sure).uniq
    expect([sure.empty?, found.in("barely a trace of salt")]).to eq [false, []]
  end
end

RSpec.describe Restauro::Labels::Phrases do
  it "a warning goes to the end of its sentence, and no further" do
    text = "Rice. May contain wheat. Packed in a clean room."
    range = described_class.new.precautions(text).first
    expect(text[range]).to eq "May contain wheat"
  end

  it("a warning that nothing ends goes to the end") { expect("Rice. May contain wheat".then { |text| text[described_class.new.precautions(text).first] }).to eq "May contain wheat" }
end

RSpec.describe Restauro::Labels::Words do
  hit = ->(start, finish, wild = false) { described_class::Hit.new(start, finish, Struct.new(:wild).new(wild), nil) }

  it("keeps hits that touch, and drops those inside") { expect(described_class.leftmost_longest([hit[0, 5], hit[5, 8], hit[2, 4]]).map { |one| [one.start, one.end] }).to eq [[0, 5], [5, 8]] }
  it("takes a whole word before a wildcard of the same length") { expect(described_class.leftmost_longest([hit[0, 5, true], hit[0, 5, false]]).first.row.wild).to be false }
end

RSpec.describe Restauro::Labels::Reader do
  read = ->(text) { described_class.new.read(text, sold_in: "eu") }

  it "asks of what must be asked about, in the order it stands" do
    marks = read["Rice, oats, flavouring"].marks.select { |mark| mark.kind == "ask" }.map { |mark| mark.text.downcase }
    advice = read["Rice, oats, flavouring"].advice.downcase
    expect(marks.map { |mark| advice.index(mark) }).to(satisfy { |places| places.none?(&:nil?) && places == places.sort })
  end

  it("a starch of wheat is told to who cannot have wheat, a starch of maize is not") { expect([read["Gluten-free wheat starch, salt"], read["Maize starch, salt"]].map { |one| one.advice.match?(/wheat allergy/i) }).to eq [true, false] }
end
