RSpec.describe Restauro::Names do
  # Self-raising flour is read as two things.
  Reference::Helpers::CATALOGUE
    .reject { |ingredient| %w[self_raising_flour tomatoes_giving_juice].include?(ingredient.key) }
    .each do |ingredient|
      it "reads back the catalogue's own names of #{ingredient.key}" do
        expect([ingredient.name, ingredient.say].map { |name| line("10 g #{name}").ingredient }.uniq).to eq [
          ingredient.key
        ]
      end
    end

  {
    "plain flour" => "wheat_flour",
    "all-purpose flour" => "wheat_flour",
    "cold whole milk" => "whole_milk",
    "butter, melted" => "butter",
    "unsalted butter" => "butter",
    "tapioca flour" => "tapioca_starch",
    "gram flour" => "chickpea_flour",
    "besan" => "chickpea_flour",
    "potato flour" => "potato_flour",
    "potato starch" => "potato_starch",
    "cassava flour" => "cassava_flour",
    "glutinous rice flour" => "sweet_rice_flour",
    "buckwheat flour" => "buckwheat_flour",
    "one-to-one gluten-free flour" => "blend_with_gum",
    "measure for measure flour" => "blend_with_gum",
    "one-for-one blend" => "blend_with_gum",
    "all-purpose gluten-free flour" => "blend_plain",
    "gluten-free plain flour" => "blend_plain",
    "gluten-free strong white flour" => "blend_plain",
    "double cream" => "heavy_cream",
    "single cream" => "light_cream",
    "hot vegetable stock" => "stock",
    "homemade turkey stock" => "stock",
    "Maisstärke" => "corn_starch",
    "farine de blé" => "wheat_flour",
    "fecola di patate" => "potato_starch",
    "leche" => "whole_milk",
    "milk or cream" => "whole_milk",
    "egg yolks" => "egg_yolk",
    "lemon juice (about half a lemon)" => "lemon_juice"
  }.each { |name, key| it("#{name} is #{key}") { expect(line("100 g #{name}").ingredient).to eq key } }

  # A name that holds another name is not that thing.
  [
    "peanut butter",
    "milk powder",
    "cocoa butter",
    "lentil flour",
    "butter beans",
    "water chestnuts"
  ].each do |name|
    it("#{name} is never counted as something else") { expect(line("100 g #{name}").ingredient).to be_nil }
  end

  # An unknown one stands for its kind; what is made of wheat is known as that.
  {
    "hemp milk" => "plant_milk",
    "flour tortillas" => "wheat_tortilla",
    "cream crackers" => "wheat_crackers",
    "maida" => "wheat_flour",
    "tipo 00" => "wheat_flour",
    "Weizenmehl" => "wheat_flour",
    "farine de ble" => "wheat_flour",
    "atta" => "wholemeal_flour",
    "matzo meal" => "wheat_flour",
    "seasoned flour" => "wheat_flour",
    "fusilli" => "wheat_pasta",
    "udon" => "wheat_noodles"
  }.each { |name, key| it("#{name} stands for #{key}") { expect(line("100 g #{name}").ingredient).to eq key } }

  describe "cornflour" do
    {
      "us" => "maize_flour",
      "uk" => "corn_starch",
      "metric" => "corn_starch",
      "au" => "corn_starch"
    }.each do |system, key|
      it "is #{key} in #{system} kitchens, and asks" do
        found = line("2 tbsp cornflour", system: system)
        expect([found.ingredient, found.warnings.map(&:code)]).to eq [key, ["ambiguous_ingredient"]]
      end
    end

    it("is settled by a bracket") do
      expect(line("2 tbsp cornflour (cornstarch)").then { |l| [l.ingredient, l.warnings] }).to eq ["corn_starch", []]
    end
    it("is settled the other way by a bracket") do
      expect(line("2 tbsp cornflour (ground maize)", system: "uk").then { |l| [l.ingredient, l.warnings] }).to eq [
        "maize_flour",
        []
      ]
    end
  end

  File.readlines("#{__dir__}/../reference/pantry.txt", chomp: true).reject { |row| row.start_with?("#") }.each do |row|
    what, names = row.split(": ", 2)
    it "knows what is #{what.tr("_", " ")} in six languages" do
      read = names.split("; ").to_h { |name| [name, line("200 g #{name}", system: "metric")] }
      expect(read.reject { |_, found| [found.kind, found.ingredient].include?(what) }.keys).to eq []
    end
  end
end
