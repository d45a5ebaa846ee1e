# frozen_string_literal: true

# Salt, pepper and leaves at the end of a list are no part of their own, and hide nothing before them. Common practice.
RSpec.describe Restauro::Dishes::SeasonedLast do
  parts = ->(spec, text) do
    Restauro::Dishes::Partition.of(spec.read(text, system: "metric"), spec.catalogue).parts
      .to_h { |part| [part.family || part.name, part.lines.map(&:text)] }
  end
  endings = ["salt and pepper", "pinch of salt", "Salz, Pfeffer", "chopped parsley, to serve"]
  dishes = {
    "filled" => "Gyoza\n250 g flour\n130 ml boiling water\nFilling: 250 g pork mince, 150 g cabbage",
    "in broth" => "Maultaschen\nTeig: 300 g Mehl, 3 Eier\nFüllung: 200 g Hackfleisch, 1 Ei\n1 l Brühe",
    "rolled tubes" => "Spinach cannelloni\n12 cannelloni tubes\n500 g ricotta\n300 g spinach\n1 egg\n40 g butter\n" \
                      "40 g flour\n500 ml milk\n100 g mozzarella\nBake at 190C for 35 minutes.",
    "set and baked" => "Gnocchi alla romana\n1 l latte\n250 g semolino\n2 tuorli\n70 g burro\n100 g parmigiano",
    "crumbed, with a sauce" => "Kroketten\n50 g boter\n60 g bloem\n500 ml bouillon\n250 g rundvlees\n" \
                               "Paneren: 50 g bloem, 2 eieren, 150 g paneermeel\nFrituurolie"
  }

  dishes.each do |what, text|
    endings.each do |ending|
      it("finds the same parts of what is #{what}, with '#{ending}' at its end") do
        list, steps = text.split("\nBake", 2)
        ended = [list, ending, *("Bake#{steps}" if steps)].join("\n")
        expect(parts[self, ended].keys).to eq parts[self, text].keys
      end
    end
  end

  it("puts what seasons the whole dish into what is inside it") do
    found = parts[self, "#{dishes["filled"]}\npinch of salt"]
    expect(found["Filling"]).to include("pinch of salt")
  end

  it("puts no salt with the cheese that is strewn over") do
    text = dishes["rolled tubes"].sub("\nBake", "\nsalt and pepper\nBake")
    expect(parts[self, text].values_at("Cheese", "Filling")).to match [["100 g mozzarella"], include("salt and pepper")]
  end

  it("leaves what is weighed, and what has a heading of its own") do
    text = "#{dishes["filled"]}\nTo serve: chopped parsley"
    expect(parts[self, text].values.flatten).to include("chopped parsley")
  end

  {"2 eggs, beaten\n20 g butter\n50 ml water" => true, "50 ml water\n1 egg, beaten" => false}.each do |list, worked_in|
    it("works a beaten egg into its dough: #{worked_in} of '#{list.tr("\n", ",")}'") do
      text = "Strudel\nDough\n250 g plain flour\n#{list}\nFilling\n1 kg apples\n80 g sugar"
      said = answer(text, system: "uk").steps.map(&:text).join("\n")
      expect(said.match?(/, \d+ g egg,|; \d+ g egg,/)).to be worked_in
    end
  end

  it("bakes nothing in the oven that only roasts the filling's squash") do
    text = "Ravioli with squash\nPasta: 300 g flour, 3 eggs\nFilling: 500 g squash, 25 g parmesan\n" \
           "Preheat the oven to 200C. Roast the squash for 30 minutes at 200C. Boil the ravioli for 3 minutes."
    expect(answer(text, system: "uk").steps.map(&:kind)).not_to include("bake")
  end

  it("weighs flour that more is wanted of for the board as it is") do
    text = "Fish pie\n500 g haddock\n400 ml milk\n50 g butter\n50 g flour%s\n900 g mashed potato\nBake at 190C."
    grams = ["", ", plus extra for dusting"].map do |more|
      answer(format(text, more), system: "uk").lines.select(&:added).sum { |line| line.grams.value }
    end
    expect(grams.uniq.length).to eq 1
  end
end
