# What is folded around its filling can swim in fat as well as bake. Deep-fried turnovers: common practice, 3 to 8
# minutes at 170 to 185 °C, a few at a time, nothing brushed on them.
RSpec.describe Restauro::Families::Crust do
  crust = Restauro::Families.fetch("crust", Reference::Helpers::CATALOGUE)
  fat = ->(text) { Restauro::Heat::Frying.parse(text) }
  swap = ->(spec, text, **choices) { crust.swap(crust.read(spec.read(text)), crust.options(**choices)) }
  samosas = "Samosas\nPastry:\n225 g plain flour\n30 ml oil\n80 ml water\n" \
            "Filling:\n300 g cooked potatoes, mashed\n100 g peas"
  step = ->(found, kind) { crust.steps(found).find { |one| one.kind == kind } }

  describe described_class::FrySteps do
    it "fries a folded pastry in the minutes that a cook would" do
      expect(step[swap[self, samosas, oil: fat["175C"]], "fry"].minutes).to be_between(3, 8)
    end

    it "takes longer in a cooler fat" do
      slow, quick = %w[160C 190C].map { |text| step[swap[self, samosas, oil: fat[text]], "fry"].minutes }
      expect(slow).to be > quick
    end

    it "cuts them smaller than it bakes them, all the dough used either way" do
      baked, fried = [{}, {oil: fat["175C"]}].map { |choices| swap[self, samosas, **choices].ours }
      expect(fried.rounds.count).to be > baked.rounds.count
    end

    it "fries no more at once than keeps the fat hot, in as many turns as that takes" do
      found = step[swap[self, samosas, oil: fat["175C 3 litres"]], "fry"]
      many = step[swap[self, samosas, oil: fat["175C 1 litre"]], "fry"]
      expect([found.batches, many.batches]).to match([be < many.batches, be > 1])
    end

    it "leaves no vent and brushes nothing: in the oven it does both" do
      fried, baked = [{oil: fat["175C"]}, {}].map { |choices|
  crust.steps(swap[self, samosas, **choices]).map(&:text).join(" ")
}
      expect(fried).to match(/no gap anywhere/).and not_include("vent", "brush")
      expect(baked).to include("cut a vent", "brush with")
    end

    it "warns of hot oil, heats no oven and says what the middle must reach" do
      steps = crust.steps(swap[self, samosas, oil: fat["175C"]])
      expect(steps.map(&:kind)).to not_include("bake")
      expect(steps.find { |one| one.kind == "preheat" }).to have_attributes(heat: "hob", caution: /Hot oil/)
      expect(steps.find { |one| one.kind == "fry" }.look_for).to include("74 °C")
    end

    it "takes the fat from the recipe's own words" do
      dish = Restauro::Dishes::Partition.of(read("#{samosas}\nDeep-fry at 170C until golden."), Reference::Helpers::CATALOGUE)
      choices = Restauro::Dishes::Choices.new({}, catalogue: crust.catalogue)
      answer = Restauro::Dishes::Solver.call(dish, choices, catalogue: crust.catalogue)
      expect(answer.steps.select { |one| one.kind == "fry" }.map(&:celsius)).to include(170.0)
    end
  end

  it "bakes a tart whatever fat there is, and says so" do
    tart = "Leek tart\n200 g plain flour\n100 g butter\n40 ml water\n400 g leeks, softened\n3 eggs\n200 ml cream"
    found = swap[self, tart, oil: fat["180C"]]
    expect(crust.steps(found).map(&:kind)).to include("bake").and not_include("fry")
    expect(found.ours.warnings.map(&:code)).to include("baked_not_fried")
  end
end
