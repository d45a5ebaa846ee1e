# Which part of a dish a line belongs to, where the list has no headings: common practice.
RSpec.describe Restauro::Dishes do
  def parts(text) = Restauro::Dishes::Partition.of(read(text), catalogue).parts
  def held(text) = parts(text).map { |part| part.lines.map { |line| line.ingredient || line.kind } }

  it "gives the butter of a roux to the sauce, with an amount or without" do
    dough = "Spätzle\n300 g flour\n3 eggs\n120 ml water\n"
    found = ["20 g butter", "butter"].map { |fat| held("#{dough}#{fat}\n20 g flour\n500 ml stock").last }
    expect(found).to all include("butter")
  end

  it "gives it to the sauce with what is cooked in it, and to the dough with an egg" do
    found = ["1 onion", "200 g carrots", "1 egg yolk"].map do |between|
      held("Spätzle\n300 g flour\n3 eggs\n120 ml water\n20 g butter\n#{between}\n20 g flour\n500 ml stock").last
    end
    expect(found.map { |one| one.include?("butter") }).to eq [true, true, false]
  end

  it "leaves the dough its oil, where as much flour does not follow" do
    expect(held("Spätzle\n300 g flour\n3 eggs\n120 ml water\n5 g oil\n20 g flour\n500 ml stock").first)
      .to include("neutral_oil")
  end

  it "makes the sauce with the only butter there is, whatever it stands beside" do
    found = held("Cottage pie\n700 g potatoes\n50 g butter\n500 g beef mince\n25 g flour\n400 ml stock")
    expect(found).to contain_exactly(include("butter", "stock"), ["raw_potato"])
  end

  it "mashes the potatoes with their own butter, where the sauce has one" do
    found = held("Cottage pie\n700 g potatoes\n50 g butter\n500 g beef mince\n25 g flour\n400 ml stock\n20 g butter")
    expect(found).to include(%w[raw_potato butter])
  end

  it "fills ravioli with the leaves that no butter stands with" do
    expect(parts("Ravioli\n200 g flour\n2 eggs\n250 g ricotta\n1 tbsp basil").map(&:name)).to eq %w[Dough Filling]
  end

  it "lays only sheets and slices into the dish" do
    dish = answer("Lasagne\n250 g lasagne sheets\n50 g butter\n50 g flour\n700 ml milk\n400 g beef mince\n" \
                  "Bake at 180C for 40 minutes.")
    laid = dish.steps.find { |step| step.kind == "shape" && step.text.include?("dish") }
    expect(laid.uses.map(&:ingredient)).to eq %w[gf_pasta_sheets]
  end

  it "whisks whites for a meringue only where there are whites, and sugar for them" do
    found = ["3 egg whites\n60 g sugar", "3 egg whites", "2 egg yolks\n60 g sugar"].map do |top|
      answer("Lemon pie\nCrust\n200 g flour\n100 g butter\n40 ml water\nFilling\n40 g cornflour\n300 ml water\n" \
             "150 g sugar\n3 egg yolks\nTopping\n#{top}").steps.map(&:text).grep(/soft peaks; then 60 g sugar/).length
    end
    expect(found).to eq [1, 0, 0]
  end
end
