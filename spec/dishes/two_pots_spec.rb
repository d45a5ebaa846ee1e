# Two pots: the order is common practice (DOMAIN: gluten-free first, its own spoon, what can be shared until the
# thickener goes in).
RSpec.describe Restauro::Dishes::TwoPots do
  stew =
    "Beef stew\n600 g stewing beef, diced\n2 onions, sliced\n40 g butter\n40 g plain flour\n900 ml beef stock\nServes 4"

  def pots(text, without, others, **more)
    share = without.to_f / (without + others)
    dish =
      Restauro::Dishes::Partition.of(
        Restauro::Recipes::Scale.of(read(text, system: "uk"), share, catalogue: catalogue),
        catalogue
      )
    answer =
      Restauro::Dishes::Solver.call(
        dish,
        Restauro::Dishes::Choices.new(more, catalogue: catalogue),
        catalogue: catalogue
      )
    described_class.of(answer, without, others, catalogue)
  end

  it("both pots together hold the wheat recipe, to the gram") do
    found = pots(stew, 1, 3).wheat.to_h { |line, grams| [line.ingredient || line.kind, grams] }
    expect(found["wheat_flour"]).to be_within(0.1).of(30)
    expect(found["butter"]).to be_within(0.1).of(30)
  end

  it("shares what is in the pot before the flour, whole, and nothing that comes after") do
    shared = pots(stew, 1, 3).shared
    expect(shared.map(&:first).join(" ")).to match(/onion/).and(satisfy { |names| !names.match?(/flour|stock/) })
    expect(shared.find { |name, _| name.include?("onion") }.last).to be_within(1).of(300)
  end

  it("cooks together only where something is shared, and nothing that has no weight") do
    stewed, white = [stew, "Sauce\n40 g butter\n40 g plain flour\n600 ml milk\n2 bay leaves"].map { |text|
  pots(text, 1, 3)
}
    together = [stewed, white].map { |found| found.order.map(&:first).grep(/Together, before any flour/).length }
    expect([together, white.shared]).to eq [[1, 0], []]
  end

  it "says what is shared by its name" do
    words = pots(stew, 1, 3).order.map(&:first).grep(/Together, before any flour/).first
    expect(words).to match(/: [^:]*onion[^:]*\. Then divide it/)
  end

  it("does the pot without wheat first, to its end, before the flour is opened") do
    words = pots(stew, 1, 3).order.map(&:first)
    expect(words.index { |text| text.include?("without wheat first, to its end") }).to be <
      words.index { |text| text.include?("open the wheat flour") }
  end

  it("warns of dust, of fat and of the oven where they are") do
    said =
      pots(
        "Celeriac schnitzels\n8 slices celeriac, 10 mm\n5 tbsp plain flour\n2 eggs\n140 g breadcrumbs",
        2,
        2,
        oil: Restauro::Heat::Frying.parse("175C shallow")
      ).order
    expect([said.map(&:first).join, said.filter_map(&:last).join]).to match([/fat that wheat has been in/, /dust/])
    expect(
      pots("Pie\nPastry: 240 g flour, 120 g butter, 55 ml water\nFilling: 600 g leeks\nBake at 190C", 2, 2)
        .order
        .map(&:first)
        .join
    ).to match(/In one oven.*above/)
  end

  it("reads how many") do
    expect(["1 of 4", "2/6", ""].map { |text| described_class.counts(text) }).to eq [[1, 3], [2, 4], nil]
  end
  it("says what to type") do
    ["4 of 4", "0 of 3", "some"].each do |text|
      expect { described_class.counts(text) }.to raise_error(Restauro::InvalidInput, /1 of 4/)
    end
  end
end
