# What a recipe may hold is stated and told; the work of reading grows with the text, no faster (counted in objects, not
# in seconds; bench/reading times it).
RSpec.describe Restauro::Recipes::Tidy do
  refuse = ->(spec, text, words) do
    spec.expect { spec.read(text, system: "uk") }.to spec.raise_error(Restauro::InvalidInput, words)
  end

  it("tells how many ingredient lines it takes") do
    refuse[self, Array.new(401) { |i| "#{i + 1} g flour" }.join("\n"), /401 ingredient lines; a recipe may have 400/]
  end
  it("takes as many as it says", :long) do
    expect(read(Array.new(400) { |i| "#{i + 1} g flour" }.join("\n"), system: "uk").ingredients.length).to eq 400
  end
  it("tells how many lines it takes") do
    refuse[self, "100 g flour\n" + "Share this\n" * 2001, /2002 lines; a recipe may have 2000/]
  end
  it("tells how many letters it takes") do
    refuse[self, "100 g flour\n" + "share " * 40_000, /letters; a recipe may have 200000/]
  end
  it("tells how long a line may be") do
    refuse[self, "100 g flour\n" + "share " * 700, /4200 letters; a line may have 4000/]
  end
  it("makes nothing of a row of blanks, dots or rules") do
    expect(
      read("100 g flour\n1#{" " * 3000}g butter\n#{"-" * 3000}", system: "uk").ingredients.map do |line|
        line.grams&.value
      end
    ).to eq [100.0, 1.0, nil]
  end

  units = [
    "flour ",
    "1 g flour, ",
    "(",
    "a ",
    "w: ",
    "½ ",
    "or ",
    "10 g each ",
    "1,000",
    "<",
    "&",
    "melt 30 g butter, "
  ]
  work =
    lambda do |spec, text|
      spec.read(text, system: "uk")
      before = GC.stat(:total_allocated_objects)
      spec.read(text, system: "uk")
      GC.stat(:total_allocated_objects) - before
    end

  units.each do |unit|
    it "grows with a line of #{unit.inspect} no faster than the line", :long do
      line = ->(letters) { "100 g flour\n#{(unit * letters)[0, letters]}" }
      expect(work[self, line[3600]].fdiv(work[self, line[900]])).to be < 6
    end
  end

  it "grows with the lines no faster than they", :long do
    text = ->(times) do
      "100 g flour\n300 ml milk\nMethod\n" \
"#{Array.new(times) { |i| "Stir it #{i} times and look.\nTurn the page #{i}" }.join("\n")}"
    end
    expect(work[self, text[800]].fdiv(work[self, text[200]])).to be < 5
  end
end
