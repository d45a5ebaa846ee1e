# What a change of one sign in the crusts would not have been noticed by.
RSpec.describe Restauro::Families::Crust do
  catalogue = Reference::Helpers::CATALOGUE
  crust = Restauro::Families.fetch("crust", catalogue)
  said = ->(spec, text, **more) { spec.answer(text, **more).steps.map(&:text).join("\n") }
  inside = ->(spec, text) do
    marked = described_class::Parts.marked(spec.read(text), catalogue)
    marked.lines.select { |line| described_class::Parts.filling?(line) }.map(&:text)
  end

  describe described_class::Lining do
    pan = Restauro::Kitchen::BakingPan.new(shape: :round, length_cm: 20.0, width_cm: 20.0)
    style = Restauro::Families::Crust::Style.fetch("rolled")
    {"top" => 23.0, "free" => 28.0}.each do |cover, wide|
      it("rolls it #{wide} cm wide #{cover == "top" ? "to lie over" : "to fold in"} for 20 cm") do
        expect(described_class.roll_cm(pan, style, cover)).to eq [wide, wide]
      end
    end
  end

  it "takes no words of a recipe for what is in its crust" do
    pie = "Apple pie\n200 g flour\n100 g butter\n4 tbsp water\n600 g apples\n80 g sugar\nBake until brown.\nServe."
    expect(inside[self, pie]).to eq ["600 g apples", "80 g sugar"]
  end

  it "takes jam, butter and sugar before the nuts for what is in with them" do
    within = ["100 g jam", "90 g butter", "90 g sugar", "90 g ground almonds", "2 eggs"]
    expect(inside[self, "Bakewell tart\n200 g flour\n100 g butter\n3 tbsp water\n#{within.join("\n")}"]).to eq within
  end

  it "wets a dough with one egg, and with three not" do
    first = ->(eggs) do
      described_class::Custard.new(read("Tart\n200 g flour\n100 g butter\n#{eggs}\n300 ml milk"), catalogue).first
    end
    expect([first["1 egg\n3 eggs"], first["3 eggs\n1 egg"]]).to eq [4, nil]
  end

  it "stirs what is left into a pudding's gravy, and boils nothing down in its basin" do
    pudding = "Steak pudding\nSuet pastry: 300 g self-raising flour, 150 g suet, 200 ml water\n" \
              "Filling: 600 g stewing steak, 300 ml beef stock, 2 tbsp parsley\nSteam for 4 hours."
    expect(said[self, pudding]).to match(/Filling: stir in 2 tbsp parsley/).and(not_include("boil it down"))
  end

  it "says what more fat does, and what less" do
    lean = "Pasties\n450 g plain flour\n100 g butter\n100 g lard\nFilling: 350 g potatoes, boiled, 225 g cheddar"
    warned = answer(lean).warnings.map(&:text).grep(/of its fat/)
    case_alone = crust.read(read("Tart case\n250 g flour\n40 g butter\n3 tbsp water"))
    rich = crust.swap(case_alone, crust.options(school: "seed"))
    expect(warned).to all(match(/leaner .* harder and drier/))
    expect(rich.warnings.map(&:text).grep(/of its fat/)).to all(match(/richer .* more tender/)).and(be_any)
  end
end
