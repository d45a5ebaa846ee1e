# frozen_string_literal: true

# A savoury custard with a spoon of flour sets in the oven; more flour, sugar, or yolks alone are boiled. Common
# practice.
RSpec.describe Restauro::Families::Crust::Filling do
  set = ->(spec, list) do
    described_class.set_by_eggs?(spec.read("Tart\n#{list}", system: "metric").ingredients, spec.catalogue)
  end

  {
    "3 eggs\n250 ml cream\n1 tbsp flour\n2 onions" => true,
    "3 eggs\n250 ml cream\n2 onions" => true,
    "3 eggs\n250 ml cream\n40 g flour\n2 onions" => false,
    "3 eggs\n250 ml cream\n20 g cornflour\n60 g sugar" => false,
    "4 egg yolks\n250 ml cream\n1 tbsp flour" => false,
    "1 egg\n250 ml cream\n1 tbsp flour" => false,
    "3 eggs\n50 ml cream\n1 tbsp flour" => false
  }.each do |list, told|
    it("is #{told} of '#{list.tr("\n", ",")}'") { expect(set[self, list]).to be told }
  end

  it "is boiled with one starch where who eats has no egg" do
    text = "Onion tart\nCrust: 250 g flour, 125 g butter, 60 ml water\n" \
           "Filling: 600 g onions, 3 eggs, 250 ml cream, 1 tbsp flour\nSoften the onions. Bake."
    steps = answer(text, system: "metric", without: %w[egg]).parts.flat_map(&:steps)
    boiled = steps.select { |step| step.text.include?("boil one minute") }
    expect(boiled.map { |step| step.text.scan("starch").length }).to eq [1]
  end
end
