# Tools that a page lists beside food.
RSpec.describe Restauro::Recipes::Equipment do
  put_last = ->(lines) { described_class.put_last(lines) { |line| line.match?(/\A(?:Ingredients|Method|\d+ g)/) } }

  it "leaves out a heading for them and all under it, but for a tin with its size" do
    expect(put_last[["Pie", "Equipment", "9 inch pie dish", "Whisk", "Ingredients", "200 g flour", "Bake it."]])
      .to eq ["Pie", "Ingredients", "200 g flour", "Bake it.", "Use a 9 inch pie dish."]
  end

  it "leaves out a line of them" do
    expect(put_last[["Pie", "Equipment: a 23 cm tin, a whisk and a sieve.", "200 g flour"]])
      .to eq ["Pie", "200 g flour", "Use a 23 cm tin."]
  end

  it("leaves a text without them as it is") { expect(put_last[["Pie", "200 g flour"]]).to eq ["Pie", "200 g flour"] }
end
