# Small pies, each in its cup. Rounds by geometry; minutes as practice has them: those of wheat: jam tarts 12 to
# 15 at 200 °C, mince pies 18 to 20 (common practice).
RSpec.describe Restauro::Families::Crust::Cups do
  family = Restauro::Families::Crust.new(Restauro::Catalogue.load)
  pastry = "200 g plain flour\n100 g butter\n3 tbsp cold water"
  made = ->(spec, text, **choices) { family.swap(spec.read(text, system: "uk"), family.options(**choices)).ours }
  oven = ->(celsius) { Restauro::Kitchen::OvenTemperature.new(celsius: celsius) }

  it "cuts a round as large as base and wall of its cup" do
    cups = described_class.new(count: 1, across_cm: 6.0, deep_cm: 2.0, cases: true, lids: false)
    expect(cups.covered_cm2).to be_within(1e-9).of((Math::PI * 9) + (Math::PI * 6 * 2))
  end

  {"Jam tarts" => [12, 15], "Mince pies" => [18, 20]}.each do |title, minutes|
    it "bakes #{title.downcase} for #{minutes.join(" to ")} minutes at 200 °C" do
      wheat = family.predict(read("#{title}\n#{pastry}\n200 g jam"), family.options(oven: oven[200]))
      expect(wheat.baking.golden_minutes).to be_between(*minutes)
    end
  end

  it "makes as many as the recipe says, else as many as there is dough for" do
    counts = [12, nil].map { |makes| made[self, "Jam tarts\n#{pastry}\n200 g jam", makes: makes].cups.count }
    more = made[self, "Jam tarts\n#{pastry.sub("200", "400").sub("100", "200")}\n200 g jam"].cups.count
    expect(counts.first).to eq 12
    expect(more).to be > counts.last
  end

  it "rolls the dough thinner where more is cut of it" do
    thick = [10, 16].map { |makes| made[self, "Jam tarts\n#{pastry}\n200 g jam", makes: makes].thickness_mm }
    expect(thick.first).to be > thick.last
  end

  it "is none where the cook has chosen a tin" do
    pan = Restauro::Kitchen::BakingPan.parse("23 cm round")
    expect(made[self, "Jam tarts\n#{pastry}\n200 g jam", pan: pan].cups).to be_nil
  end

  it "takes small tins that are told as its cups" do
    pan = Restauro::Kitchen::BakingPan.parse("10 cm round 3 cm deep")
    expect(made[self, "Leek pies\n#{pastry}\n300 g leeks", pan: pan, makes: 4, cover: "bottom"].cups)
      .to have_attributes(count: 4, across_cm: 10.0, deep_cm: 3.0, lids: false)
  end

  it "takes one small tin as a tin" do
    pan = Restauro::Kitchen::BakingPan.parse("10 cm round 3 cm deep")
    expect(made[self, "Leek pie\n#{pastry}\n300 g leeks", pan: pan, makes: 1, cover: "bottom"].cups).to be_nil
  end

  it "bakes cases empty where the recipe says so, and only there" do
    blind = ["", "\nBake the cases blind, cool and fill."].map do |step|
      made[self, "Lemon tartlets\n#{pastry}\n300 g lemon curd#{step}"].baking.prebaked?
    end
    expect(blind).to eq [false, true]
  end

  it "makes cases too where there is dough for them, else lids alone" do
    pies = ->(grams) do
      dough = "#{grams} g plain flour\n#{grams / 2} g butter\n2 tbsp water"
      family.over(read("Individual chicken pies\n#{dough}", system: "uk"), {makes: 4})
    end
    expect([pies[400], pies[80]]).to eq %w[double top]
  end

  it "draws the rounds that there are" do
    rounds = %w[bottom top double].to_h do |cover|
      text = "Individual leek pies\n#{pastry}\n300 g leeks"
      swap = family.swap(read(text, system: "uk"), family.options(makes: 4, cover: cover))
      drawn = Restauro::Families::Crust::Picture.new(swap).to_h[:cups]
      [cover, drawn.values_at(:case_cm, :lid_cm).map { |cm| !cm.nil? }]
    end
    expect(rounds).to eq({"bottom" => [true, false], "top" => [false, true], "double" => [true, true]})
  end

  it "shares the filling out" do
    steps = family.steps(family.swap(read("Jam tarts\n#{pastry}\n240 g jam", system: "uk"), family.options(makes: 12)))
    expect(steps.map(&:text)).to include("Fill them: 20 g in each of 12, cold from the fridge.")
  end
end
