# What pages put around a thing on its line.
RSpec.describe Restauro::Recipes::Marks do
  {
    "> 200 g flour" => "200 g flour", "200 g flour**" => "200 g flour", "200 g butter* (see note 1)" => "200 g butter",
    "1 batch pastry (recipe below)" => "1 batch pastry", "200 g butter ($0.45)" => "200 g butter",
    "200 g butter - £1.20" => "200 g butter", "400 g tin tomatoes, 50p" => "400 g tin tomatoes",
    "flour ..... 200 g" => "flour – 200 g", "flour | 200 g" => "flour – 200 g", "200 g | flour" => "200 g flour",
    "1/2 cup – milk" => "1/2 cup milk", "200 g flour;" => "200 g flour", "2 tbsp oil." => "2 tbsp oil"
  }.each { |line, bare| it("takes '#{line}' for '#{bare}'") { expect(described_class.off(line)).to eq bare } }

  ["200 g butter (optional)", "12. Melt the butter.", "Stir ... until thick", "20p", "1 pkg. yeast", "Fry 3 minutes.",
   "Prep 10 min | Cook 20 min", "12 prawns (16/20)"]
    .each { |line| it("leaves '#{line}'") { expect(described_class.off(line)).to eq line } }
end
