RSpec.describe Restauro::Families::Batter::Tin do
  family = Restauro::Families.fetch("batter", Reference::Helpers::CATALOGUE)
  muffins =
    "Corn muffins\n200 g flour\n50 g cornmeal\n2 tsp baking powder\n240 ml milk\n2 eggs\n80 g butter\n60 g sugar"
  step = ->(spec, tin, text = muffins, word = /fill the cups/) do
    family.steps(family.swap(spec.read(text), family.options(tin: tin))).find { |s| s.text.match?(word) }.text
  end

  # By hand: two thirds of 90 mL is 60 mL, 63 g of batter at 1.05 g/mL (hydration.yml).
  it("fills by volume") do
    expect(described_class.fetch("standard").fill_g(2 / 3.0)).to be_within(0.5).of(
      60 * Restauro::Constants.fetch(:hydration, :batter_density) / 1000
    )
  end
  it("says how many cups it fills") do
    expect(%w[mini standard large].map { |tin| step[self, tin][/in each of (\d+)/, 1].to_i }).to match(
      [be_between(30, 50), be_between(10, 16), be_between(5, 8)]
    )
  end
  it("half fills a hot tin") do
    expect(step[self, "standard", "Popover trial\n120 g flour\n300 ml milk\n3 eggs", /half full/]).to match(
      /half full: \d+ g in each of \d+ standard muffin cups/
    )
  end

  # Common practice: 18 minutes for a standard cup, which the steam factor was fitted to; mini 10 to 15 and large 25 to
  # 35 from memory.
  it "bakes longer the larger the cup" do
    minutes = described_class.all.to_h { |tin| [tin.key, Restauro::Families::Batter::Muffins.minutes(tin)] }
    expect(minutes).to match(
      "mini" => be_between(10, 15),
      "standard" => be_within(2).of(18),
      "large" => be_between(25, 35)
    )
  end

  it("knows no other tin") do
    expect { family.options(tin: "bath") }.to raise_error(Restauro::InvalidInput, /mini, standard, large/)
  end
end
