# What a sauce's comparison, its look and its reduction rest on.
RSpec.describe Restauro::Families::Sauce do
  white = "White sauce\n50 g butter\n50 g flour\n600 ml milk"
  gravy = "Gravy\n30 g dripping\n30 g flour\n500 ml stock"
  texts = ->(spec, text, **choices) { spec.sauce.steps(spec.swap(text, **choices)).map(&:text) }

  it "takes gum for a thickener, and seeds for none" do
    lines = sauce.read(read("Sauce\n30 g flour\n2 g xanthan gum\n40 g sunflower seed flour\n500 ml milk")).ingredients
    expect(lines.map(&:role).first(3)).to eq %w[thickener thickener flour]
  end

  it "suggests starches in place of what does not thicken, and only starches" do
    swap(white, with: %w[sunflower_meal])
  rescue Restauro::InvalidInput => e
    keys = e.message[/choose ([\w, ]+)/, 1].split(", ")
    expect(keys.map { |key| catalogue.fetch(key).group }).to eq ["starch"] * 4
  else
    raise "seeds thickened it"
  end

  describe "what the best is praised for" do
    column = ->(spec, **own) do
      traits = described_class::Traits.allocate
      {minutes: 5.0, holds: 0.0, freezes: "weeps", risks: [], **own}.each do |name, value|
        spec.allow(traits).to spec.receive(name).and_return(value)
      end
      described_class::Comparison::Column.new(swap: nil, traits: traits, cost: nil, score: 1.0, words: "one")
    end
    praise = ->(spec, best = {}, **other) do
      described_class::Comparison.reasons(column[spec, **best], [column[spec, **other]]).join
    end

    it "counts what cannot be seen through against it, and nothing else where all else is equal" do
      scored = ->(gloss) do
        traits = described_class::Traits.allocate
        {minutes: 0.0, holds: 1.0, freezes: "holds", risks: [], gloss: gloss}.each do |name, value|
          allow(traits).to receive(name).and_return(value)
        end
        described_class::Comparison.new(sauce, nil, nil).send(:score, swap(white), traits)
      end
      expect(%w[clear opaque].map(&scored)).to eq [0.0, Restauro::Constants.fetch(:sauce, :counts_opaque)]
    end

    it "is being the quickest, where no other comes near" do
      expect([7.0, 5.5].map { |minutes| praise[self, minutes: minutes].include?("quickest") }).to eq [true, false]
      expect(praise[self, minutes: 6.0]).to include("quickest")
    end

    it "is that it can be frozen, where another cannot" do
      expect(%w[weeps holds].map { |freezes| praise[self, {freezes: "holds"}, freezes: freezes].include?("frozen") })
        .to eq [true, false]
    end

    it "is that nothing goes wrong with it, where something may with another" do
      expect([["lumps"], []].map { |risks|
  praise[self, risks: risks].include?("nothing is likely")
}).to eq [true, false]
    end
  end

  it "has the fat with a flour that is whisked in cold, and names none where there is none" do
    whisked = ->(text) do
      texts[self, text, school: "slurry", with: %w[white_rice_flour]].find { |said| said.include?("smooth") }[/ milk.*/]
    end
    plain = "Sauce\n500 ml milk\n40 g flour"
    expect([whisked["#{plain}\n30 g butter"], whisked[plain]]).to eq [" milk, 30 g butter with it.", " milk."]
  end

  it "puts the roast's fat into the stock that a slurry thickens, where there is any" do
    boiled = ->(text) { texts[self, text, school: "slurry", with: %w[corn_starch]].join(" ") }
    expect([boiled[gravy], boiled["Sauce\n500 ml milk\n30 g cornflour"]].map { |said|
  said.match?(/pan drippings|dripping/)
})
      .to eq [true, false]
  end

  it "says so where it is as thick in the pan as on the plate" do
    words = described_class::StoveWords
    seen = [1.0, 2.0].map do |times|
      ours = Struct.new(:viscosity_plate, :viscosity_pan).new(Restauro::Estimate.new(value: times),
Restauro::Estimate.new(value: 1.0))
      Object.new.extend(words).tap { |one| one.instance_variable_set(:@ours, ours) }.send(:on_plate)
    end
    expect(seen).to eq ["served this hot it stays as it is", "on the plate it will be twice as thick"]
  end

  it "looks thinner at the low end of what it may be than at the high end" do
    prediction = predict(white)
    moment = described_class::LookFors.at(prediction, prediction.boil_seconds + 60)
    value, low, high = %i[value low high].map { |end_of| moment.viscosity.public_send(end_of) }
    expect([low < value, value < high]).to eq [true, true]
  end

  it "goes on being looked at as it cools" do
    prediction = predict(white)
    hot, cold = [0, 900].map { |later| described_class::LookFors.at(prediction, prediction.end_seconds + later) }
    expect(cold.celsius).to be < hot.celsius - 5
  end

  it "fears for the thickener that pastes first" do
    recipe = swap(white, with: %w[blend_with_gum corn_starch]).ours.recipe
    formula = described_class::Formula.from(recipe, catalogue, school: "roux")
    onsets = formula.thickeners.map { |part| part.ingredient.paste_onset_c }
    expect(onsets.uniq.length).to eq 2
    expect(described_class::LumpRisk.assess(formula, "cold_at_once").onset).to eq onsets.min
  end

  it "puts what thickens in the place of the first flour, and nothing in that of the second" do
    pairs = swap("Sauce\n20 g flour\n500 ml milk\n20 g flour\n30 g butter").pairs
    expect(pairs.map { |wheat, ours| [wheat.text, ours.length] }.select { |text, _| text.include?("flour") })
      .to match [["20 g flour", be > 0], ["20 g flour", 0]]
  end

  it "boils cream down until it is as thick as was asked, and not much further" do
    reduced = swap("Cream sauce\n400 ml double cream", target: 6.0).ours
    expect(reduced.flour_equivalents.value).to be_within(0.5).of(6.0)
  end

  it "leaves the lid off where nothing is said of it" do
    e = ->(**lid) { predict("30 g butter\n30 g flour\n500 ml milk", simmer_s: 900, **lid).flour_equivalents.value }
    expect([e[] == e[lid: false], e[] > e[lid: true] + 0.1]).to eq [true, true]
  end

  it "keeps the thickness that was chosen for a sauce in a crust, be it thinner than holds a cut" do
    pie = "Pie\nPastry\n200 g flour\n100 g butter\n50 ml water\nFilling\n30 g butter\n15 g flour\n500 ml milk\n"
    recipe = read(pie, system: "uk")
    dish = Restauro::Dishes::Partition.of(recipe, catalogue)
    place = Restauro::Dishes::Place.new(dish, 1)
    own = dish.parts[1].recipe
    expect(sauce.usual(place, own, {target: 3.0})).to eq({})
    expect(sauce.usual(place, own, {}).fetch(:target)).to be > 4
  end

  it "changes no heat for what eggs alone hold" do
    hollandaise = swap("Hollandaise\n3 egg yolks\n200 g butter\n1 tbsp lemon juice")
    expect(hollandaise.warnings.map(&:code)).not_to include "heat_changed"
    expect(hollandaise.ours.options.heat).to eq "medium"
  end

  it "takes butter and yolks for an emulsion with leaves in it that nobody weighs" do
    lines = read("Béarnaise\n3 egg yolks\n200 g butter\n1 tbsp vinegar\n2 tbsp tarragon")
    expect(Restauro::Families::Sauce::Emulsion.of?(lines)).to be true
  end

  it "parts two starches evenly, and a blend with its starch by the spoon" do
    share = lambda do |keys|
      lines = swap("Leek sauce\n40 g butter\n40 g flour\n500 ml milk", with: keys).ours.recipe.ingredients
      grams = keys.map { |key| lines.find { |line| line.ingredient == key }.grams.value }
      grams.first / grams.sum
    end
    expect(share[%w[potato_starch tapioca_starch]]).to be_within(0.02).of(0.5)
    expect(share[%w[blend_with_gum corn_starch]]).to be > 0.6
  end

  it "cautions of raw egg where nothing but eggs holds the butter, and boils nothing" do
    steps = sauce.steps(swap("Hollandaise\n3 egg yolks\n200 g butter\n1 tbsp lemon juice"))
    expect([steps.flat_map(&:safety), steps.map(&:kind)]).to match [include("raw_egg"), not_include("boil")]
  end

  it "asks for the liquid that a spoon of flour is to thicken" do
    dry = "Red-eye gravy\n4 slices country ham\n1 tbsp flour"
    expect(Restauro::Families::Detection.new(read(dry), catalogue).candidates).to eq %w[sauce]
    expect { swap(dry) }.to raise_error(Restauro::InvalidInput, /no liquid was read/)
  end

  it "asks what a roux by itself is for, with as much as its flour is usual for" do
    roux = "Roux for the freezer\n100 g butter\n100 g flour"
    expect { answer(roux) }.to raise_error(Restauro::InvalidInput, /type what it is for, such as '1200 ml stock'/)
  end

  describe "what eggs thicken" do
    e = ->(grams: 50.0, share: 1.0, liquid_g: 500.0) do
      egg = Restauro::Catalogue.load.fetch("egg_whole")
      described_class::Body.flour_equivalents(egg, grams: grams, share: share, liquid_g: liquid_g, celsius: 90.0)
    end

    it("is twice as much with twice the eggs") { expect(e[grams: 100.0]).to be_within(1e-9).of(2 * e[]) }
    it("is half as much in twice the liquid") { expect(e[liquid_g: 1000.0]).to be_within(1e-9).of(e[] / 2) }
    it("is half as much where half is set") { expect(e[share: 0.5]).to be_within(1e-9).of(e[] / 2) }
  end

  it "offers what is at hand though no table names it" do
    choice = described_class::Choice.new(catalogue, Restauro::Diets::Exclusion.of([], catalogue))
    offered = choice.candidates(%w[corn_starch], offer: %w[quinoa_flour]).map { |row| row["with"] }
    expect(offered.first).to eq %w[quinoa_flour]
    expect(choice.candidates(%w[corn_starch]).map { |row| row["with"] }).not_to include(%w[quinoa_flour])
  end

  it "takes what thickens, and no crumbs" do
    expect(%w[corn_starch gf_breadcrumbs butter].map { |key| sauce.takes?(catalogue.fetch(key)) })
      .to eq [true, false, false]
  end

  it "takes an event at the last second there is, and none after" do
    last = Restauro::Constants.fetch(:sauce, :longest_seconds).round
    expect(described_class::Event.parse("t=#{last} heat off", catalogue).seconds).to eq last
    expect { described_class::Event.parse("t=#{last + 1} heat off", catalogue) }
      .to raise_error(Restauro::InvalidInput, /at most #{last} s/)
  end

  it "holds at a bubble: a little under the boil, wherever that is" do
    swapped = swap(white, with: %w[corn_starch], school: "slurry")
    mixture = swapped.ours.cooking.result.mixture
    kept = Restauro::Physics::Grain.kept(catalogue.fetch("corn_starch"), mixture, celsius: 98.0, seconds: 1200.0)
    expect(described_class::Traits.of(swapped).holds).to be_within(0.003).of(kept)
  end

  it "names the hottest that the thickeners of a mountain sauce need" do
    words = predict("Sauce\n30 g butter\n20 g rice flour\n20 g cornstarch\n600 ml milk", altitude: 3000)
      .warnings.find { |warning| warning.code == "boil_below_pasting" }.text
    full = %w[white_rice_flour corn_starch].map { |key| catalogue.fetch(key).paste_full_c }
    expect([full.uniq.length, words]).to match [2, /need \(#{full.max.round} C\)/]
  end

  it "counts in the comparison what is lost at a bubble, not what is kept" do
    comparison = described_class::Comparison.allocate
    comparison.instance_variable_set(:@at_hand, [])
    traits = Struct.new(:minutes, :risks, :holds, :freezes, :gloss)
    scores = [1.0, 0.4].map do |holds|
      comparison.send(:score, Struct.new(:thickeners).new([]), traits.new(5.0, [], holds, "holds", "clear"))
    end
    expect(scores.last - scores.first).to be_within(1e-9).of(0.6 * described_class::Comparison::WEIGHTS.fetch(:loses))
  end

  it "reckons the starch all swollen: its grams by its power, in what there is to pour" do
    formula = predict("Sauce\n500 ml milk\n15 g cornstarch").cooking.formula
    power = catalogue.fetch("corn_starch").thick_power
    expect(formula.starch_e).to be_within(1e-6).of(100 * 15 * power / formula.liquid.value)
    browned = %w[white dark].map { |colour| predict(white, colour: colour).cooking.formula.starch_e }
    expect(browned.last).to be < 0.8 * browned.first
  end

  it "keeps sour cream for the end, but where there is nothing else to pour" do
    poured = [
      "Sauce\n200 ml stock\n150 ml sour cream\n20 g flour\n20 g butter", "Sauce\n300 ml sour cream\n20 g flour\n20 g butter",
      "Sauce\n200 ml wine\n150 ml sour cream\n20 g flour\n20 g butter"
    ].map { |text| texts[self, text].grep(/\APour in/).join.include?("sour cream") }
    expect(poured).to eq [false, true, false]
  end

  it "says that another heat was taken where it never gets to the boil" do
    expect(swap("Sauce\n200 g butter\n200 g flour\n6 l milk", heat: "low").warnings.map(&:text))
      .to include(/on low this much never gets to the boil: worked out on medium/)
  end

  it "counts weeping in the freezer against a sauce" do
    score = ->(freezes) do
      traits = described_class::Traits.allocate
      {minutes: 5.0, risks: [], holds: 1.0, freezes: freezes, gloss: "glossy"}.each do |name, value|
        allow(traits).to receive(name).and_return(value)
      end
      described_class::Comparison.allocate.tap { |one| one.instance_variable_set(:@at_hand, []) }
        .send(:score, swap(white), traits)
    end
    expect(score["weeps"]).to be > score["holds"]
  end

  it "gives a sauce that is thinned its minutes to come back, after them not before" do
    found = sauce.rescue(read(white), sauce.options, observed: 14.0, target: 8.0)
    times = found.moves.first.events.map { |event| Float(event[/t=([\d.]+)/, 1]) }
    expect(times.last - times.first).to eq 60
  end
end
