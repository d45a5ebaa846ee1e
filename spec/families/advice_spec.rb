# What is said to the cook on the strength of a figure: each margin and each comparison has an example on both sides of
# it.
RSpec.describe Restauro::Families do
  milk = "4 tbsp flour\n50 g butter\n500 ml milk"
  method = ->(spec, text, **choices) do
    spec.sauce.swap(spec.read(text), spec.sauce.options(**choices)).then { |swap| spec.sauce.steps(swap) }
  end
  crust = ->(spec) { described_class.fetch("crust", spec.catalogue) }

  describe Restauro::Families::Sauce::LumpRisk do
    formula = ->(spec, text) do
      Restauro::Families::Sauce::Formula.from(spec.sauce.read(spec.read(text)), spec.catalogue)
    end
    level = ->(spec, text, pour) { described_class.assess(formula[spec, text], pour) }

    it "is low where the two meet well under the pasting onset, and not within its margin" do
      cold = level[self, milk, "cold_at_once"]
      expect([cold.level, cold.onset - cold.celsius]).to match(
        ["low", be > Restauro::Constants.fetch(:sauce, :lump_margin)]
      )
      # Little liquid onto much roux meets hotter: within the margin of the onset, poured without care.
      near = level[self, "80 g flour\n100 g butter\n60 ml milk", "cold_at_once"]
      expect([near.level, near.onset - near.celsius]).to match(
        ["middling", be < Restauro::Constants.fetch(:sauce, :lump_margin)]
      )
    end

    it("is high for hot liquid at once, and for dry starch into it") do
      expect(%w[hot_at_once dry_into_hot].map { |pour| level[self, milk, pour].level }).to eq %w[high high]
    end

    it "pours as was chosen, in the words of the step" do
      poured = {
        "cold_at_once" => /cold, all at once/,
        "portions" => /in four or five portions, smooth each time/,
        "hot_at_once" => /hot, all at once/
      }
      poured.each { |pour, words| expect(method[self, milk, pour: pour].map(&:text).grep(words).length).to eq 1 }
    end
  end

  describe Restauro::Families::Sauce::Comparison do
    priced = Struct.new(:words, :cost, :score, :traits, keyword_init: true)
    traits = Struct.new(:risks, :holds, :freezes, :minutes).new([], 1.0, "holds", 10)
    column = ->(words, cost, score) { priced.new(words: words, cost: cost, score: score, traits: traits) }

    it("takes the column with the fewest drawbacks") do
      expect(
        described_class.recommend([column["a", 1.0, 5], column["b", 1.0, 2], column["c", 1.0, 9]]).first.words
      ).to eq "b"
    end
    it("says it costs least only where it does") do
      expect(
        [1.0, 3.0].map do |cost|
          described_class.recommend([column["a", cost, 1], column["b", 2.0, 2]]).last.include?("costs least")
        end
      ).to eq [true, false]
    end
    it("says so beside one that costs as much, and not where all do") do
      found = [[2.0, 3.0], [2.0, 2.0]].map do |costs|
        others = costs.map { |cost| column["b", cost, 2] }
        described_class.recommend([column["a", 2.0, 1], *others]).last.include?("costs least")
      end
      expect(found).to eq [true, false]
    end
    it("says nothing of cost where a price is missing") do
      expect(described_class.recommend([column["a", 1.0, 1], column["b", nil, 2]]).last).not_to include("costs least")
    end
  end

  describe Restauro::Families::Sauce::Cautions do
    sharp = ->(spec, grams) do
      described_class
        .of_sauce(spec.swap("30 g flour\n30 g butter\n400 ml milk\n#{grams} g cider vinegar").ours)
        .grep(/sharp/)
        .length
    end
    it("warns of acid under its pH, and not of a spoonful") { expect([sharp[self, 200], sharp[self, 2]]).to eq [1, 0] }
  end

  describe Restauro::Families::Crust::Cautions do
    codes =
      lambda do |spec, text, **choices|
        family = crust[spec]
        family.swap(spec.read(text), family.options(**choices)).warnings.map(&:code)
      end
    tart = "Tart\n\nPastry:\n200 g flour\n100 g butter\n40 ml water\n\nFilling:\n6 eggs\n600 ml cream"
    pan = Restauro::Kitchen::BakingPan.parse("20 cm round 5 cm deep")
    oven = ->(celsius) { Restauro::Kitchen::OvenTemperature.new(celsius: celsius.to_f) }

    it("says when the rim burns before the middle is done, and not in a gentle oven") do
      expect(
        [
          codes[self, tart, pan: pan, oven: oven[250]].include?("burns"),
          codes[self, tart, pan: pan, oven: oven[160]].include?("burns")
        ]
      ).to eq [true, false]
    end
    it("says when an oven never gets the filling done") do
      expect(
        [
          codes[self, tart, pan: pan, oven: oven[75]].include?("not_done"),
          codes[self, tart, pan: pan, oven: oven[180]].include?("not_done")
        ]
      ).to eq [true, false]
    end
  end

  it "fries no more at a time than keeps the oil hot: four times the oil, four times the pieces" do
    family = described_class.fetch("breading", catalogue)
    at_once =
      [2, 8].to_h do |litres|
        oil = Restauro::Heat::Frying.parse("180C #{litres} litres")
        swap =
          family.swap(
            read("24 cod fillets, 15 mm, 25 g each\n80 g flour\n2 eggs\n200 g breadcrumbs"),
            family.options(oil: oil)
          )
        step = family.steps(swap).find { |found| found.text.include?("at a time") }
        count = step.text.include?("one piece") ? 1 : Integer(step.text[/at most (\d+)/, 1])
        expect([count, step.batches]).to eq [(oil.batch_g / swap.ours.piece_g).floor, (24 / count.to_f).ceil]
        [litres, count]
      end
    expect(at_once[8]).to be_within(3).of(4 * at_once[2])
  end
end
