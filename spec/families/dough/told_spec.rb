# What a dough says of its pot, its bowl and its shelf.
RSpec.describe Restauro::Families::Dough do
  part = ->(spec, text, **choices) { spec.answer(text, **choices).then { |all| all.parts[all.dish.main] } }
  noodles = "Tagliatelle\n300 g flour\n3 eggs"
  gnocchi = "Gnocchi\n800 g riced potato\n200 g flour\n1 egg"

  describe "its minutes in the pot" do
    it "wait for the water and for the heat, where a piece is thicker than the law was measured for" do
      thick = part[self, "Dumplings\n300 g flour\n120 ml water", family: "pasta", shape: "dumpling", thickness_mm: 14.0]
      boiling = thick.swap.ours.boiling
      expect(boiling.boil_minutes).to be >= boiling.body.minutes_to(Restauro::Constants.fetch(:boil, :done_celsius))
    end

    it "are drawn a third past done, from the start" do
      found = part[self, gnocchi]
      _, points, = found.family.expected(found.swap)
      minutes = points.map(&:first)
      expect([minutes.first,
              minutes.last]).to match [0.0, be_within(0.01).of(1.3 * found.swap.ours.boiling.minutes_done)]
      expect(points.map(&:last)).to eq points.map(&:last).sort
    end
  end

  describe "what stands on the shelf" do
    it "is offered where it is a flour, not where it is butter" do
      keys = part[self, noodles, offer: %w[butter teff_flour]].swap.alternatives.flat_map(&:keys)
      expect([keys.include?("teff_flour"), keys.include?("butter")]).to eq [true, false]
    end

    it "is left where who eats may not have it" do
      keys = part[self, noodles, offer: %w[teff_flour], without: %w[teff_flour]].swap.alternatives.flat_map(&:keys)
      expect(keys).not_to include("teff_flour")
    end
  end

  it "is dried with the flour that is most of it" do
    swap = part[self, "Tart case\n200 g plain flour\n100 g butter\n45 ml water",
with: %w[white_rice_flour tapioca_starch]].swap
    heavier = swap.flours.max_by { |line| line.grams.value }.ingredient
    expect(described_class::Mend.main_flour(swap, catalogue).key).to eq heavier
    expect(swap.flours.map { |line| line.grams.value }.uniq.length).to eq 2
  end

  it "wets with water what beer wetted: beer holds barley" do
    swap = part[self, "Spätzle\n300 g flour\n3 eggs\n120 ml lager"].swap
    expect(swap.liquid.ingredient).to eq "water"
  end

  it "keeps a spoon of vinegar for what it does" do
    found = part[self, "Tagliatelle\n300 g flour\n3 eggs\n60 ml water\n1 tbsp vinegar"]
    expect(found.lines.map(&:ingredient)).to include("cider_vinegar")
    expect(found.swap.liquid&.ingredient).not_to eq "cider_vinegar"
  end

  it "refuses to be made without what it is made of, and lets a filling be another" do
    parcels = "Parcels\nDough:\n300 g flour\n3 eggs\nFilling:\n400 g ricotta"
    curd = "Gnocchi\n500 g ricotta\n150 g flour\n1 egg"
    expect { part[self, curd, without: %w[curd]] }.to raise_error(Restauro::InvalidInput, /what this dough is made of/)
    expect(part[self, parcels, without: %w[dairy]].lines.map(&:ingredient)).not_to include("ricotta")
  end

  it "weighs what was roasted by the cook's own scale, and another root as it usually is" do
    grams = ->(text, **choices) {
  part[self, text, **choices].swap.ours.contents.weights.to_h { |one, g|
  [one.key, g]
}
}
    own = grams["Gnocchi\n1000 g floury potatoes\n200 g flour\n1 egg", roasted_from_g: 1000, roasted_to_g: 700]
    expect(own["potato_riced"]).to be_within(1).of(700)
    usual = grams["Gnocchi\n1000 g floury potatoes\n200 g flour\n1 egg"]["potato_riced"]
    expect(usual).to be_between(720, 1000)
  end

  it "says that eggs bring the water only where there are eggs" do
    mixed = ->(text) { part[self, text].steps.select { |one| one.kind == "mix" }.map(&:text).join(" ") }
    expect(mixed["Tagliatelle\n250 g flour\n3 eggs\n3 egg yolks"]).to include("no water: the eggs bring it")
    expect(mixed["Noodles\n300 g flour\n120 ml water"]).not_to include("the eggs bring it")
  end

  it "steams what is dropped on a stew as long as it takes, and never less than is usual" do
    dropped = ->(text) do
      all = answer(text, system: "uk").parts.flat_map(&:steps)
      all.find { |one| one.text.start_with?("Drop them onto") }
    end
    least = Restauro::Constants.fetch(:dough, :dropped_minutes)
    stew = "Stew with dumplings\n700 ml stock\n30 g butter\n30 g flour"
    found = dropped["#{stew}\nDumplings\n120 g self-raising flour\n60 g suet\n75 ml water"]
    expect(found.minutes).to be >= least
  end

  it "counts the filling's heat with the dough's" do
    boiling = part[self, "Parcels\nDough:\n300 g flour\n3 eggs\nFilling:\n400 g ricotta"].swap.ours.boiling
    stuffed = boiling.body.minutes_to(Restauro::Safety.celsius(:stuffed))
    expect(boiling.minutes_done).to eq [boiling.boil_minutes, stuffed].max
  end
end
