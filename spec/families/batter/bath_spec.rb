# What lies in milk before its batter (common practice); raw meat is kept cold, and apart.
RSpec.describe Restauro::Families::Batter do
  bath = ->(spec, food) do
    text = "In batter\n#{food}\n200 ml milk\n150 g flour\n200 ml beer\noil for frying\n" \
           "Soak in the milk for 20 minutes. Whisk flour and beer to a batter. Drain, dip and fry."
    spec.answer(text, system: "metric").steps.find { |step| step.text.start_with?("Lay ") }
  end

  it("has raw chicken lie in it in the fridge, with its caution") do
    step = bath[self, "500 g chicken breast, in strips"]
    expect([step.minutes, step.text.include?("in the fridge"), step.safety]).to eq [20.0, true, ["raw_meat"]]
  end

  it("has onions lie in it without either") do
    step = bath[self, "2 large onions, cut into thick rings"]
    expect([step.text.include?("in the fridge"), step.safety]).to eq [false, []]
  end
end
