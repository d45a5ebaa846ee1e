# Which eggs and crumbs are inside, and which around: what a change of one sign would not have been noticed by.
RSpec.describe Restauro::Families::Breading do
  catalogue = Reference::Helpers::CATALOGUE
  wrapped = ->(spec, list) { described_class::WrappedEggs.in(spec.read("Eggs\n#{list}")).map(&:text) }
  texts = ->(spec, text) { spec.answer(text).steps.map(&:text).join("\n") }

  cakes = "Fish cakes\n500 g cod, cooked\n1 egg\n50 g flour\n1 egg, beaten\n40 g breadcrumbs\n80 g breadcrumbs, to coat"

  describe described_class::WrappedEggs do
    {
      "those that are boiled already" => ["4 hard-boiled eggs\n400 g mince\n1 egg", ["4 hard-boiled eggs"]],
      "the whole ones beside one that is beaten" => ["4 eggs\n400 g mince\n1 egg, beaten", ["4 eggs"]],
      "small ones beside a large" => ["12 quail eggs\n400 g mince\n1 egg", ["12 quail eggs"]],
      "many in mince beside one to dip in" => ["6 eggs\n400 g sausage meat\n1 egg", ["6 eggs"]],
      "none where as many are for the dish" => ["2 eggs\n400 g sausage meat\n2 eggs", []],
      "none without mince" => ["6 eggs\n400 g cod\n1 egg", []],
      "none of one line of eggs" => ["6 eggs\n400 g mince", []]
    }.each do |claim, (list, found)|
      it("takes #{claim}") { expect(wrapped[self, list]).to eq found }
    end
  end

  it "keeps the first of two measures of crumbs in the cakes where the last is around them" do
    expect(texts[self, cakes]).to match(/Mix [^\n]*40 g gluten-free breadcrumbs/)
  end

  it "mixes garlic and ginger with what the pieces lie in" do
    soaked = "Fried chicken\n800 g chicken thighs\n300 ml buttermilk\n2 cloves garlic\n200 g flour"
    expect(texts[self, soaked]).to match(/Turn 800 g chicken thighs in [^\n]*garlic/)
  end

  it "coats garlic where there is nothing else" do
    breading = Restauro::Families.fetch("breading", catalogue)
    recipe = breading.read(read("Fried garlic\n40 cloves garlic\n300 ml buttermilk\n200 g flour"))
    coated = described_class::Lines.new(breading.swap(recipe, breading.options), catalogue).coated
    expect(coated.map(&:text)).to eq ["40 cloves garlic"]
  end

  it "says of a coat that a sauce softens it, and of cakes without one nothing" do
    cutlets = "Schnitzel\n4 veal cutlets\n50 g flour\n2 eggs\n120 g breadcrumbs"
    patties = "Crab cakes\n450 g crab meat\n100 g mayonnaise\n1 egg\n60 g breadcrumbs"
    said = [cutlets, cakes, patties].map { |text| texts[self, text].include?("the coat is soft") }
    expect(said).to eq [true, true, false]
  end

  it "counts what is filled, and not what it is filled with" do
    mushrooms = "Stuffed mushrooms, crumbed\n3 slices ham\n8 large mushrooms\n50 g flour\n2 eggs\n100 g breadcrumbs"
    ours = answer(mushrooms).parts.first.swap.ours
    expect(ours.pieces&.first).to eq 8
  end

  it("warns of mince where it is fried, not only where it is mixed") do
    frikadeller = "Frikadeller\n500 g minced pork\n80 g breadcrumbs\n1 egg\n4 tbsp flour for coating\n" \
                  "butter for frying\nShape into 12 patties, roll in flour, and fry in butter 6 minutes a side."
    expect(answer(frikadeller).steps.find { |step| step.kind == "fry" }.safety).to include("ground_meat")
  end
end
