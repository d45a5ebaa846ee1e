# A soft dough over a filling or on a tray; a pie with dough for two crusts. Common practice.
RSpec.describe Restauro::Families::Crust do
  crust = Restauro::Families.fetch("crust", Reference::Helpers::CATALOGUE)
  texts = ->(spec, text, **choices) do
    crust.steps(crust.swap(crust.read(spec.read(text)), crust.options(**choices))).map(&:text).join("\n")
  end
  cobbler = "Peach cobbler\n200 g self-raising flour\n80 g butter\n100 ml milk\nFilling:\n800 g peaches"

  describe described_class::Dropped do
    {
      "Pat it out 2 cm thick and cut into rounds." => true,
      "Roll the dough 2cm thick, cut out 5cm rounds." => true,
      "Use a biscuit cutter." => true,
      "Drop spoonfuls over the fruit." => false,
      "Cut the butter into the flour. Drop it over." => false
    }.each do |step, cut|
      it "is cut out #{cut} where '#{step}'" do
        expect(described_class.cut_out?(read("#{cobbler}\n#{step}"))).to be cut
      end
    end

    it "pats as many as its recipe makes, and lifts them over the fruit" do
      expect(texts[self, cobbler, cut_out: true, makes: 8]).to match(/Pat it 2 cm thick.*cut 8 rounds.*over it/)
    end

    it "drops it by the spoonful else" do
      expect(texts[self, cobbler]).to match(/by the spoonful over it/)
    end
  end

  describe described_class::Cover do
    pie = "Pot pie\n%s flour\n150 g butter\n4 tbsp water\nFilling:\n400 g cooked chicken\n%s"
    tin = Restauro::Kitchen::BakingPan.parse("23 cm round")
    both = ->(spec, flour, step) do
      recipe = spec.read(format(pie, flour, step))
      prediction = crust.predict(crust.read(recipe), crust.options(cover: "top", pan: tin))
      described_class.two_crusts?(prediction, recipe)
    end

    it "has one where no tin is told" do
      recipe = read(format(pie, "300 g", ""))
      prediction = crust.predict(crust.read(recipe), crust.options(cover: "top"))
      expect(described_class.two_crusts?(prediction, recipe)).to be false
    end

    {
      ["300 g", ""] => true, ["300 g", "Cover with the pastry."] => false, ["100 g", ""] => false
    }.each do |(flour, step), two|
      it "has #{two ? "two" : "one"} of #{flour} of flour, '#{step}'" do
        expect(both[self, flour, step]).to be two
      end
    end
  end
end
