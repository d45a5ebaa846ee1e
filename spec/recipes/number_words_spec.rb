# Numbers, spoons and heaps as they are written in other languages. Common practice.
RSpec.describe Restauro::Recipes::NumberWords do
  amount = ->(spec, text) do
    spec.read("Thing\n1 cup water\n#{text}", system: "metric").ingredients.last.grams&.value&.round
  end

  {
    "zwei Eier" => 100, "due uova" => 100, "trois œufs" => 150, "drie eieren" => 150, "dwa jajka" => 100,
    "ein Ei" => 50, "un huevo" => 50, "an egg" => 50, "un demi-litre de lait" => 516, "ein halber Liter Milch" => 516,
    "media taza de leche" => 129, "mezzo litro di latte" => 516, "een eetlepel bloem" => 8,
    "una cucharada de harina" => 8, "2 gehäufte EL Mehl" => 23, "2 EL gestr. Mehl" => 15,
    "2 cucchiai colmi di farina" => 23, "2 cs de farine" => 15, "2 colheres (sopa) de farinha de trigo" => 15,
    "1 KL Salz" => 6, "1 cube de levure fraîche" => 42, "2 tazas de leche" => 516, "1 lata de creme de leite" => 300,
    "un po' di sale" => nil, "eine Zwiebel" => nil,
    "een halve liter melk" => 516, "dos de cabillaud" => nil, "demi-glace" => nil, "half and half" => nil
  }.each do |text, grams|
    it("reads #{text.inspect} as #{grams || "no measure"}") { expect(amount[self, text]).to eq grams }
  end
end
