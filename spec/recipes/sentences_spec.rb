# frozen_string_literal: true

RSpec.describe Restauro::Recipes::Sentences do
  it "ends one at a full stop, a semicolon and a shout, and keeps them" do
    expect(described_class.of("Melt it; add flour. Whisk! Serve")).to eq(["Melt it;", "add flour.", "Whisk!", "Serve"])
  end

  it "does not end one at a unit's stop that goes on in small letters" do
    text = "Mix with 160 ml. water. Pour in 100 ml. Stir; add 2 tbsp. flour. Bake 30 min. then serve"
    expect(described_class.of(text)).to eq(
      ["Mix with 160 ml. water.", "Pour in 100 ml.", "Stir;", "add 2 tbsp. flour.", "Bake 30 min.", "then serve"]
    )
  end

  it "does not end one inside a number or at a comma" do
    expect(described_class.of("Add 1.5 l milk, then whisk")).to eq(["Add 1.5 l milk, then whisk"])
  end

  it "takes those of the steps alone out of a whole recipe" do
    lines = Restauro::Recipes::Reader.new(Restauro::Catalogue.load, system: "metric")
      .read("Sauce\n20 g flour\n\nMelt it. Add flour.").lines
    expect(described_class.of_steps(lines)).to eq(["Melt it.", "Add flour."])
  end

  it "names a thing by a long word of its name, in large letters or small, and by no short one" do
    line = Restauro::Recipes::LineReader.new(Restauro::Catalogue.load, system: "metric").read("50 g Salted butter")
    said = ["Melt the BUTTER.", "Add the egg.", "Salt it."].map { |text| described_class.name?(text, line) }
    expect(said).to eq([true, false, false])
  end

  describe "where a text speaks of a thing" do
    {
      ["fry the onion", "2 onions"] => 8, ["die Zwiebel anbraten", "2 Zwiebeln"] => 4, ["bak de ui", "1 ui"] => 7,
      ["bak de uien", "1 ui"] => 7, ["fruitig", "1 ui"] => nil, ["add the butter", "2 onions"] => nil
    }.each do |(text, thing), place|
      it "is #{place.inspect} of '#{thing}' in '#{text}'" do
        line = read("200 ml milk\n#{thing}", system: "metric").ingredients.last
        expect(described_class.place(text, line)).to eq place
      end
    end
  end
end
