# How one list of things falls apart where nothing says which belongs to which. What is asked is common practice.
RSpec.describe Restauro::Dishes::OneList do
  texts = ->(groups) { groups.map { |group| [group.label, group.lines.map { |line| line.text[/\p{L}.*/] }] } }
  groups = ->(recipe, system = "uk") do
    read = Reference::Helpers::READERS[system].read(recipe)
    texts[Restauro::Dishes::Grouping.new(read, Reference::Helpers::CATALOGUE).groups]
  end
  crust = "200 g plain flour\n100 g butter\n50 ml water"

  describe "a pie that begins with its crust" do
    it "has the rest inside it" do
      expect(groups["Custard pie\n#{crust}\n4 eggs\n500 ml milk"].map(&:last)).to eq [
        ["g plain flour", "g butter", "ml water"], ["eggs", "ml milk"]
      ]
    end

    it "takes an egg that holds it, and no more of them than a dough can hold" do
      found = groups["Quiche\n200 g plain flour\n100 g butter\n1 egg\n3 eggs\n200 ml cream"]
      expect(found.last.last).to eq ["eggs", "ml cream"]
    end

    it "keeps its salt, its little sugar and the egg it is brushed with" do
      found = groups["Apple pie\n200 g plain flour\n20 g sugar\n100 g butter\n50 ml water\n1/2 tsp salt\n" \
                     "800 g apples\n80 g sugar\n1 egg, to glaze"]
      expect(found.map { |_, lines| lines.length }).to eq [6, 2]
    end

    it "leaves the sugar that is half as heavy as the flour to what is in it" do
      found = groups["Tart\n100 g butter\n200 g plain flour\n120 g sugar\n50 ml water\n3 eggs\n200 ml cream"]
      expect(found.map(&:last)).to eq [["g butter", "g plain flour"], ["g sugar", "ml water", "eggs", "ml cream"]]
    end

    it "is none without something that holds it, or with nothing in it" do
      expect(groups["Tart\n200 g plain flour\n100 g butter\n400 g leeks"].length).to eq 1
      expect(groups["Pie crust\n#{crust}"].length).to eq 1
    end

    it "is no crust where the title names none" do
      expect(groups["Sunday supper\n#{crust}\n4 eggs\n500 ml milk"].length).to eq 1
    end

    it "may be wet and without fat where yeast raises it and it is folded" do
      dough = "300 g strong white flour\n7 g dried yeast\n200 ml water\n1 tbsp olive oil"
      expect(groups["Calzone\n#{dough}\n250 g ricotta\n100 g ham"].map { |_, lines| lines.length }).to eq [4, 2]
    end

    it "takes no milk by the cup where nothing raises it, whatever its name" do
      found = groups["Zwiebelkuchen\n250 g plain flour\n125 g butter\n50 ml water\n100 ml milk\n3 eggs\n1 kg onions"]
      expect(found.map { |_, lines| lines.length }).to eq [3, 3]
    end
  end

  describe "a base of crumbs" do
    base = "200 g digestive biscuits, crushed\n100 g butter"

    it "has on it what sets with eggs, or cream" do
      sets = ["3 egg yolks\n400 g condensed milk\n100 ml lime juice", "300 ml double cream\n2 bananas"]
      expect(sets.map { |filling| groups["Pie\n#{base}\n#{filling}"].map(&:last).first }).to eq(
        [["g digestive biscuits, crushed", "g butter"]] * 2
      )
    end

    it "has nothing on it that neither sets nor is whipped" do
      expect(groups["Pie\n#{base}\n500 g strawberries"].length).to eq 1
    end

    it "takes the butter ahead of the crumbs, or that behind them, not both" do
      both = "20 g sugar\n50 g butter\n200 g digestive biscuits, crushed\n30 g butter"
      found = groups["Cheesecake\n#{both}\n600 g cream cheese\n3 eggs"]
      expect(found.map(&:last).first).to eq ["g butter", "g digestive biscuits, crushed"]
    end
  end

  describe "escalopes turned in flour" do
    list = "4 veal escalopes\n50 g plain flour\n40 g butter\n2 tbsp olive oil\n100 ml white wine"

    it "are fried in the oil, the butter kept for the sauce" do
      expect(groups["Veal piccata\n#{list}"]).to eq [
        ["Coating", ["veal escalopes", "g plain flour", "tbsp olive oil"]],
        ["Pan sauce", ["g butter", "ml white wine"]]
      ]
    end

    it "are fried in the only fat there is" do
      found = groups["Veal marsala\n4 veal escalopes\n50 g plain flour\n40 g butter\n100 ml marsala"]
      expect(found.map(&:last)).to eq [["veal escalopes", "g plain flour", "g butter"], ["ml marsala"]]
    end

    it "are told by the words of the flour too" do
      found =
        groups["Chicken in wine\n4 chicken escalopes\n50 g plain flour, for dredging\n40 g butter\n100 ml wine"]
      expect(found.map(&:first)).to eq ["Coating", "Pan sauce"]
    end

    it "are no such thing with crumbs, with nothing poured, or where meat is stewed" do
      expect(groups["Veal piccata\n#{list}\n50 g breadcrumbs"].map(&:first)).not_to include "Pan sauce"
      expect(groups["Sole meuniere\n4 sole fillets\n50 g plain flour\n80 g butter"].length).to eq 1
      expect(groups["Stew\n800 g stewing beef\n50 g plain flour, for dredging\n500 ml beef stock"].length).to eq 1
    end
  end

  describe "lasagne and moussaka" do
    white = "50 g butter\n50 g plain flour\n500 ml milk"

    it "have two sauces, and what is laid between them" do
      found = groups["Lasagne\n500 g beef mince\n400 g tin tomatoes\n9 lasagne sheets\n#{white}\nnutmeg\n60 g cheddar"]
      expect(found).to eq [
        ["Pasta", ["lasagne sheets"]], ["Ragout", ["g beef mince", "g tin tomatoes"]],
        ["White sauce", ["g butter", "g plain flour", "ml milk", "nutmeg", "g cheddar"]]
      ]
    end

    it "scatter cheese that stands before the white sauce" do
      found = groups["Lasagne\n500 g beef mince\n150 g mozzarella\n400 g tin tomatoes\n#{white}"]
      expect(found.last).to eq [nil, ["g mozzarella"]]
    end

    it "have one sauce where nothing is red, or where no milk goes to the flour" do
      expect(groups["Lasagne\n400 g spinach\n9 lasagne sheets\n#{white}"].map(&:first)).not_to include "Ragout"
      red = "Lasagne\n500 g beef mince\n50 g butter\n50 g plain flour\n500 ml beef stock"
      expect(groups[red].map(&:first)).not_to include "Ragout"
    end

    it "lay floured slices between tomatoes" do
      slices = "1 kg aubergines, sliced\n60 g plain flour\n2 eggs"
      found = groups["Aubergine parmigiana\n#{slices}\n500 ml passata\n80 g parmesan"]
      expect(found.map(&:first)).to eq ["Coated slices", "Sauce", nil]
    end
  end

  describe "thin pancakes" do
    batter = "120 g plain flour\n2 eggs\n250 ml milk"

    it "have ham and cheese in them" do
      expect(groups["Crêpes\n#{batter}\n8 slices ham\n200 g gruyere"].map { |_, lines| lines.length }).to eq [3, 2]
    end

    it "have nothing in them but what is savoury" do
      expect(groups["Crêpes\n#{batter}\n200 g blueberries"].length).to eq 1
      expect(groups["Buttermilk pancakes\n#{batter}\n8 slices ham"].length).to eq 1
    end
  end

  describe "fruit under its crust" do
    it "leaves sugar behind the flour to the crust" do
      found = groups["Crumble\n600 g rhubarb\n90 g sugar\n150 g plain flour\n80 g butter\n70 g sugar"]
      expect(found.map { |_, lines| lines.length }).to eq [2, 3]
    end

    it "gives the crust the only butter, though it stands before the flour" do
      found = groups["Crumble\n600 g rhubarb\n90 g sugar\n80 g butter\n150 g plain flour"]
      expect(found.last.last).to eq ["g butter", "g plain flour"]
    end

    it "keeps its own butter where the crust has another" do
      found = groups["Crumble\n600 g apples\n20 g butter\n150 g plain flour\n80 g butter"]
      expect(found.first.last).to eq ["g apples", "g butter"]
    end
  end

  it "gives oil for frying to the coat, wherever it stands" do
    found = groups["Onion rings\n300 g onions, in rings\n150 g plain flour\n1 tsp baking powder\n250 ml milk\n" \
                   "60 g breadcrumbs\n1 litre oil for frying"]
    expect(found.map { |_, lines| lines.last }).to eq ["litre oil for frying", "g breadcrumbs"]
  end

  it "melts the butter before the crumbs for them, where the sauce has its own" do
    white = "50 g butter\n50 g plain flour\n600 ml milk"
    found = groups["Bake\n#{white}\n20 g butter, melted\n60 g breadcrumbs\nBake at 190C."]
    expect(found.last.last).to eq ["g butter, melted", "g breadcrumbs"]
    lone = groups["Bake\n50 g plain flour\n600 ml milk\n20 g butter\n60 g breadcrumbs"]
    expect(lone.last.last).to eq ["g breadcrumbs"]
  end
end
