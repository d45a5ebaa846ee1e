# What a line means only beside the others: divided, dredged in, spooned over. Common practice.
RSpec.describe Restauro::Recipes::Reader do
  lines = ->(text, system = "us") { Reference::Helpers::READERS[system].read(text).ingredients }
  grams = ->(found, role) { found.select { |line| line.role == role }.map { |line| line.grams&.value&.round } }

  describe "what is divided" do
    gravy = "Steak with gravy\n4 steaks\n2 1/4 cups flour, divided\n1 egg\n4 cups milk\n"

    it "is two lines, the second before the liquid it thickens" do
      found = lines["#{gravy}Whisk the remaining 1/4 cup flour into the fat, then the milk."]
      expect(grams[found, "flour"]).to eq [240, 30]
      expect(found.map(&:role).last(3)).to eq %w[egg flour liquid]
    end

    it "is one line where no step says how much of it is left" do
      expect(grams[lines["#{gravy}Whisk the flour into the fat, then the milk."], "flour"]).to eq [270]
    end

    it "is one line where no liquid comes after it" do
      dry = "Steak\n4 cups milk\n2 1/4 cups flour, divided\nDust with the remaining 1/4 cup flour."
      expect(grams[lines[dry], "flour"]).to eq [270]
    end

    it "is one line where what is left is more than there was" do
      expect(grams[lines["#{gravy}Whisk the remaining 3 cups flour in."], "flour"]).to eq [270]
    end

    it "is butter too, the rest of it melted for the crumbs" do
      bake = "Bake\n5 tbsp butter, divided\n1/4 cup flour\n3 cups milk\n1 cup breadcrumbs\n"
      found = lines["#{bake}Melt 4 tbsp butter in a pan.\nMelt the remaining butter, toss with the crumbs."]
      expect(grams[found, "fat"]).to eq [57, 14]
      expect(found.map(&:role).last(2)).to eq %w[fat crumb]
    end

    it "is not butter whose rest nobody speaks of" do
      found = lines["Bake\n5 tbsp butter, divided\n1/4 cup flour\n3 cups milk\n1 cup breadcrumbs\nMelt 4 tbsp butter."]
      expect(grams[found, "fat"]).to eq [71]
    end
  end

  describe "flour for dredging, with no amount" do
    it "is a dish of it beside what is fried in pieces" do
      ["flour, for dredging", "plain flour", "seasoned flour to coat"].each do |flour|
        expect(grams[lines["Fried fish\n4 cod fillets\n#{flour}\n2 eggs"], "flour"]).to eq [100]
      end
    end

    it "is three in a hundred of what is stewed" do
      expect(grams[lines["Stew\n1 kg stewing beef\nflour for dredging\n1 l beef stock", "uk"], "flour"]).to eq [30]
    end

    it "stays without an amount beside another flour, a sheet of pastry, or nothing in pieces" do
      [
        "Pie\n4 cod fillets\nflour, for dusting\n500 g puff pastry", "Sauce\nflour\n2 cups milk",
        "Fish\n4 cod fillets\nflour, to dust\n100 g flour\n1 cup beer"
      ].each { |text| expect(grams[lines[text], "flour"].compact).to eq grams[lines[text], "flour"].compact & [100] }
      expect(grams[lines["Sauce\nflour\n2 cups milk"], "flour"]).to eq [nil]
    end

    it "keeps its warning only where it stays without" do
      codes = ->(text) { lines[text].flat_map(&:warnings).map(&:code) }
      expect(codes["Fried fish\n4 cod fillets\nflour\n2 eggs"]).not_to include "no_amount"
      expect(codes["Sauce\nflour\n2 cups milk"]).to include "no_amount"
    end
  end

  describe "what is spooned over" do
    it "is in no batter where it is held in the hand" do
      found = lines["Fish tacos\n1 cup flour\n1 cup beer\n1/2 cup sour cream"]
      expect(found.last.then { |line| [line.role, line.kind, line.ingredient] }).to eq %w[other table sour_cream]
    end

    it "is poured where nothing else is, or where nobody holds it" do
      expect(lines["Fish tacos\n1 cup flour\n1 cup sour cream"].last.role).to eq "liquid"
      expect(lines["Fritters\n1 cup flour\n1 cup beer\n1/2 cup sour cream"].last.role).to eq "liquid"
    end
  end

  it "ends a thing at the next that is measured, known or not" do
    found = lines["Ragù: 300 g quibble, 150 g zorblax, 1 cipolla", "metric"]
    expect(found.map(&:text)).to eq ["300 g quibble", "150 g zorblax", "1 cipolla"]
    expect(lines["2 cups flour, 2 tbsp reserved, sifted"].length).to eq 1
  end

  it "takes the name of a pastry for a heading only above what it is made of" do
    made = lines["Tart\nPâte brisée\n200 g farine\n100 g beurre", "metric"]
    bought = lines["Sausage rolls\nPuff pastry\n400 g sausage meat", "uk"]
    expect(made.map(&:part).uniq).to eq ["Pâte brisée"]
    expect([bought.first.ingredient, bought.first.grams.value]).to eq ["wheat_puff_sheet", 275.0]
  end

  it "takes a line that begins with minutes for a step" do
    found = Reference::Helpers::READERS["metric"].read("Soße\n30 g Mehl\n500 ml Brühe\n90 Minuten schmoren.").lines.last
    expect(found.role).to eq "step"
  end

  it "reads a list and its steps from one line" do
    told = "Mum's sauce: 25g butter, 25g flour, half a pint of milk. Melt, stir."
    found = Reference::Helpers::READERS["uk"].read(told)
    expect(found.lines.map(&:role)).to eq %w[fat flour liquid step]
    us = lines["Fried chicken: Dredge 4 chicken breasts in 1 c. flour, dip in 1/2 c. milk."]
    expect(us.map { |line| line.grams.value.round }).to eq [680, 120, 122]
  end

  it "reads three dishes of a coat without their amounts" do
    found = lines["Schnitzel\n2 pork escalopes\nflour, egg and breadcrumbs to coat"]
    expect(found.map(&:role)).to eq %w[other flour egg crumb]
    expect(grams[found, "crumb"]).to eq [100]
  end

  it "takes a dash for a colon before a list, and not before an amount" do
    expect(lines["Batter - 100 g flour, 1 egg, 250 ml milk; for 8 sausages"].map(&:text).last).to eq "8 sausages"
    expect(lines["Butter - 30 g, softened\n30 g flour\n500 ml milk"].first.grams.value).to eq 30
  end

  it "weighs no zest, and nothing that is long" do
    expect(lines["1 lemon, zest"].first.then { |line| [line.kind, line.grams] }).to eq ["late", nil]
    prose = lines["Fried fish. Dip 4 cod fillets in 100 g flour and fry them in 1 inch of hot oil."]
    expect(prose.map(&:text)).to eq ["4 cod fillets", "100 g flour"]
  end

  it "weighs mashed potatoes that are counted" do
    expect(lines["2 potatoes, boiled and mashed"].first.grams.value).to be > 200
  end
end
