# Common practice: what is poached in a litre leaves a litre, and the sauce is made of a part of it.
RSpec.describe Restauro::Recipes::TakenOff do
  def recipe(method, stock: "1 litre stock") = read("Stew\n1 chicken, 1.5 kg\n#{stock}\n40 g flour\n#{method}")

  def poured(...) =
    recipe(...).ingredients.select { |line| line.role == "liquid" }.map { |line| line.grams.value.round(-1) }

  it "makes the sauce of the measure that a step takes" do
    expect(poured("Poach the chicken in the stock.\nWhisk 400 ml of the stock into the roux.")).to eq [410]
  end

  it "keeps the whole as words of the method" do
    expect(recipe("Poach the chicken in the stock.\nWhisk 400 ml of the stock into the roux.").steps.map(&:text))
      .to include "1 litre stock"
  end

  it "makes it of all where nothing cooks in it first" do
    expect(poured("Brown the chicken.\nWhisk 400 ml of the stock into the roux.")).to eq [1010]
  end

  it "makes it of all where the rest goes in too" do
    expect(poured("Poach the chicken in the stock.\nAdd 400 ml of the stock, then the rest of it.")).to eq [1010]
  end

  it "makes it of all where the measure is nearly all" do
    expect(poured("Poach the chicken in the stock.\nWhisk 900 ml of the stock into the roux.")).to eq [1010]
  end

  it "makes it of all where two steps take of it" do
    expect(poured("Poach the chicken in the stock.\nAdd 200 ml of the stock.\nAdd 300 ml stock.")).to eq [1010]
  end

  it "knows it by what it is, not by its word" do
    expect(poured("Das Huhn in der Brühe 1 Stunde kochen.\nMit 500 ml Brühe ablöschen.", stock: "1 l Brühe"))
      .to eq [510]
  end
end
