# frozen_string_literal: true

# Cheese of which a step takes a share, and another strews the rest. Common practice.
RSpec.describe Restauro::Recipes::RestOver do
  def cheeses(steps, list: "300 ml milk\n20 g flour\n90 g cheddar, grated")
    lines = read("Supper\n#{list}\n#{steps}", system: "uk").ingredients
    lines.select { |line| line.role == "cheese" }.map { |line| [line.grams.value.round(1), line.part] }
  end

  {
    "Stir in half the cheese. Scatter over the remaining cheese and bake." => [45.0, 45.0],
    "Stir in two-thirds of the cheddar. Bake with the rest of the cheddar scattered over." => [60.0, 30.0],
    "Beat in most of the cheese. Sprinkle with the remaining cheese; grill." => [67.5, 22.5],
    "Stir in a third of the grated cheese. Bake, topped with the reserved cheese." => [30.0, 60.0],
    "Stir in half of the cheese. Cover with cheese and bake." => [45.0, 45.0],
    "Stir in 60 g of the cheese. Scatter the remaining cheese over and bake." => [60.0, 30.0]
  }.each do |steps, grams|
    it "parts 90 g where '#{steps}'" do
      expect(cheeses(steps)).to eq grams.zip([nil, "Topping"])
    end
  end

  [
    "Stir in 90 g cheese. Scatter the rest of the cheese over and bake.",
    "Stir in half the cheese. Eat the remaining cheese.",
    "Stir in the cheese. Scatter breadcrumbs over it and bake.",
    "Stir in half the cheese, and the remaining cheese at the table, scattered over."
  ].each do |steps|
    it "leaves it whole where '#{steps}'" do
      expect(cheeses(steps).map(&:first)).to eq [90.0]
    end
  end

  it "puts the rest at the end of its own list, before the next" do
    list = "Sauce\n300 ml milk\n20 g flour\n90 g cheddar\nFilling\n300 g leeks"
    lines = read("Pie\n#{list}\nStir in half the cheese. Scatter over the remaining cheese and bake.").ingredients
    expect(lines.map(&:part)).to eq %w[Sauce Sauce Sauce Topping Filling]
  end

  it "takes degrees, or the title, for an oven" do
    degrees = cheeses("Stir in half the cheese. Scatter over the remaining cheese. 25 minutes at 190C.")
    text = "Cheese gratin\n300 ml milk\n20 g flour\n90 g cheddar\nStir in half the cheese. " \
           "Scatter the remaining cheese over."
    title = read(text).ingredients.count { |line| line.role == "cheese" }
    expect([degrees.length, title]).to eq [2, 2]
  end

  it "parts the one of two cheeses that is named" do
    list = "300 ml milk\n20 g flour\n90 g parmesan\n40 g mozzarella"
    found = cheeses("Stir in half the parmesan. Top with mozzarella and the remaining parmesan and bake.", list: list)
    expect(found).to eq [[45.0, nil], [40.0, nil], [45.0, "Topping"]]
  end

  it "takes one that is only called cheese, beside another, for any" do
    list = "300 ml milk\n20 g flour\n90 g cheese\n40 g mozzarella"
    expect(cheeses("Stir in half the milk. Scatter over the rest of the crumbs and bake.", list: list).map(&:first))
      .to eq [90.0, 40.0]
  end

  it "leaves two cheeses as they are listed" do
    list = "300 ml milk\n20 g flour\n90 g cheddar\n40 g parmesan"
    expect(cheeses("Stir in half the cheese. Scatter the remaining cheese over and bake.", list: list).map(&:first))
      .to eq [90.0, 40.0]
  end

  it "puts the rest behind what stands in the same list" do
    lines = read("Bake\n90 g cheddar\n300 ml milk\n20 g flour\nStir in half the cheese. Scatter the remaining " \
                 "cheese over and bake.").ingredients
    expect(lines.map(&:part)).to eq [nil, nil, nil, "Topping"]
  end

  it "puts the rest with the topping that there is" do
    lines = read("Bake\nSauce:\n90 g cheddar\n300 ml milk\n20 g flour\nTopping:\n40 g breadcrumbs\nStir in half the " \
                 "cheese. Scatter the remaining cheese and the crumbs over and bake.").ingredients
    expect(lines.map(&:part)).to eq %w[Sauce Sauce Sauce Topping Topping]
  end
end
