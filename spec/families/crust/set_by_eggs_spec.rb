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
end
