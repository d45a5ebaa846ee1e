RSpec.describe Restauro::Families::Detection do
  found = ->(spec, text) { described_class.new(spec.read(text), Reference::Helpers::CATALOGUE).candidates }

  {
    "Batter\n200 g flour" => %w[batter],
    "Batter\n200 ml milk" => %w[batter],
    "Dredged chicken\n600 g chicken fillets, 20 mm\n80 g flour" => %w[breading],
    "Crêpes\n130 g flour\n320 ml milk\n2 eggs" => %w[batter],
    "White sauce\n40 g flour\n40 g butter\n500 ml milk" => %w[sauce],
    "60 g flour\n230 ml milk\n5 g butter" => %w[sauce batter],
    "280 g flour\n3 eggs\n1 tbsp oil" => %w[pasta],
    "800 g riced potato\n220 g flour\n1 egg" => %w[gnocchi],
    "800 g potatoes\n220 g flour" => %w[gnocchi],
    "300 g ricotta\n120 g flour\n1 egg" => %w[gnocchi],
    "Nettle ravioli\n280 g flour\n3 eggs\n\nFilling:\n250 g ricotta" => %w[pasta],
    "280 g flour\n3 eggs\n\nFilling:\n250 g ricotta\n100 g butter" => %w[pasta],
    "240 g flour\n130 g butter\n50 g water" => %w[crust],
    "1 sheet puff pastry\n\nFilling:\n500 g leeks\n40 g flour\n500 ml milk" => %w[crust],
    "200 g biscuit crumbs\n80 g butter" => %w[crust],
    "Plum crumble\n150 g flour\n90 g butter\n70 g sugar\n600 g plums" => %w[crust],
    "160 g almond flour\n90 g dry curd\n2 eggs" => %w[crust]
  }.each do |text, families|
    it("takes #{text.lines.map(&:strip).join(", ")} for #{families.join(" or ")}") do
      expect(instance_exec(self, text, &found)).to eq families
    end
  end
end
