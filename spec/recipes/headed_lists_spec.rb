# frozen_string_literal: true

# "For the batter - 200 g flour, 2 eggs, salt, 100 ml milk": every thing of it, under its heading, in the tongues that
# recipes come in. Common practice.
RSpec.describe Restauro::Recipes::Outline do
  # @return [Array(String, String)] the part and the thing, of the list alone
  def listed(line)
    lines = read("Dish of mine\n500 g potatoes\n#{line}\n\nMix it all and cook for 10 minutes.").ingredients.drop(1)
    expect(lines.map(&:understood)).to all(be true)
    lines.map { |found| [found.part, found.text] }
  end

  {
    "it" => [["Per la pastella", "Per lo spezzatino", "Per gli gnocchi", "Per l'impasto", "Per le crespelle", "Ragù"],
             ["200 g di farina", "2 uova", "sale", "100 ml di latte"]],
    "fr" => [["Pour la pâte", "Pour les quenelles", "Pour l'appareil", "Garniture"],
             ["50 g de beurre", "50 g de farine", "muscade", "1 jaune d'œuf"]],
    "de" => [["Für den Teig", "Für die Panade", "Guss", "Soße", "Zum Panieren"],
             ["3 Eier", "200 ml Sahne", "Pfeffer", "100 g geriebener Käse"]],
    "es" => [["Para la masa", "Para rebozar", "Bechamel", "Relleno"],
             ["3 huevos", "200 ml de nata", "pimienta", "100 g de queso rallado"]],
    "pt" => [["Para o recheio", "Molho branco"], ["50 g de manteiga", "50 g de farinha", "noz-moscada", "1 gema"]],
    "nl" => [["Voor de vulling", "Beslag"], ["50 g boter", "50 g bloem", "nootmuskaat", "1 eidooier"]],
    "sv" => [["Till såsen", "Smet"], ["50 g smör", "50 g vetemjöl", "muskot", "1 äggula"]],
    "pl" => [["Na ciasto", "Beszamel"], ["50 g masła", "50 g mąki", "gałka muszkatołowa", "1 żółtko"]],
    "en" => [["For the batter", "For breading", "White sauce", "Gravy", "Filling"],
             ["3 eggs", "200 ml cream", "pepper", "100 g grated cheese"]]
  }.each do |tongue, (headings, things)|
    headings.product([": ", " - "]).each do |heading, joint|
      it "reads all of '#{heading}#{joint}' (#{tongue})" do
        expect(listed("#{heading}#{joint}#{things.join(", ")}")).to eq([heading].product(things))
      end
    end
  end

  {
    "500 g spinach, nutmeg, 1 egg" => ["500 g spinach", "nutmeg", "1 egg"],
    "500 g flour, salt, 1 tsp, 2 eggs" => ["500 g flour", "salt, 1 tsp", "2 eggs"],
    "1 onion, 2 carrots, thyme, 1 litre stock" => ["1 onion", "2 carrots", "thyme", "1 litre stock"],
    "4 Schnitzel, Salz, Mehl, 2 Eier" => ["4 Schnitzel", "Salz", "Mehl", "2 Eier"],
    "pan juices, 2 tbsp flour, 500 ml stock" => ["pan juices", "2 tbsp flour", "500 ml stock"],
    "Salt, 1 tsp, 200 g flour" => ["Salt, 1 tsp", "200 g flour"],
    "500 ml milk, 1 onion stuck with a clove" => ["500 ml milk", "1 onion stuck with a clove"],
    "250 g ricotta, drained, 2 eggs" => ["250 g ricotta, drained", "2 eggs"]
  }.each do |line, things|
    it("parts '#{line}'") { expect(listed(line).map(&:last)).to eq things }
  end

  {
    "For the sauce (makes 2 cups): 50 g butter, 50 g flour" => "For the sauce",
    "Sauce (50 g butter, 50 g flour)" => "Sauce", "Sauce = 50 g butter, 50 g flour" => "Sauce",
    "Sauce -> 50 g butter, 50 g flour" => "Sauce", "For sauce 50 g butter, 50 g flour" => "For sauce",
    "For the sauce take 50 g butter and 50 g flour" => "For the sauce",
    "Sauce: 50 g each butter and flour" => "Sauce",
    "Per la besciamella servono 50 g di burro e 50 g di farina" => "Per la besciamella",
    "Pour la béchamel, 50 g de beurre et 50 g de farine" => "Pour la béchamel"
  }.each do |line, heading|
    it "puts both things of '#{line}' under '#{heading}'" do
      found = read("Dish of mine\n500 g potatoes\n#{line}\n\nMix it all.", system: "metric").ingredients.drop(1)
      expect(found.map { |one| [one.part, one.ingredient] }).to eq [[heading, "butter"], [heading, "wheat_flour"]]
    end
  end

  it "leaves a sentence alone that only begins like such a list" do
    steps = "For the sauce, 50 g butter is melted slowly, 50 g flour is stirred in and cooked."
    expect(read("Dish\n500 g potatoes\n\n#{steps}").lines.last.role).to eq "step"
  end

  it "keeps a thing of the list that nobody knows, and says so" do
    line = "Per il ripieno: 300 g di robiola magrissima, 2 uova, sale"
    lines = read("Dish of mine\n500 g potatoes\n#{line}\n\nMix it all and cook for 10 minutes.").ingredients.drop(1)
    expect(lines.map(&:text)).to eq ["300 g di robiola magrissima", "2 uova", "sale"]
  end

  it "keeps a line of one thing under its own heading, dash or none" do
    expect(listed("Gravy-\n2 tbsp flour\n300 ml milk")).to eq [["Gravy", "2 tbsp flour"], ["Gravy", "300 ml milk"]]
  end
end
