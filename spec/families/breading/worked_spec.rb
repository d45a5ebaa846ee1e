# Coats as worked out, where a change of one sign would have got them wrong.
RSpec.describe Restauro::Families::Breading do
  catalogue = Reference::Helpers::CATALOGUE
  breading = Restauro::Families.fetch("breading", catalogue)
  lines = ->(spec, text) do
    recipe = breading.read(spec.read(text))
    described_class::Lines.new(breading.swap(recipe, breading.options), catalogue)
  end

  it "leaves crumbs of a part of their own around the cakes, with the fat they are fried in" do
    parted = read("Salmon cakes\nCakes\n400 g salmon, flaked\n2 spring onions\nCoating\n1 egg\n80 g breadcrumbs\n" \
                  "oil for frying")
    whole = read("Salmon cakes\n400 g salmon, flaked\n2 spring onions\n1 egg\n80 g breadcrumbs\noil for frying")
    inside = [parted, whole].map { |recipe| described_class::Bound.of(recipe).ingredients.count(&:inside?) }
    expect(inside).to eq [0, 2]
  end

  {
    "cakes" => "Fish cakes\n400 g cod, cooked\n300 g mashed potato\n1 tsp salt\n50 g flour\n1 egg\n80 g breadcrumbs",
    "wrapped eggs" => "Scotch eggs\n4 eggs\n400 g sausage meat\n1 tsp salt\n50 g flour\n1 egg, beaten\n80 g breadcrumbs",
    "sandwiches" => "Mozzarella in carrozza\n8 slices bread\n200 g mozzarella\n1 tsp salt\n50 g flour\n2 eggs\n80 g breadcrumbs"
  }.each do |what, text|
    it("rubs no salt on #{what}") { expect(lines[self, text].seasoned).to eq [] }
  end

  it "rubs the salt on whole pieces" do
    chops = "Pork chops\n4 pork chops\n1 tsp salt\n1 tsp paprika\n2 eggs\n100 g breadcrumbs"
    expect(lines[self, chops].seasoned.map(&:text)).to include("1 tsp salt")
  end

  it "coats wrapped eggs and what is around them" do
    eggs = "Scotch eggs\n4 eggs\n400 g sausage meat\n50 g flour\n1 egg, beaten\n80 g breadcrumbs"
    expect(lines[self, eggs].coated.map(&:text)).to eq ["400 g sausage meat", "4 eggs"]
  end

  it "warns of what somebody does not eat, beside what it warns of by itself" do
    recipe = breading.read(read("Schnitzel\n4 pork escalopes\n50 g flour\n2 eggs\n100 g breadcrumbs\n200 g fish sauce"))
    swap = breading.swap(recipe, breading.options(without: ["fish"]))
    bare = breading.swap(recipe, breading.options)
    expect(swap.warnings.map(&:code) - bare.warnings.map(&:code)).to eq ["holds_excluded"]
  end

  # By hand: ten cells, ten degrees a cell; a quarter of the way out is cell 2.5 - 0.5.
  it "reads a profile between the middles of its cells" do
    profile = (0..10).map { |cell| 10.0 * cell }
    found = [0.25, 0.0, 1.0].map { |share| described_class::Wrapping.send(:inside, profile, share) }
    expect(found).to eq [20.0, -5.0, 95.0]
  end

  describe described_class::FlourAndMeal do
    told = ->(spec, steps) do
      text = "Fried okra\n400 g okra\n200 ml buttermilk\n120 g cornmeal\n60 g flour\n1 tsp salt\n" \
             "oil for frying\n#{steps}"
      lines[spec, text].dishes.map { |dish| dish.map(&:ingredient) }
    end

    it "stirs meal into the flour where a step does" do
      expect(told[self, "Mix the cornmeal, flour and salt. Dredge the okra."].flatten)
        .to include("cornmeal", "corn_starch", "fine_salt")
    end

    it "keeps a dish for each where none does" do
      expect(told[self, "Dip the okra in flour, then in cornmeal."].length).to be > 1
    end

    it "takes a batter for no mix of what is dry" do
      recipe = breading.read(read("Okra\n400 g okra\n120 g cornmeal\n60 g flour\nMix flour, milk and cornmeal."))
      expect(described_class.said?(recipe, catalogue)).to be false
    end

    it "weighs the two as one" do
      recipe = breading.read(read("Okra\n400 g okra\n120 g cornmeal\n60 g flour"))
      expect(described_class.ingredient(recipe, catalogue).say).to match(/cornmeal/)
    end

    it "has nothing to weigh where only one amount is told" do
      recipe = breading.read(read("Okra\n400 g okra\n120 g cornmeal\nflour"))
      expect(described_class.ingredient(recipe, catalogue)).to be_nil
    end
  end

  {
    "Soak the okra in the buttermilk for 10 minutes. Dredge in flour." => [10.0, /lie in it/],
    "Marinate overnight. Dredge in flour." => [60.0, /overnight/],
    "Marinate overnight. Dredge in flour. Let them stand 15 minutes." => [60.0, /overnight/],
    "Marinate for 2 hours. Dredge in flour." => [60.0, /overnight/]
  }.each do |steps, (minutes, words)|
    it "soaks for #{minutes} minutes where '#{steps}'" do
      recipe = breading.read(read("Fried chicken\n600 g chicken thighs\n300 ml buttermilk\n100 g flour\n#{steps}"))
      soak = breading.steps(breading.swap(recipe, breading.options)).find { |step| step.text.start_with?("Turn") }
      expect([soak.minutes, soak.text]).to match [minutes, words]
    end
  end

  it "leaves crumbs that a step coats with around the cakes" do
    told = ["Shape into cakes. Coat in the breadcrumbs and fry.", "Mix everything, shape, fry."].map do |step|
      recipe = read("Fish cakes\n400 g cod, cooked\n1 egg\n80 g breadcrumbs\n#{step}")
      described_class::Bound.of(recipe).ingredients.count(&:inside?)
    end
    expect(told).to eq [0, 2]
  end

  it "says what stands in for the egg of a coat that holds no gluten" do
    text = "Fried cod\n600 g cod\n50 g maize starch\n2 eggs\n100 g gluten-free breadcrumbs\noil for frying"
    swap = breading.swap(breading.read(read(text)), breading.options(without: %w[egg]))
    expect(swap.substitutions.map { |found| found.line.text }).to eq ["2 eggs"]
  end
end
