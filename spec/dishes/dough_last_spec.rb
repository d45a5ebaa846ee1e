# Lists that begin with what goes inside and end with the dough: the same dish as the other way round. Common practice.
RSpec.describe Restauro::Dishes::DoughLast do
  worked = ->(spec, title, things, step) do
    spec.answer("#{title}\n#{things}\n#{step}", system: "metric").then do |found|
      [found.parts.filter_map { |part| part.part.family }, found.lines.map(&:text).sort]
    end
  end

  {
    "Pizza" => ["400 g bread flour\n250 ml water\n7 g yeast\n2 tbsp olive oil", "200 g passata\n250 g mozzarella",
                "Bake 15 minutes at 220C"],
    "Strudel di mele" => ["250 g farina\n1 uovo\n100 ml acqua\n2 cucchiai olio",
                          "1 kg mele\n80 g zucchero\n50 g pangrattato\n50 g burro",
                          "Cuocere a 180 gradi per 40 minuti"],
    "Bacon and onion roly-poly" => ["200 g self-raising flour\n100 g suet\n130 ml water", "200 g bacon\n1 onion",
                                    "Steam for 2 hours."],
    "Quiche" => ["250 g plain flour\n125 g butter\n4 tbsp water", "200 g bacon\n3 eggs\n300 ml cream\n100 g cheddar",
                 "Bake at 180C for 35 minutes"],
    "Custard tart" => ["250 g plain flour\n125 g butter\n4 tbsp water", "6 egg yolks\n400 ml double cream\n75 g sugar",
                       "Bake at 150C for 40 minutes"],
    "Ravioli" => ["300 g flour\n3 eggs", "500 g spinach\n250 g ricotta\n50 g parmesan", "Boil 4 minutes"]
  }.each do |title, (dough, inside, step)|
    it "makes the same #{title} either way round" do
      first, last = [[dough, inside], [inside, dough]].map { |both| worked[self, title, both.join("\n"), step] }
      expect(last).to eq first
    end
  end

  it "takes a roux at the end of a pie's list for no dough" do
    found = answer("Chicken pie\n500 g chicken breast\n2 carrots\n120 g flour\n100 g butter\n900 ml milk\n" \
                   "1 sheet puff pastry\nBake at 200C for 30 minutes", system: "uk")
    expect(found.lines.map(&:text).join("\n")).to match(/9\d\d(?:\.\d)? g milk/)
  end

  it "leaves a list alone whose title names no dough with something in it" do
    found = answer("Fried cod\n500 g cod fillets\n200 g flour\n100 ml water\noil for frying", system: "uk")
    expect(found.parts.map { |part| part.part.family }).not_to include("crust")
  end
end
