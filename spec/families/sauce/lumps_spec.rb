# Where the two meet, by calorimetry: the heat of each by its mass and its specific heat (1.8 J/(g K) for dry starch,
# 4.18 for water, from memory), worked here apart from the code.
RSpec.describe Restauro::Families::Sauce::LumpRisk do
  formula = ->(spec, text, **choices) { spec.swap(text, **choices).ours.cooking.formula }
  slurry = "20 g maize starch\n600 ml milk"
  roux = "40 g flour\n40 g butter\n600 ml milk"
  constant = ->(group, name) { Restauro::Constants.fetch(group, name) }
  grams = ->(parts) { parts.sum { |part| part.grams.value } }

  it "meets a slurry where the heats of starch, its water and the liquid balance" do
    made = formula[self, slurry, school: "slurry"]
    cold = grams[made.thickeners] * constant[:sauce,
:lump_dry_heat] + made.slurry_water_g * constant[:pan, :water_heat_capacity]
    hot = made.poured_g * constant[:pan, :liquid_heat_capacity]
    balance = (cold * constant[:pan, :start_celsius] + hot * constant[:sauce, :lump_hot_liquid_celsius]) / (cold + hot)
    expect(described_class.assess(made, "slurry_thread").celsius).to be_within(0.01).of(balance)
    expect(balance).to be < constant[:sauce, :lump_hot_liquid_celsius] - 1
  end

  it "meets a roux the hotter the less liquid comes first, and hottest where that is hot" do
    made = formula[self, roux, school: "roux"]
    met = %w[cold_at_once portions hot_at_once].map { |pour| described_class.assess(made, pour).celsius }
    expect(met).to eq met.sort
    expect(met.uniq.length).to eq 3
  end

  it "calls cold liquid on a roux low, hot liquid at once high, and dry starch high" do
    made = formula[self, roux, school: "roux"]
    thin = formula[self, slurry, school: "slurry"]
    expect(
      [
        described_class.assess(made, "cold_at_once").level,
        described_class.assess(made, "hot_at_once").level,
        described_class.assess(thin, "dry_into_hot").level
      ]
    ).to eq %w[low high high]
  end

  it "says where the two meet and where the grains begin to paste" do
    risk = described_class.assess(formula[self, roux, school: "roux"], "hot_at_once")
    expect(risk.words).to match(/they meet at about #{risk.celsius.round} °C, the grains paste from \d+ °C/)
  end

  it "names the ways there are where it is asked for another" do
    made = formula[self, roux, school: "roux"]
    expect { described_class.assess(made, "splash") }.to raise_error(Restauro::InvalidInput, /cold_at_once.*'splash'/)
  end

  it "pours a roux no slurry, and a slurry no roux" do
    expect([described_class.of("roux") & described_class.of("slurry"), described_class.of("roux").length]).to eq [[], 3]
  end
end
