RSpec.describe Restauro::Labels::Reader do
  reader = described_class.new
  read = ->(text, sold_in = "us") { reader.read(text, sold_in: sold_in) }

  {"label_texts" => 1.0, "label_texts_held_out" => 1.0}.each do |name, least|
    describe name do
      rows = LabelTable.rows(name)
      rows.each_with_index do |(sold_in, finding, text), i|
        it("#{i + 1}. #{sold_in}: #{text[0, 60]}") { expect(read[text, sold_in].finding).to eq finding }
      end

      it "is as docs/labels.md reports" do
        right = rows.count { |sold_in, finding, text| read[text, sold_in].finding == finding }
        expect([right.fdiv(rows.length) >= least, File.read(File.join(Restauro::ROOT, "docs", "labels.md"))]).to match(
          [true, include("#{right} of #{rows.length}")]
        )
      end
    end
  end

  describe "label_texts_pasted" do
    rows = LabelTable.rows("label_texts_pasted")
    found = rows.map { |sold_in, finding, text| [finding, read[text, sold_in].finding, text] }

    it("is as docs/labels.md reports") do
      expect(File.read(File.join(Restauro::ROOT, "docs", "labels.md"))).to include(
        "#{found.count { |finding, got| finding == got }} of #{rows.length}"
      )
    end
    it("is at least 96 % right") { expect(found.count { |finding, got| finding == got }).to be >= 0.96 * rows.length }
    it("says of nothing that holds it, may hold it or cannot be read that nothing was found") do
      expect(found.select { |finding, got| finding != "none_found" && got == "none_found" }).to be_empty
    end
  end

  it "marks broken and spaced words on the text as it was given" do
    text = "Rice, W H E A T, Wei\u00adzen, glu-\nten, wh3at"
    expect(read[text].marks.map { |mark| text[mark.start...mark.end] }).to eq [
      "W H E A T",
      "Wei\u00adzen",
      "glu-\nten",
      "wh3at"
    ]
  end

  it "says that it cannot tell, of a script, of a language, of no list at all" do
    ["Состав: крахмал, соль", "Složení: škrob, kypřidlo, sůl", "Best before see lid", "原材料名：米粉"].each do |text|
      expect(read[text, "eu"].finding).to eq("cannot_tell"), text
    end
    expect(read["Состав: рис. Contains wheat", "eu"].finding).to eq "contains"
  end

  it "marks the words where they stand" do
    text = "Rice, sugar, Barley Malt, salt. May contain wheat."
    expect(read[text].marks.map { |m| [text[m.start...m.end], m.kind] }).to eq [
      ["Barley Malt", "contains"],
      %w[wheat may_contain]
    ]
  end

  it "counts characters, not bytes" do
    text = "Crème brûlée, blé"
    expect(read[text, "eu"].marks.map { |m| [m.start, m.end, text[m.start...m.end]] }).to eq [[14, 17, "blé"]]
  end

  it("tells a tested claim from a promise") do
    expect([read["Gluten free. Rice"], read["No gluten-containing ingredients. Rice"]].map(&:claims)).to eq [
      %w[gluten_free],
      %w[no_gluten_ingredients]
    ]
  end
  it("asks where no tested claim is made") { expect(read["Sorghum flour"].advice).to match(/labelled pack/) }
  it("asks the maker about a flavour") do
    expect(read["Salt, natural flavor"].then { |v| [v.finding, v.advice] }).to match(
      ["none_found", /Ask the maker about natural flavor/]
    )
  end
  it("keeps wheat starch from a wheat allergy") do
    expect(read["Gluten free. Wheat starch", "eu"].advice).to match(/never for a wheat allergy/)
  end
  it("never denies a list by mistake") do
    expect(read["Contains no milk, eggs, wheat flour or oil"].finding).to eq "contains"
  end
  it("reads the UK as the EU") do
    expect(%w[eu uk].map { |place| read["Modified starch", place].finding }).to eq %w[may_contain may_contain]
  end
  it("refuses an empty label") { expect { read["  "] }.to raise_error(Restauro::InvalidInput, /ingredient list/) }
  it("refuses an unknown place") do
    expect { read["Rice", "mars"] }.to raise_error(Restauro::InvalidInput, /us, ca, eu/)
  end

  it "never calls a label safe" do
    advice =
      LabelTable.rows.map { |sold_in, _, text| read[text, sold_in] }.flat_map { |v| [v.advice, *v.marks.map(&:why)] }
    expect(advice.grep(/\bsafe\b/i)).to be_empty
  end

  # Property: any mix of words, in any case, with the accents off, still finds the gluten that is in it, and never
  # raises.
  it "finds gluten in whatever surrounds it", :long do
    random = Random.new(7)
    bits = LabelTable.rows.map(&:last).flat_map { |text| text.split(/(?<=[,.;:])/) }
    100.times do
      noise =
        Array.new(random.rand(0..6)) do
          bits.grep_v(
            /may|free|no |sans|senza|sin|without|frei|kann|peut|può|puede|trace|not |made|produced|packaged|shared/i
          ).sample(random: random)
        end
      gluten = [
        "barley malt",
        "Wheat flour",
        "rye",
        "weizenmehl",
        "farine de ble",
        "frumento",
        "trigo",
        "gerstenmalz",
        "semolina"
      ].sample(random: random)
      text = [*noise, gluten].shuffle(random: random).join(", ")
      expect(read[text, %w[us ca eu other].sample(random: random)].finding).to eq("contains"), text
    end
  end

  it "reads any bytes, and finds in them what is one of its findings", :long do
    random = Random.new(8)
    found = Array.new(200) do
      letters = Array.new(random.rand(1..60)) {
  [random.rand(0x20..0x17f), 0x2028, 0x1f33e, 0xa].sample(random: random)
}
      read[letters.pack("U*") + "x"].finding
    end
    expect(found.uniq - %w[contains may_contain none_found cannot_tell]).to eq []
  end
end
