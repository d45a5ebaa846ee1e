# Crumbs pressed on fish or cutlets with no egg under them. What is asked is common practice.
RSpec.describe Restauro::Dishes::CrustOfCrumbs do
  crust = lambda do |text|
    read = Reference::Helpers::READERS["uk"].read(text)
    described_class.of?(read.title, read.ingredients)
  end
  fish = "4 cod fillets\n100 g breadcrumbs\n2 tbsp chopped parsley\n30 g butter"

  it "is one by the dish's name" do
    expect([crust["Cod with a herb crust\n#{fish}"], crust["Cod with parsley\n#{fish}"]]).to eq [true, false]
  end

  it "is none without crumbs, or without a piece that comes whole" do
    expect(crust["Parmesan crusted cod\n4 cod fillets\n50 g parmesan\n30 g butter"]).to be false
    expect(crust["Herb crust\n100 g breadcrumbs\n2 tbsp chopped parsley\n30 g butter"]).to be false
  end

  it "is none with an egg under it, or a sauce around it" do
    expect(crust["Cod with a herb crust\n#{fish}\n1 egg"]).to be false
    expect(crust["Cod with a herb crust\n#{fish}\n300 ml milk"]).to be false
  end

  describe "in its dish" do
    def kinds(text) = answer(text, system: "uk").steps.map(&:kind)

    it "is baked where its name says so, fried where there is fat to fry in" do
      expect(kinds("Baked cod with a herb crust\n#{fish}")).to include("bake")
      expect(kinds("Cod with a herb crust\n#{fish}")).to include("fry")
      expect(kinds("Baked cod with a herb crust\n#{fish}\nOil for frying")).not_to include("bake")
    end
  end
end
