# frozen_string_literal: true

# What is asked of a sauce, and what it cannot do without. Common practice.
RSpec.describe "What is asked of a sauce" do
  white = "White sauce\n30 g butter\n30 g flour\n500 ml milk"
  steps = ->(spec, text, **choices) { spec.answer(text, **choices).steps.map(&:text).join("\n") }
  refused = ->(spec, text) do
    spec.answer(text)
  rescue Restauro::InvalidInput => e
    e.message
  end

  ["-1", "0", "1000", Float::INFINITY, Float::NAN].each do |target|
    it("takes no target of #{target}") do
      expect { Restauro::Families::Sauce::Options.e_of(target) }.to raise_error(Restauro::InvalidInput, /over 0 up to/)
    end
  end

  it("takes a target in flour-equivalents") { expect(Restauro::Families::Sauce::Options.e_of("5.5")).to eq 5.5 }

  it("makes a slurry of a roux where one is asked for") do
    expect(steps[self, white, school: "slurry"]).to match(/smooth in \d+ g cold water/)
  end

  it("makes the roux that the recipe has where nothing is asked for") do
    expect(steps[self, white]).to match(/\AMelt|\nMelt 30 g butter on medium\. Stir in/)
  end

  it("browns a white roux where that is asked for") do
    browned = answer(white, colour: "brown").steps.map { |step| step.minutes.to_f }.max
    expect(browned).to be > answer(white).steps.map { |step| step.minutes.to_f }.max
  end

  it("takes flour without an amount out too, beside what stands in for another thing") do
    lines = answer("#{white}\na little flour, to thicken it more\n1 tbsp soy sauce").parts.first.lines
    expect(lines.map(&:text).grep(/starch, half as much/).length).to eq 1
  end

  it("says that no flour and no liquid was read") do
    expect(refused[self, "Sauce\n30 g butter"]).to match(/no flour to replace was read, and no liquid/)
  end

  it("says that no liquid was read where there is flour") do
    expect(refused[self, "Sauce\n30 g butter\n30 g flour"]).to match(/\Ano liquid was read/)
  end

  {
    "sour cream" => /Sour cream can split/, "crème fraîche" => nil,
    "sour cream\n100 g crème fraîche" => /Sour cream and creme fraiche can split/
  }.each do |cream, words|
    it("says of #{cream.tr("\n", " ")} #{words ? "that it splits" : "nothing: it is fat enough to boil"}") do
      said = answer("Cream sauce\n30 g butter\n30 g flour\n400 g #{cream}").steps.map(&:caution).join("\n")
      words ? expect(said).to(match(words)) : expect(said).not_to(match(/can split/))
    end
  end

  it("has no lid on unless it is asked for: it boils later") do
    boils = ->(**choices) { predict("500 ml milk\n30 g flour", **choices).boil_seconds }
    expect(boils[]).to be > boils[lid: true]
  end
end
