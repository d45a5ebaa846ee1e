# frozen_string_literal: true

# What goes cold into its case, what is brushed on, what is stirred into crumbs. Common practice.
RSpec.describe "A crust that is filled cold, glazed or crumbled" do
  said = ->(spec, text, **choices) { spec.answer(text, system: "uk", **choices).steps.map(&:text).join("\n") }
  case_of = "Pastry:\n200 g plain flour\n100 g butter\n3 tbsp cold water\nFilling:\n"
  cold = "Bake the case blind for 20 minutes at 190C, cool, fill with the cheese and serve cold."

  it("chills what is savoury and goes cold into a case that was baked") do
    expect(said[self, "Cheese tart\n#{case_of}250 g mascarpone\n2 tbsp pesto\n#{cold}"]).to match(/^Into the fridge/)
  end

  it("bakes a savoury custard, whatever is told of the case") do
    text = "Cheese tart\n#{case_of}250 ml cream\n3 eggs\n100 g gruyère\n#{cold} Bake at 170C for 30 minutes."
    expect(said[self, text]).not_to match(/^Into the fridge/)
  end

  it("lays no lid on a case that was baked, whatever goes on top") do
    text = "Tomato tart\n#{case_of}250 g mascarpone\n300 g cherry tomatoes\n" \
           "Bake the case blind for 20 minutes at 190C, cool, fill, top with the tomatoes."
    expect(said[self, text]).to match(/weights/).and(satisfy { |words| !words.include?("Lid on") })
  end

  it("brushes a pie with egg where only sugar is strewn over it") do
    text = "Apple pie\n300 g flour\n150 g butter\n4 tbsp water\n1 kg apples\n80 g sugar\n1 tbsp sugar, to sprinkle\n" \
           "Line a 24 cm tin, fill, cover with the lid. Bake at 190C for 45 minutes."
    expect(said[self, text]).to match(/brush with 1 egg with a teaspoon of water/)
  end

  it("stirs all that is in a crumble into it, what is wet too") do
    text = "Plum crumble\n800 g plums\n80 g sugar\nTopping:\n180 g flour\n90 g butter\n1 egg yolk\n1/2 tsp salt\n" \
           "Bake at 180C for 35 minutes."
    expect(said[self, text]).to match(/Rub \d+ g butter into .*, stir in .*salt.* and .*egg yolk/)
  end

  it("pours cream and honey into the caramel of nuts, and melts neither dry") do
    text = "Walnut tart\n#{case_of}250 g walnuts\n200 g sugar\n150 ml double cream\n2 tbsp honey\n" \
           "Bake at 180C for 35 minutes."
    expect(said[self, text]).to match(/melt 200 g sugar dry.*pour in 1\d\d g heavy cream and 42 g honey, warm/)
  end

  it("simmers a filling for as long as is said of it, and its meat no second time") do
    text = "Beef pie\n250 g flour\n125 g butter\n60 ml water\n600 g diced beef\n3 tbsp flour\n400 ml beef stock\n" \
           "Simmer the filling for 95 minutes. Bake at 200C for 35 minutes."
    expect(answer(text).steps.select { |step| step.kind == "simmer" }.map(&:minutes).count(95.0)).to eq 1
  end
end
