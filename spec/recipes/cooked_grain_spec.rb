# frozen_string_literal: true

# How long a grain boils by itself, and what goes into porridge. Common practice.
RSpec.describe Restauro::Recipes::CookedGrain do
  def lines(steps, list: "200 g polenta\n1 litre water\n80 g cheddar\n40 g butter\n20 g flour\n300 ml milk")
    read("Polenta and sauce\n#{list}\n#{steps}", system: "metric").ingredients
  end

  def minutes(steps) = lines(steps).find { |line| line.text.include?("polenta") }.cooked_for
  def into(steps, **more) = lines(steps, **more).select { |line| line.kind == described_class::INTO }.map(&:role)
  def names(steps, **more) =
    lines(steps, **more).select { |line| line.kind == described_class::INTO }.map(&:ingredient)

  it "takes the time of the step that boils it" do
    expect(minutes("Bring the water to the boil, stir in the polenta and cook 40 minutes. Make the sauce.")).to eq 40
  end

  it "takes no time of the oven" do
    expect(minutes("Pour the polenta into the boiling water. Bake the polenta 30 minutes.")).to be_nil
  end

  it "stirs in the cheese of the sentence behind it" do
    steps = "Cook the polenta in the water for 30 minutes. Stir in the cheese. Melt the butter with the flour."
    expect(names(steps)).to eq ["cheddar"]
  end

  it "changes the role of what it stirs in: it is in no sauce" do
    expect(into("Cook the polenta in the water for 30 minutes. Stir in the cheese. Make the sauce.")).to eq ["other"]
  end

  it "leaves cheese to the sauce that asks for it later" do
    steps = "Cook the polenta in the water 30 minutes. Stir in the cheese. Melt the rest of the cheese in the sauce."
    expect(into(steps)).to eq []
  end

  it "leaves cheese alone that another sentence stirs in" do
    steps = "Cook the polenta in the water 30 minutes. Make a sauce of butter, flour, milk. Stir in the cheese."
    expect(into(steps)).to eq []
  end

  it "takes it where the porridge is named" do
    steps = "Cook the polenta in the water 30 minutes. Make a sauce of butter, flour, milk. " \
            "Stir the cheese into the polenta."
    expect(names(steps)).to eq ["cheddar"]
  end

  it "of two cheeses only the one that is named" do
    list = "200 g polenta\n1 litre water\n80 g cheddar\n40 g parmesan\n20 g flour\n300 ml milk"
    steps = "Cook the polenta in the water for 30 minutes. Stir in the parmesan. Make the sauce."
    expect(names(steps, list: list)).to eq ["hard_cheese"]
  end
end
