# What a line means only beside the others, and what a step makes of it.   Common practice.
RSpec.describe "A line beside the others" do
  grams = ->(recipe, role) do
    recipe.ingredients.select { |line| line.role == role }.filter_map { |line| line.grams&.value&.round }
  end

  describe Restauro::Recipes::KeptInPan do
    list = "Fried chicken\n8 pieces chicken\n2 cups flour, divided\nOil for frying\n2 cups milk\n"

    it "takes the fat that a step leaves in the pan for the flour behind it" do
      found = read("#{list}Dredge in 1 3/4 cups flour and fry. Pour off all but 1/4 cup of the drippings, stir in " \
                   "the remaining flour.")
      expect(found.ingredients.map(&:ingredient).each_cons(2)).to include %w[drippings wheat_flour]
    end

    it "takes none where no step says how much" do
      found = read("#{list}Dredge in 1 3/4 cups flour and fry. Stir in the remaining flour.")
      expect(found.ingredients.map(&:ingredient)).not_to include "drippings"
    end

    it "takes none beside fat of its own, or one flour" do
      step = "Fry. Pour off all but 1/4 cup drippings."
      own = "Chicken\n2 cups flour\n1 cup milk\nGravy\n30 g butter\n30 g flour\n500 ml milk\n#{step}"
      found = [own, "Gravy\n30 g flour\n500 ml milk\n#{step}"].map { |text| read(text).ingredients.map(&:ingredient) }
      expect(found).to all(satisfy { |keys| keys.none?("drippings") })
    end
  end

  describe Restauro::Recipes::CrackedIn do
    list = "8 slices bread\n25 g butter\n25 g flour\n300 ml milk\n4 eggs"

    it "fries the eggs that a dish has on it by its name, whatever a step says last" do
      kinds = ["Croque madame\n#{list}\nGrill it, and serve.", "Toasts\n#{list}\nServe as croque madame."].map do |text|
        read(text).ingredients.last.kind
      end
      expect(kinds).to eq ["table", nil]
    end
  end

  describe Restauro::Recipes::Several do
    it "reads forty things on one line, and takes no more for a list" do
      lists = [40, 41].map { |many| (["10 g butter"] * many).join(", ") }
      expect(lists.map { |list| read("Sauce\n#{list}\n500 ml milk").ingredients.length }).to eq [41, 2]
    end
  end

  describe Restauro::Recipes::Tidy do
    it "puts an amount that stands below its name to that, whatever name comes next" do
      found = read("Sauce\nbutter\n30 g\nmoondust\n20 g\nflour\n40 g\nmilk\n300 ml")
      expect(found.ingredients.map { |line| [line.ingredient, line.grams&.value&.round] })
        .to include ["butter", 30], ["wheat_flour", 40], ["whole_milk", 309]
    end
  end

  describe Restauro::Recipes::Squeezed do
    it "takes the juice of the fruit that a dish without headings is named for" do
      found = read("Lemon tart\n150 g flour\n80 g butter\n3 eggs\n150 g sugar\n2 lemons", system: "uk")
      expect(found.ingredients.last.ingredient).to eq "lemon_juice"
    end
  end

  describe Restauro::Recipes::PanJuices do
    it "are drippings up to four spoons of them, and broth when they are more" do
      gravies = ["60 ml", "300 ml"].map { |amount| read("Gravy\n#{amount} pan drippings\n25 g flour") }
      expect(gravies.map { |recipe| recipe.ingredients.first.role }).to eq %w[fat liquid]
    end

    it "counts of meat juices the fat that is said to be in them" do
      found = read("Gravy\nMeat juices (about 2 tbsp fat)\n2 tbsp flour\n1 cup stock")
      expect(found.ingredients.first.then { |line| [line.ingredient, line.grams.value.round] }).to eq ["drippings", 26]
    end
  end

  describe Restauro::Recipes::LeftInTheDish do
    it "counts of a dishful only what clings to stewing meat" do
      found = read("Beef stew\n1 kg stewing beef\n30 g butter\n120 g flour, for dredging\n500 ml stock")
      expect(grams[found, "flour"]).to eq [60]
      expect(found.warnings.map(&:code)).to include "left_in_the_dish"
    end

    it "counts a spoon of it whole" do
      expect(grams[read("Beef stew\n1 kg stewing beef\n30 g flour, for dredging\n500 ml stock"), "flour"]).to eq [30]
    end

    it "counts what a step stirs in of it beside what clings to chops in a gravy" do
      found = read("Smothered chops\n4 pork chops (800 g)\n1 cup flour\n500 ml stock\n" \
                   "Dredge the chops in the flour and fry.\nStir in 16 g of the remaining flour, then the stock.")
      expect(grams[found, "flour"]).to eq [40]
    end

    it "leaves the flour whole where all the rest of it is stirred in" do
      found = read("Beef stew\n1 kg stewing beef\n120 g flour\n500 ml stock\n" \
                   "Toss the beef in the flour.\nStir in the remaining flour.")
      expect(grams[found, "flour"]).to eq [120]
    end
  end

  describe Restauro::Recipes::ToDredge do
    it "takes as much as clings to slices that are rolled up, where no amount is said" do
      found = read("Involtini\n8 fettine di manzo\n80 g prosciutto\nfarina per infarinare\n400 g passata")
      expect(grams[found, "flour"]).to eq [24]
    end
  end

  describe Restauro::Recipes::RolledUp do
    inside = ->(recipe) { recipe.ingredients.select(&:inside?).map(&:text) }

    it "rolls up what follows the slices, as far as it is a stuffing" do
      found = read("Beef olives\n8 slices topside\n100 g sausagemeat\n50 g breadcrumbs\n1 egg\n2 tbsp parsley\n" \
                   "1 onion\n2 tbsp parsley\n450 ml stock")
      expect(inside[found]).to eq ["100 g sausagemeat", "50 g breadcrumbs", "1 egg", "2 tbsp parsley"]
    end

    it "leaves crumbs around what nothing is poured to" do
      expect(inside[read("Involtini\n8 slices veal\n80 g ham\n50 g breadcrumbs\n1 egg")]).to eq ["80 g ham"]
    end

    it "rolls nothing up where no slice of meat is" do
      expect(inside[read("Roulade\n4 eggs\n100 g ham\n200 ml cream")]).to be_empty
    end
  end

  describe Restauro::Recipes::InDumplings do
    inside = ->(recipe) { recipe.ingredients.select(&:inside?).map(&:text) }

    it "puts counted fruit in large dumplings, and in nothing else" do
      list = "500 g potatoes\n150 g flour\n1 egg\n12 plums"
      expect(["Plum dumplings", "Plum gnocchi"].map { |title| inside[read("#{title}\n#{list}")] })
        .to eq [["12 plums"], []]
    end

    it "leaves a filling that has its heading to that" do
      expect(inside[read("Plum dumplings\n500 g potatoes\n150 g flour\nFilling\n12 plums")]).to be_empty
    end
  end

  describe Restauro::Recipes::Served do
    it "lays on a dish what its title has it with" do
      found = read("Blinis with smoked salmon\n150 g flour\n200 ml milk\n1 egg\n200 g smoked salmon\n1 tbsp dill")
      expect(found.ingredients.select { |line| line.kind == "table" }.map(&:text)).to eq ["200 g smoked salmon"]
    end
  end

  describe Restauro::Recipes::TakenOff do
    it "takes nothing off what is not poured" do
      found = read("Stew\n1 chicken\n200 g butter\n1 litre stock\n40 g flour\nPoach the chicken in the stock.\n" \
                   "Melt 50 g butter in a pan.")
      expect(grams[found, "fat"]).to eq [200]
    end
  end

  describe Restauro::Recipes::Scale do
    it "keeps the cook's own words for a thing" do
      found = described_class.of(read("Sauce\n50 g unsalted butter\n40 g flour\n500 ml milk"), 2, catalogue: catalogue)
      expect(found.ingredients.first.text).to eq "100 g unsalted butter"
    end
  end

  describe Restauro::Recipes::JsonLd do
    it "takes the most that is said of how many it makes" do
      page = {"@type" => "Recipe", "name" => "Tarts", "recipeYield" => ["12", "Makes 12 small tarts"],
              "recipeIngredient" => ["250 g flour", "125 g butter"]}
      expect(read(JSON.generate(page)).lines.map(&:text)).to include "Makes 12 small tarts"
    end
  end

  describe Restauro::Recipes::LineReader do
    reader = ->(spec) { described_class.new(spec.catalogue, system: "uk") }

    it "takes no weight that no kitchen has for a thing of a list" do
      expect(["900 g butter", "900000 kg butter"].map { |text| reader[self].thing?(text) }).to eq [true, false]
    end

    it "weighs what is sold in tins, drained" do
      found = ["2 cans black beans", "1 tin lentils", "1 packet beans"].map { |text| reader[self].read(text).grams }
      expect(found.map { |one| one&.value&.round }).to eq [480, 240, nil]
    end

    it "reads one shell, however wide, and as many tortillas as are counted" do
      found = ["9-inch pie shell", "2 9-inch pie crusts", "8 10-inch flour tortillas"]
      expect(found.map { |text| reader[self].read(text).grams.value.round }).to eq [300, 600, 360]
    end
  end

  describe Restauro::Recipes::PanFat do
    fats = ->(recipe) { recipe.ingredients.select { |line| line.role == "fat" } }
    asked = ->(recipe) { recipe.ingredients.flat_map(&:warnings).map(&:code).count("no_amount") }
    coat = "Schnitzel\n4 pork cutlets\n2 eggs\n100 g breadcrumbs\n"

    it "is fat of no amount beside crumbs and the egg they stick to" do
      found = read("#{coat}oil\n")
      expect([fats[found].map(&:to_fry_in?), asked[found]]).to eq [[true], 0]
    end

    it "is none that is weighed, or that a sauce or pastry asks for" do
      expect(fats[read("#{coat}30 g butter\n")].map(&:to_fry_in?)).to eq [false]
      ["#{coat}oil\n300 ml milk\n", "Gravy\noil\n30 g flour\n500 ml stock\n", "Pie\noil\n200 g flour\n1 egg\n"]
        .each { |text| expect([fats[read(text)].map(&:to_fry_in?), asked[read(text)]]).to eq [[false], 1] }
    end
  end

  describe "nuts that are ground behind a comma" do
    it "are what they are ground into" do
      found = ["100 g almonds, ground", "1/2 cup pecans, finely ground", "100 g Haselnüsse, gemahlen"]
      expect(found.map { |text| line(text).ingredient }).to eq %w[almond_flour ground_nuts ground_nuts]
    end

    it "are nuts where they are chopped, or ground beside something else" do
      found = ["100 g almonds, chopped", "100 g beef, ground"].map { |text| line(text) }
      expect(found.map(&:ingredient)).to all(be_nil)
    end
  end
end
