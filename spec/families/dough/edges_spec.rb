# What a dough says where it cannot do what was asked, and how sure it is.
RSpec.describe Restauro::Families::Dough do
  ours = ->(spec, text, **choices) { spec.answer(text, **choices).then { |all| all.parts[all.dish.main].swap.ours } }
  warned = ->(spec, text, **choices) {
    ours[spec, text, **choices].warnings.to_h { |warning| [warning.code.to_s, warning.text] }
  }
  ravioli = "Ravioli\nDough:\n300 g flour\n3 eggs\nFilling:\n"

  it "names the thickness that a brittle sheet bears, and a binder to what is not rolled out" do
    weak = "300 g rice flour\n10 g psyllium husk\n230 ml water"
    told = ["Rice noodles\n#{weak}", ravioli.sub("300 g flour\n3 eggs", weak) + "250 g ricotta"].map do |text|
      warned[self, text].fetch("stretch_short")
    end
    expect(told).to match [/roll it no thinner than [\d.]+ mm/, /bind it with psyllium/]
  end

  it "speaks of filling left over, but not of a spoonful", :long do
    left = (100..900).step(20).to_h do |grams|
      dough = ours[self, "#{ravioli}#{grams} g ricotta", cutter_mm: 70.0]
      share = 1 - dough.filling_each_g * dough.plan.pieces / dough.filling_g
      [share, dough.warnings.any? { |warning| warning.code.to_s == "filling_over" }]
    end
    spoonful, more = left.select { |share, _| share > 0.001 }.partition { |share, _| share <= 0.05 }
    expect([spoonful.map(&:last).uniq, more.map(&:last).uniq]).to eq [[false], [true]]
  end

  it "is dropped by the spoon where its name says so and no root makes it firm, then rolled to balls" do
    shapes = ["Dumplings\n200 g flour\n120 ml milk", "Potato dumplings\n600 g riced potato\n200 g flour\n1 egg",
              "Gnocchi\n60 g riced potato\n200 g flour\n1 egg"].map { |text| ours[self, text].options.shape }
    expect(shapes).to eq %w[spooned round dumpling]
  end

  it "has flour enough to be shaped, however dry its root" do
    swap = answer("Gnocchi\n1 kg floury potatoes\n200 g flour\n1 egg", roasted_from_g: 1000, roasted_to_g: 450)
      .then { |all| all.parts.first.swap }
    least = Restauro::Constants.fetch(:dough, :least_flour_potato) * 450
    expect(swap.flours.sum { |line| line.grams.value }).to be >= 0.99 * least
  end

  it "gives a dry root no water while its egg may stay, and no more than most of an egg that had to go" do
    poured = ["", "egg"].map do |without|
      answer("Gnocchi\n1 kg floury potatoes\n200 g flour\n1 egg", roasted_from_g: 1000, roasted_to_g: 450,
                                                                   without: [without].reject(&:empty?))
        .then { |all| all.parts.first.swap.ours.recipe.ingredients }
        .sum { |line| line.ingredient == "water" ? line.grams.value : 0.0 }
    end
    expect(poured).to match [0.0, be_between(0.0, 40.0)]
  end

  it "leaves what is sharp as it is, and wets with water" do
    lines = ours[self, "Pie crust\n300 g flour\n150 g butter\n60 ml lemon juice"].recipe.ingredients
    wet = lines.select { |line| line.role == "liquid" }.to_h { |line| [line.ingredient, line.grams.value.round] }
    expect(wet).to match("lemon_juice" => 62, "water" => be > 5)
  end

  it "names the mash where it is worked into its dough" do
    steps = answer("Gnocchi\n800 g riced potato\n200 g flour\n1 egg").steps
    mixed = steps.find { |step| step.kind == "mix" && step.text.start_with?("Over") }
    expect(mixed.uses.map(&:ingredient)).to include("potato_riced", "egg_whole")
  end

  it "is less sure of a mash that nobody weighed" do
    bands = ["800 g riced potato", "1 kg floury potatoes"].map do |root|
      ours[self, "Gnocchi\n#{root}\n250 g flour\n1 egg"].ratio.then { |ratio|
  [ratio.low / ratio.value, ratio.high / ratio.value]
}
    end
    expect(bands.map(&:first)).to all(be < 0.97)
    expect(bands.map(&:last)).to all(be > 1.03)
  end

  it "writes one litre, and two litres" do
    steps = described_class::PotSteps.allocate
    expect([1, 1.0, 2.5].map { |value| steps.send(:litres, value) }).to eq ["1 litre", "1 litre", "2.5 litres"]
  end

  it "draws a frozen piece colder than a fresh one after the same minutes in the pot" do
    swap = answer("Gnocchi\n800 g riced potato\n200 g flour\n1 egg").then { |all| all.parts[all.dish.main].swap }
    picture = described_class::Picture.new(swap)
    fresh, frozen = [0.0, 3.0].map { |thaw| picture.send(:column, swap.ours.boiling.body, 4.0, thaw).fetch(:profile) }
    expect(frozen.last).to be < fresh.last
  end

  it "gives flour that stays its share of what holds the dough together" do
    bound = ["100 g plain flour\n250 g buckwheat flour", "350 g plain flour"].map do |flours|
      swap = answer("Noodles\n#{flours}\n150 ml water", school: "psyllium").then { |all| all.parts.first.swap }
      expect(swap.ours.stretch).to be >= 0.99 * swap.ours.stretch_needed
      swap.binder.grams.value
    end
    expect(bound.first).to be_within(0.1).of(bound.last)
  end

  it "does not guess at a root that it knows nothing of" do
    expect { answer("Parsnip gnocchi\n800 g parsnips\n180 g plain flour\n1 egg yolk") }
      .to raise_error(Restauro::InvalidInput, /parsnips: how wet it is/)
  end

  it "says how thin a dough may be rolled that stretches too little, and of no other shape" do
    said = %w[rolled extruded].map do |shape|
      trials = Restauro::Families::Dough::Trials.allocate
      {flour_g: 100.0, wheat: Struct.new(:stretch_needed).new(0.9), options: Struct.new(:shape).new(shape)}
        .each { |name, value| trials.instance_variable_set(:"@#{name}", value) }
      trials.send(:short, Struct.new(:most) { def most_stretch(_) = most }.new(0.8))
    end
    expect(said).to match [/it bears [\d.]+ mm/, not_include("it bears")]
  end

  it "leaves out the headings of the recipe that it writes anew, not its title" do
    found = answer("Pasta\nIngredients\n300 g flour\n3 eggs\nMethod\nKnead it.")
    texts = found.parts.first.swap.ours.recipe.lines.map(&:text)
    expect(texts).to include("Pasta").and(not_include("Ingredients")).and(not_include("Knead it."))
  end
end
