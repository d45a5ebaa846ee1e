# Learning held against kitchens whose hidden figures are known, since they are made up here: a law of the tool's own,
# DOMAIN 13's figures.
RSpec.describe Restauro::Learning::Posterior do
  trial = Restauro::Learning::Trial
  normal = ->(random) { Math.sqrt(-2 * Math.log(1 - random.rand)) * Math.cos(2 * Math::PI * random.rand) }
  noise, prior = 0.08, 0.15

  describe "in 300 kitchens with hidden strengths" do
    random = Random.new(2026)
    kitchens =
      Array.new(300) do
        truth = {"corn" => prior * normal[random], "rice" => prior * normal[random]}
        shares = [{"corn" => 1.0}, {"rice" => 1.0}, {"corn" => 0.5, "rice" => 0.5}].sample(random: random)
        hidden = shares.sum { |key, share| share * truth[key] }
        trials = Array.new(3) { trial.new(shares: shares, log_ratio: hidden + noise * normal[random], error: noise) }
        [truth, trials, described_class.new(trials, priors: {"corn" => prior, "rice" => prior}), hidden, shares]
      end
    told =
      kitchens.flat_map do |truth, trials, found|
        truth
          .keys
          .select { |key| trials.any? { |one| one.shares.key?(key) } }
          .map { |key| [truth[key], found.mean(key), found.belief(key)] }
      end
    root = ->(errors) { Math.sqrt(errors.sum { |error| error**2 } / errors.length) }

    # The next sauce of the same kind.
    it("halves the catalogue's error of the next prediction after three trials, and beats a plain running mean") do
      learnt =
        root[
          kitchens.map { |_, _, found, hidden, shares| shares.sum { |key, share| share * found.mean(key) } - hidden }
        ]
      none = root[kitchens.map { |_, _, _, hidden| hidden }]
      running = root[kitchens.map { |_, trials, _, hidden| trials.sum(&:log_ratio) / 3 - hidden }]
      expect([learnt / none, learnt]).to match([be <= 0.5, be < running])
    end

    it("holds the truth in its 90 % bands nine times out of ten") do
      expect(
        told.count { |truth, _, belief| Math.exp(truth).between?(belief.low, belief.high) }.fdiv(told.length)
      ).to be_between(0.87, 0.93)
    end
  end

  it "is not carried off by one absurd reading" do
    sane = Array.new(3) { trial.new(shares: {"corn" => 1.0}, log_ratio: 0.1, error: noise) }
    before = described_class.new(sane, priors: {"corn" => prior}).belief("corn").factor
    [5.0, 0.1, 50.0].each do |absurd|
      after =
        described_class
          .new(
            [*sane, trial.new(shares: {"corn" => 1.0}, log_ratio: Math.log(absurd), error: noise)],
            priors: {
              "corn" => prior
            }
          )
          .belief("corn")
          .factor
      alone =
        described_class
          .new(
            [trial.new(shares: {"corn" => 1.0}, log_ratio: Math.log(absurd), error: noise)],
            priors: {
              "corn" => prior
            }
          )
          .belief("corn")
          .factor
      expect([(after / before - 1).abs, (alone - 1).abs]).to all(be < 0.2)
    end
  end

  it "gets surer with every trial, and shares the blame of a mixed sauce" do
    mixed = trial.new(shares: {"corn" => 0.7, "rice" => 0.3}, log_ratio: 0.2, error: noise)
    found = described_class.new([mixed], priors: {"corn" => prior, "rice" => prior})
    expect(found.mean("corn")).to be > found.mean("rice")
    widths =
      (0..4).map do |count|
        described_class.new([mixed] * count, priors: {"corn" => prior, "rice" => prior}).deviation("corn")
      end
    expect(widths).to eq widths.sort.reverse
  end

  it("takes a lesson back with its trial") do
    expect(described_class.new([], priors: {"corn" => prior}).belief("corn")).to have_attributes(
      factor: 1.0,
      trials: 0
    )
  end
  it("begins half way for a new pack") do
    expect(described_class.new([], priors: {"corn" => prior}, starts: {"corn" => 0.1}).mean("corn")).to be_within(
      1e-9
    ).of(0.1)
  end

  describe "bin/restauro learn" do
    learn = ->(observations) do
      Restauro::CommandLine::LearnCommand
        .new("learn", Restauro::CommandLine::World.new(StringIO.new(JSON.generate("observations" => observations))))
        .answer(["-"])
        .then { |text| JSON.parse(text) }
    end
    sauce = "Sauce\n20 g corn starch\n30 g butter\n500 ml milk"

    it("says how strong a starch showed, how slow an oven is, what a ring gives, and what to look at next") do
      stronger = predict("20 g corn starch\n30 g butter\n500 ml milk").flour_equivalents.value * 1.2
      found =
        learn[
          [
            {"recipe" => sauce, "observed_e" => stronger, "how" => "plate_test"},
            {"oven" => {"planned_minutes" => 30, "actual_minutes" => 36, "kind" => "bake"}},
            {"hob" => {"setting" => "medium", "watts" => 800}}
          ]
        ]
      expect(found["ingredients"]["corn_starch"]).to match(
        "power_factor" => be_between(1.1, 1.2),
        "low" => be < 1.1,
        "high" => be > 1.15,
        "trials" => 1
      )
      expect([found["oven"]["minutes_factor"], found["hob"]["medium"]["low"], found["next"]["narrows_to"]]).to match(
        [be_between(1.05, 1.2), be_between(500, 800), be > 0]
      )
    end

    it("says what it cannot learn from") do
      {
        [{"recipe" => sauce}] => /observed_e, plate_mm or grade/,
        [{"recipe" => "Stock\n1 onion\n500 ml stock", "observed_e" => 4}] => /nothing thickens/,
        [{"oven" => {"planned_minutes" => 0, "actual_minutes" => 3}}] => /over 0/,
        [{"mood" => 1}] => /a recipe, an oven or a hob/
      }.each { |observations, words| expect { learn[observations] }.to raise_error(Restauro::InvalidInput, words) }
    end
  end
end
