# Water, milk and stock that only a step tells of. Common practice.
RSpec.describe Restauro::Recipes::StepLiquid do
  poured = ->(spec, text) do
    spec.read(text, system: "metric").ingredients.select { |line| line.role == "liquid" }.map(&:text)
  end
  dough = "Flatbreads\n250 g flour\n1 tbsp oil"

  {
    "Add 160 ml warm water and knead." => "160 ml warm water",
    "Mix with 160 ml. water." => "160 ml. water",
    "Mix to a dough with about 1/2 cup cold water." => "about 1/2 cup cold water",
    "Stir the flour, pour in 300 ml semi milk, or whisk in 250 ml whole milk." => "250 ml whole milk"
  }.each do |step, liquid|
    it("reads #{liquid}") { expect(poured[self, "#{dough}\n#{step}"]).to eq [liquid] }
  end

  [
    "Knead, and add 2 tbsp water if it is dry.", "Boil in a pan of 2 litres water.", "Stir 1 tbsp water into the starch to a paste.",
    "Simmer in 2 litres salted water.", "Add the pasta to 3 litres boiling water.", "Knead well."
  ].each do |step|
    it("reads none where it says: #{step}") { expect(poured[self, "#{dough}\n#{step}"]).to eq [] }
  end

  it "reads none where the list has a liquid of its own, or an egg" do
    step = "Add 100 ml cold water."
    expect(poured[self, "Batter\n200 g flour\n200 ml milk\n#{step}"]).to eq ["200 ml milk"]
    expect(poured[self, "Pasta\n200 g flour\n2 eggs\n#{step}"]).to eq []
  end

  it "reads none that stands under another heading" do
    roux = "Sauce\nFor the roux:\n40 g flour\n40 g butter\nFor the rest:\n500 ml milk\nWhisk in 500 ml milk and boil."
    expect(poured[self, roux]).to eq ["500 ml milk"]
  end

  it "puts it behind the flour and its fat, in the flour's own part" do
    tart = "Tart\nPastry\n200 g flour\n100 g butter\nFilling\n3 tbsp jam\nRub in, mix with 3 tbsp cold water."
    lines = read(tart, system: "metric").ingredients
    expect(lines.map { |line| [line.text, line.part] }).to eq [
      ["200 g flour", "Pastry"], ["100 g butter", "Pastry"], ["3 tbsp cold water", "Pastry"], ["3 tbsp jam", "Filling"]
    ]
  end
end
