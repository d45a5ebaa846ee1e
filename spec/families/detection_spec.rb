RSpec.describe Restauro::Families::Detection do
  found = ->(spec, text) { described_class.new(spec.read(text), Reference::Helpers::CATALOGUE).candidates }

  {"Batter\n200 g flour" => %w[batter], "Batter\n200 ml milk" => %w[batter], "Dredged chicken\n600 g chicken fillets, 20 mm\n80 g flour" => %w[breading],
   "Crêpes\n130 g flour\n320 ml milk\n2 eggs" => %w[batter], "White sauce\n40 g flour\n40 g butter\n500 ml milk" => %w[sauce],
   "60 g flour\n230 ml milk\n5 g butter" => %w[sauce batter]}.each do |text, families|
    it("takes #{text.lines.map(&:strip).join(", ")} for #{families.join(" or ")}") { expect(instance_exec(self, text, &found)).to eq families }
  end
end
