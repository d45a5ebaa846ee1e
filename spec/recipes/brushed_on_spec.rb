# frozen_string_literal: true

# An egg that a step brushes on, and those that it leaves alone. Common practice.
RSpec.describe Restauro::Recipes::BrushedOn do
  pie = "Pie\n250 g flour\n125 g butter\n1 egg\n3 tbsp water\n400 g ham\n200 g leeks\n1 egg yolk\n"

  define_method(:brushed) do |steps, list: pie|
    lines = read("#{list}\n#{steps}", system: "metric").ingredients
    lines.select { |line| line.kind == described_class::KIND }.map(&:text)
  end

  {
    "Roll out the dough, fill it, and brush it with the yolk. Bake 40 minutes." => ["1 egg yolk"],
    "Fill the dough. Glaze the lid with egg yolk and bake." => ["1 egg yolk"],
    "Étaler la pâte, garnir, dorer au jaune d'œuf et cuire au four." => ["1 egg yolk"],
    "Den Deckel mit Eigelb bestreichen und backen." => ["1 egg yolk"],
    "Spennellare con il tuorlo e infornare." => ["1 egg yolk"],
    "Pintar con la yema y hornear." => ["1 egg yolk"]
  }.each { |steps, found| it("finds #{found.first} in '#{steps}'") { expect(brushed(steps)).to eq found } }

  {
    "no step brushes" => "Mix the yolk into the leeks. Fill, bake.",
    "butter is brushed on" => "Brush the lid with butter, stir the yolk into the leeks, bake."
  }.each { |words, steps| it("leaves the eggs alone where #{words}") { expect(brushed(steps)).to eq [] } }

  galette = "Galette\n200 g flour\n1 tbsp sugar\n100 g butter\n3 tbsp water\n500 g apples\n60 g sugar\n1 egg\n"

  {
    "1 tbsp raw sugar\nFold it over. Brush with egg and sprinkle with sugar. Bake." => ["1 egg", "1 tbsp raw sugar"],
    "1 tbsp demerara sugar\nSprinkle the sugar over the apples. Brush with egg. Bake." => ["1 egg"],
    "1 tbsp demerara sugar\nToss the apples with the sugar. Brush with egg. Bake." => ["1 egg"],
    "1 tbsp icing sugar\nBrush with egg. Bake. Dust with sugar." => ["1 egg"],
    "100 g sugar\nBrush with egg, sprinkle with sugar. Bake." => ["1 egg"]
  }.each do |rest, found|
    it("finds #{found.join(" and ")} behind '#{rest}'") { expect(brushed(rest, list: galette.chomp)).to eq found }
  end

  it "leaves two eggs alone that each have a use of their own" do
    steps = "Bind the dough with the egg. Stir the yolk into the leeks. Brush with beaten egg, bake."
    expect(brushed(steps, list: pie.sub("1 egg yolk\n", "1 egg yolk\n2 tbsp cream\n"))).to eq []
  end

  it "leaves an egg of the dough alone, where it is the only one" do
    list = "Pie\n250 g flour\n125 g butter\n1 egg\n400 g ham\n"
    expect(brushed("Rub in the butter. Fill the pie. Brush with beaten egg and bake.", list: list)).to eq []
  end

  it "leaves more eggs alone than a pie is brushed with" do
    list = "Pie\n250 g flour\n125 g butter\n3 tbsp water\n400 g ham\n3 eggs\n"
    expect(brushed("Fill the pie. Brush with beaten egg and bake.", list: list)).to eq []
  end

  it "leaves an egg alone that already says what it is for" do
    list = pie.sub("1 egg yolk", "1 egg, to glaze\n1 egg yolk")
    expect(brushed("Brush it with egg and bake.", list: list)).to eq []
  end
end
