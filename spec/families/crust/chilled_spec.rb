# Common practice: a cream pie is filled and chilled; a custard with whole eggs is baked.
RSpec.describe Restauro::Families::Crust::Chilled do
  def prediction(text, **choices)
    family = Restauro::Families::Crust.new(catalogue)
    family.predict(family.read(read(text)), family.options(**choices))
  end

  def pie(*filling, title: "Pie", steps: []) =
    [title, "Crust:", "200 g flour", "100 g butter", "50 ml water", "Filling:", *filling, *steps].join("\n")

  let(:cream) { ["500 ml milk", "100 g sugar", "40 g cornflour", "4 egg yolks"] }

  it "chills a cream of starch and yolks" do
    expect(prediction(pie(*cream))).to be_chilled
  end

  it "bakes it where its minutes are said" do
    expect(prediction(pie(*cream), bake_minutes: 20)).not_to be_chilled
  end

  it "chills it all the same where a step says so" do
    expect(prediction(pie(*cream, steps: ["Chill it until set."]), bake_minutes: 20)).to be_chilled
  end

  it "bakes it under a meringue" do
    expect(prediction(pie(*cream), crowned: true)).not_to be_chilled
  end

  it "bakes what is called after its meringue" do
    expect(prediction(pie(*cream, title: "Cream meringue pie"))).not_to be_chilled
  end

  it "bakes what has meat in it, however sweet" do
    expect(prediction(pie(*cream, "300 g chicken"))).not_to be_chilled
  end

  it "bakes what whole eggs set" do
    expect(prediction(pie("500 ml milk", "100 g sugar", "40 g cornflour", "3 eggs"))).not_to be_chilled
  end

  it "bakes what starch hardly thickens" do
    expect(prediction(pie("500 ml milk", "100 g sugar", "8 g cornflour", "4 egg yolks"))).not_to be_chilled
  end

  it "bakes a sauce that is not sweet" do
    expect(prediction(pie("500 ml milk", "40 g cornflour", "100 g cheddar"))).not_to be_chilled
  end

  it "chills cream and soft cheese without egg" do
    expect(prediction(pie("300 g cream cheese", "200 ml double cream", "80 g sugar"))).to be_chilled
  end

  it "bakes them with egg" do
    expect(prediction(pie("300 g cream cheese", "200 ml double cream", "80 g sugar", "2 eggs"))).not_to be_chilled
  end

  it "chills them with egg where the title says no oven" do
    title = "No-bake cheesecake"
    expect(prediction(pie("300 g cream cheese", "80 g sugar", "2 eggs", title: title))).to be_chilled
  end

  it "bakes no base of crumbs under what only sets, unless an oven is told" do
    text = "Cheesecake\nBase:\n200 g digestive biscuits\n90 g butter\nFilling:\n300 g cream cheese\n80 g sugar"
    told = [{}, {oven: Restauro::Kitchen::OvenTemperature.new(celsius: 170.0)}]
    expect(told.map { |choices| prediction(text, **choices).baking.total_minutes.positive? }).to eq [false, true]
  end

  it "asks no heat of what only sets" do
    expect(prediction(pie(*cream)).filling_celsius).to be_nil
  end

  it "warns of eggs that nothing cooks" do
    found = prediction(pie("300 g cream cheese", "80 g sugar", "2 eggs", title: "No-bake cheesecake")).chilled
    expect([found, prediction(pie(*cream)).chilled].map(&:raw_egg?)).to eq [true, false]
  end

  it "bakes its empty crust as long as one that nothing goes into" do
    empty = prediction("Crust\n200 g flour\n100 g butter\n50 ml water")
    expect(prediction(pie(*cream)).baking.prebake_minutes).to eq empty.baking.prebake_minutes
  end

  it "warns of no middle that never gets hot" do
    expect(prediction(pie(*cream)).warnings.map(&:code)).not_to include("not_done")
  end

  ["top with whipped cream", "top with fresh strawberries"].each do |last|
    it "lies under it, and no oven is lit, though a step says: #{last}" do
      found = answer("Cream pie\nBase:\n200 g biscuits, crushed\n90 g butter\nFilling:\n500 ml milk\n4 egg yolks\n" \
                     "100 g sugar\n40 g cornflour\nPress the base into a 23 cm tin. Chill 4 hours, #{last}.").steps
      expect(found.map(&:kind) & %w[preheat bake chill]).to eq %w[chill]
    end
  end
end
