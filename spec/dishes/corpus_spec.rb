# A hundred and more dishes, each held to what a cook would hold it to: spec/reference/dishes.yml.
RSpec.describe "The corpus of dishes", :long do
  worked = DishAnswers.method(:answer)
  words = ->(found) do
    [*found.lines.map(&:text), *found.steps.flat_map { |step| [step.text, step.look_for, step.said] }].compact
      .join("\n")
  end
  minutes = ->(found, kind) { found.steps.select { |step| step.kind == kind }.filter_map(&:minutes) }

  DishAnswers.rows.each do |name, row|
    describe name do
      if row["refused"]
        it "is told not to be this trade" do
          expect { Restauro::Dishes::Refusal.check!(read(row["recipe"], system: row.fetch("units", "us")), catalogue) }
            .to raise_error(Restauro::InvalidInput, /\A[^\n]+\z/)
        end
        next
      end

      it "holds no gluten" do
        held = worked[row].lines.filter_map { |line| line.ingredient && catalogue.fetch(line.ingredient) }
        expect(held.select(&:contains_gluten?)).to eq []
      end

      it "uses every line that is weighed in a step" do
        used = worked[row].steps.flat_map(&:uses)
        left = worked[row].lines.select { |line| line.grams && used.none? { |one| one.equal?(line) } }
        expect(left.map(&:text)).to eq []
      end

      it "puts inside a crumb coat, or beside it, whatever is made for it" do
        answer = worked[row]
        coats = answer.parts.each_index.select { |index| answer.parts[index].part.family == "breading" }
        beside = answer.dish.joins.select { |join| coats.include?(join.to) }.map { |join| answer.parts[join.from] }
        # What is made with a family says so itself; what is turned in a pan or a sauce is at its end.
        stirred = beside.select { |part| part.part.family.nil? && part.steps.map(&:kind).uniq == %w[mix] }
        forgotten = stirred.reject do |part|
          later = answer.steps.reject { |step| step.part == part.name && step.kind != "serve" }
          later.any? { |step| step.text.downcase.include?(part.name.downcase) || step.uses.intersect?(part.lines) }
        end
        expect(forgotten.map(&:name)).to eq []
      end

      it "says no step twice" do
        expect(worked[row].steps.map { |step| [step.part, step.text] }.tally.select { |_, count| count > 1 }).to eq({})
      end

      it "sets out first and keeps last" do
        expect(worked[row].steps.map(&:kind).values_at(0, -1)).to eq %w[set_out store]
      end

      if row["families"]
        it("is #{row["families"].join(" and ")}") do
          expect(worked[row].dish.parts.map(&:family)).to include(*row["families"])
        end
      end

      row.fetch("says", []).each do |said|
        it("says #{said}") { expect(words[worked[row]]).to match(/#{said}/i) }
      end

      row.fetch("never", []).each do |said|
        it("never says #{said}") { expect(words[worked[row]]).not_to match(/#{said}/i) }
      end

      row.fetch("minutes", {}).each do |kind, (low, high)|
        it("takes #{low} to #{high} minutes to #{kind}") do
          expect(minutes[worked[row], kind].max).to be_between(low, high)
        end
      end

      if row["powder"]
        it "holds at most #{row["powder"]} g of baking powder to 100 g of flour" do
          lines = worked[row].lines.select(&:grams)
          powder, flour = [->(l) { l.ingredient == "baking_powder" }, ->(l) { %w[flour starch].include?(l.role) }]
            .map { |kind| lines.select(&kind).sum { |line| line.grams.value } }
          expect(100 * powder / flour).to be <= row["powder"] + 0.15
        end
      end

      if row["wheat_e"]
        it "would have been #{row["wheat_e"].join(" to ")} flour-equivalents thick of wheat" do
          expect(worked[row].parts.find(&:swap).swap.wheat.flour_equivalents.value).to be_between(*row["wheat_e"])
        end
      end
    end
  end
end
