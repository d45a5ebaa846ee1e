# How long a recipe simmers, where its sentence says other times too. Common practice.
RSpec.describe Restauro::Dishes::Said do
  {
    "Add the flour, cook 1 minute, stir in the stock and simmer 2 hours." => 120,
    "Add the flour and cook 1 minute. Stir in the stock and simmer for 20 minutes." => 20,
    "Simmer for 40 minutes, then stir in the peas for 2 minutes." => 40,
    "Soften the onions for 8 minutes, simmer for 10 minutes, then simmer 5 minutes more." => 10,
    "Ajouter la farine, cuire 2 minutes, verser le lait et laisser mijoter 15 minutes." => 15,
    "Mehl 2 Minuten rösten, mit Brühe ablöschen und 10 Minuten köcheln." => 10
  }.each do |step, minutes|
    it "reads '#{step}'" do
      said = described_class.of(read("Stew\n500 g beef\n2 tbsp flour\n500 ml stock\n#{step}", system: "metric"))
      expect([said.simmer_minutes, said.simmers.first.minutes]).to eq [minutes, minutes]
    end
  end

  {
    "In reichlich Butterschmalz bei 170 °C 3 Minuten backen." => nil,
    "In Öl bei 180 °C goldbraun backen." => nil,
    "Im Ofen bei 180 °C 20 Minuten backen." => 180
  }.each do |step, celsius|
    it "knows fat from an oven where '#{step}'" do
      said = described_class.of(read("Schnitzel\n4 Schnitzel\n50 g Mehl\n1 Ei\n#{step}", system: "metric"))
      expect(said.oven&.celsius&.round).to eq celsius
    end
  end
end
