# The oven a recipe names, as people write it; fan ovens are set 20 C lower (UK oven tables, common practice).
RSpec.describe Restauro::Dishes::Said do
  {
    "Bake at 200C/180C fan/gas 6 for 30 min." => [200, false], "Bake at 220°C (fan 200°C)." => [220, false],
    "Preheat the oven to 180C fan / 200C / gas 6." => [200, false], "Bake at 180C fan." => [200, true],
    "Bake 40 min at 180 fan." => [200, true], "Heat the oven to fan 180." => [200, true],
    "Bei 180 °C Umluft 35 Min. backen." => [200, true], "Bake at 350F convection 20 minutes." => [197, true],
    "Ofen auf 200 Grad Ober-/Unterhitze (180 Grad Umluft) vorheizen." => [200, false],
    "Backofen auf 200 °C (Umluft 180 °C) vorheizen." => [200, false],
    "Au four à 180 °C, chaleur tournante, 30 minutes." => [200, true],
    "In forno ventilato a 180 °C per 30 minuti." => [200, true],
    "In een hetelucht oven van 180 graden 30 minuten." => [200, true],
    "Al horno a 180 °C con ventilador 30 minutos." => [200, true],
    "In a fan oven at 170, 20 minutes." => [190, true], "Bake at 190 for 20 minutes." => [190, false],
    "Bake at 350 for 30 minutes." => [177, false], "Bake at 350 degrees until brown." => [177, false],
    "Bake at 350°, 20 minutes." => [177, false], "Preheat oven to 220." => [220, false],
    "Bake in 3 dishes with 250 ml milk." => [nil, nil], "Bring to 200 g, then bake." => [nil, nil]
  }.each do |step, (celsius, fan)|
    it "reads '#{step}'" do
      oven = described_class.of(read("Pie\n200 g plain flour\n100 g butter\n#{step}", system: "uk")).oven
      expect([oven&.celsius&.round, oven&.fan]).to eq [celsius, fan]
    end
  end
end
