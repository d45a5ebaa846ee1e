# How long a recipe simmers, where its sentence says other times too. Common practice.
RSpec.describe Restauro::Dishes::Said do
  {
    "Add the flour, cook 1 minute, stir in the stock and simmer 2 hours." => 120,
    "Add the flour and cook 1 minute. Stir in the stock and simmer for 20 minutes." => 20,
    "Simmer for 40 minutes, then stir in the peas for 2 minutes." => 40,
    "Soften the onions for 8 minutes, simmer for 10 minutes, then simmer 5 minutes more." => 10,
    "Ajouter la farine, cuire 2 minutes, verser le lait et laisser mijoter 15 minutes." => 15,
    "Whisk in flour for 1 minute, whisk in milk, simmer until thick, 5 minutes; stir in the cheese." => 5,
    "Mehl 2 Minuten rösten, mit Brühe ablöschen und 10 Minuten köcheln." => 10
  }.each do |step, minutes|
    it "reads '#{step}'" do
      said = described_class.of(read("Stew\n500 g beef\n2 tbsp flour\n500 ml stock\n#{step}", system: "metric"))
      expect([said.simmer_minutes, said.simmers.first.minutes]).to eq [minutes, minutes]
    end
  end

  {
    "Rest the batter 20 minutes, fry 3 minutes on each side." => {rests: 20, fries: 6},
    "Knead for 10 minutes, rest the dough 30 minutes, roll out, boil in salted water for 4 minutes." =>
      {boils: 4},
    "Teig 20 Minuten quellen lassen, je Seite 3 Minuten braten." => {rests: 20, fries: 6},
    "Cook the flour 1 minute, add the milk, simmer until thick, about 8 minutes, then fry the onions for 5 minutes." =>
      {simmers: 8, fries: 5},
    "Fry for 3 minutes, then bake at 200C for 20 minutes." => {fries: 3}
  }.each do |step, times|
    it "tells the times apart in '#{step}'" do
      said = described_class.of(read("Dish\n100 g flour\n500 ml milk\n#{step}", system: "metric"))
      expect(times.keys.to_h { |kind| [kind, said.send(kind).first&.minutes] }).to eq times
    end
  end

  it "keeps what is baked in turn in one sentence" do
    step = "Bake for 15 minutes at 220C, turn down to 180C and bake for 30 minutes."
    expect(described_class.of(read("Pie\n200 g flour\n100 g butter\n#{step}", system: "metric")).bake_minutes).to eq 45
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
