# Butter that is left in lumps and folded: by name or by a step, and where there is fat enough. Common practice.
RSpec.describe Restauro::Families::Crust::Laminated do
  laminated = ->(spec, title, step, butter: 180, fat: "butter") do
    recipe = spec.read("#{title}\n250 g flour\n#{butter} g #{fat}\n120 ml water\n#{step}", system: "metric")
    Restauro::Families::Crust::Prediction.new(recipe, spec.catalogue, spec.crust.options).laminated?
  end
  let(:crust) { Restauro::Families.fetch("crust", catalogue) }

  ["Rough puff pastry", "Pâte feuilletée", "Blätterteig", "Easy puff pastry"].each do |title|
    it("is #{title}") { expect(laminated[self, title, "Chill."]).to be true }
  end

  [
    "Roll out, fold into thirds, turn.", "Give it four single turns.", "Fold it like a letter and chill.", "Do two book folds."
  ].each do |step|
    it("is what a step says so of: #{step}") { expect(laminated[self, "Pastry", step]).to be true }
  end

  it "is no flaky pie crust, nothing folded over its filling, and none with too little fat" do
    plain = laminated[self, "Flaky pie crust", "Rub in."]
    over = laminated[self, "Pastry", "Fold the pastry over the filling."]
    lean = laminated[self, "Rough puff pastry", "Fold in three.", butter: 120]
    expect([plain, over, lean]).to eq [false, false, false]
  end

  it "has half as much fat as flour at least" do
    found = [124, 125].map { |grams| laminated[self, "Rough puff", "Fold in three.", butter: grams] }
    expect(found).to eq [false, true]
  end

  it "is made with no oil" do
    expect(laminated[self, "Rough puff pastry", "Fold in three.", fat: "sunflower oil"]).to be false
  end
end
