# Which lines an eater may not have: told line by line, by what it is and by what it says.
RSpec.describe Restauro::Diets::Exclusion do
  of = ->(*words) { described_class.of(words, Reference::Helpers::CATALOGUE) }

  it("leaves out by diet, by allergen, by group and by itself, and says so of each") do
    expect([[], ["egg"], ["starch"], ["honey"]].map { |words| of[*words].empty? }).to eq [true, false, false, false]
  end

  it "holds a line for what it is, and for what it says" do
    recipe = read("2 eggs\n500 ml milk\n2 tbsp walnut oil\n1 tbsp moonberry jam")
    held = ->(*words) { of[*words].held_in(recipe.ingredients, catalogue) }
    expect([held[], held["egg"], held["dairy"], held["tree_nut"]]).to eq [
      [],
      ["2 eggs"],
      ["500 ml milk"],
      ["2 tbsp walnut oil"]
    ]
  end

  it "warns of the very lines, by the thing's name or by the word that was found" do
    recipe = read("2 eggs\n500 ml milk\n2 tbsp walnut oil")
    words = ->(*diets) do
      of[*diets].warnings(recipe, catalogue).map { |warning| [warning.line, warning.text[/\A.*?(?= is on)/]] }
    end
    expect([words[], words["egg"], words["tree_nut"]]).to match(
      [[], [["2 eggs", /egg/]], [["2 tbsp walnut oil", "walnut"]]]
    )
  end

  it "holds eggs that are boiled, and those that are broken whole into a dish" do
    whole = ["Curried eggs\n6 eggs, hard-boiled\n400 ml milk", "Shakshuka\n4 eggs\n400 g chopped tomatoes"]
    expect(whole.map { |text| of["egg"].held_in(read(text).ingredients, catalogue) })
      .to eq [["6 eggs, hard-boiled"], ["4 eggs"]]
  end

  it("a thing that says it is without is not held") { expect(of["tree_nut"].named("walnut-free muesli")).to be_nil }
  it("what holds gluten is out, whoever eats") { expect(of[].allows?(catalogue.fetch("wheat_flour"))).to be false }

  describe Restauro::Diets::Substitutes do
    substitutes = ->(*words) do
      described_class.new(Reference::Helpers::CATALOGUE, of[*words], units: Restauro::KitchenUnits.of("us"))
    end

    it "puts something in the place of what is left out, and of nothing else" do
      found = substitutes["egg"].of(read("2 eggs\n500 ml milk\n30 g flour\n1 tbsp moonberry jam"))
      expect(found.map { |one| one.line.text }).to eq ["2 eggs"]
      expect(found.first.lines.map(&:added).uniq).to eq [true]
    end

    it "takes a thing of wheat that is not known only where it is sold as gluten free, beside what is left out" do
      found = substitutes["egg"].of(read("2 eggs\n200 g wheat moonloops"))
      expect(found.map { |one| [one.line.text, one.lines.last.ingredient, one.lines.last.added] }).to match(
        [["2 eggs", anything, true], ["200 g wheat moonloops", "gf_other", true]]
      )
    end
  end
end
