# Steps, minutes and grams of crusts that a change of one sign would have got wrong.
RSpec.describe Restauro::Families::Crust do
  catalogue = Reference::Helpers::CATALOGUE
  crust = Restauro::Families.fetch("crust", catalogue)
  steps = ->(spec, text) { spec.answer(text, system: "metric").steps }
  filling = ->(spec, text) do
    described_class::Filling.of(described_class::Parts.marked(spec.read(text), catalogue), catalogue)
  end

  it "bakes a bought shell before a boiled cream goes into it" do
    pie = "Chocolate cream pie\n1 unbaked pie shell\nFilling\n500 ml milk\n120 g sugar\n40 g cornflour\n3 egg yolks\n" \
          "100 g chocolate\nBake 15 minutes at 190C."
    expect(steps[self, pie].map(&:text).join("\n")).to match(/weights/)
  end

  it "takes no savoury sauce of flour for a boiled cream" do
    dough = "200 g flour\n100 g butter\n50 ml water"
    savoury = filling[self, "Chicken pie\n#{dough}\nFilling\n400 g chicken\n30 g flour\n30 g butter\n400 ml milk"]
    sweet = filling[self, "Cream tart\n#{dough}\nFilling\n500 ml milk\n40 g cornflour\n80 g sugar\n3 egg yolks"]
    expect([savoury, sweet].map(&:boiled?)).to eq [false, true]
  end

  it "toasts the crumbs for a juicy fruit with the butter that they are toasted in" do
    strudel = "Apple strudel\n250 g flour\n30 ml oil\n120 ml water\nFilling\n800 g apples\n60 g sugar\n50 g butter\n" \
              "60 g breadcrumbs\nBake 35 minutes at 190C."
    toast = steps[self, strudel].find { |step| step.text.start_with?("Toast") }
    expect(toast.uses.map(&:role)).to eq %w[crumb fat]
  end

  it "works flour into what is greasy until its fat is 15 % less of it" do
    swap = crust.swap(read("Tart case\n250 g flour\n125 g butter\n3 tbsp water"), crust.options)
    flour = crust.mend(swap, trouble: "greasy").last
    expect(flour.grams).to be_within(0.01).of(swap.ours.powder_g * 0.15 / 0.85)
  end

  it "says how much longer a sheet is rolled for a large dish" do
    inside = "400 g chicken\n500 ml white sauce"
    pie = answer("Chicken pie\n1 sheet puff pastry\n#{inside}\nBake in a 31 x 22 cm dish 30 minutes")
    longer = 100 * pie.parts.filter_map(&:swap).first.sheet.stretch - 100
    expect(longer).to be > 1
    expect(pie.steps.map(&:text)).to include(start_with("Roll it #{longer.round} % longer each way, to"))
  end

  it "keeps the name of a crust that stays as it is, and not the word above its list" do
    kept = answer("Rice flour tart\nIngredients\n200 g rice flour\n100 g butter\n40 ml water\n1 egg\nBake 20 minutes.")
    titles = kept.parts.first.swap.ours.recipe.lines.select { |line| line.role == "title" }.map(&:text)
    expect(titles).to eq ["Rice flour tart"]
  end
end
