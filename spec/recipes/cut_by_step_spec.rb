# How a step cuts what is coated. Common practice.
RSpec.describe Restauro::Recipes::CutByStep do
  cut = ->(spec, thing, steps, rest = "50 g flour\n2 eggs\n100 g breadcrumbs") do
    spec.read("Fried\n#{thing}\n#{rest}\n#{steps}", system: "uk").ingredients.first.cut
  end

  {
    ["2 chicken breasts", "Cut the chicken into 2 cm strips. Coat them."] => "cut into 2 cm strips",
    ["2 chicken breasts", "Halve the breasts horizontally and pound to 1 cm thick."] =>
      "halved horizontally and pounded to 1 cm thick",
    ["2 chicken breasts", "Flatten the chicken between cling film to 1.5 cm. Coat."] =>
      "flattened between cling film to 1.5 cm",
    ["2 chicken breasts", "Slice each breast in half. Coat. Pound to 1 cm thick."] =>
      "sliced in half and pounded to 1 cm thick",
    ["2 courgettes", "Slice the courgettes into 1/2-inch rounds."] => "sliced into 1/2-inch rounds",
    ["300 g Hähnchenbrust", "Hähnchen in Streifen schneiden. Panieren."] => "in streifen schneiden"
  }.each do |(thing, steps), words|
    it "reads '#{steps}'" do
      expect(cut[self, thing, steps]).to eq words
    end
  end

  {
    "the line itself cuts it" => ["2 chicken breasts, diced", "Cut the chicken into strips."],
    "something else is cut" => ["2 chicken breasts", "Cut the butter into cubes. Slice the lemon."],
    "nothing is cut" => ["2 chicken breasts", "Coat the chicken and fry it."]
  }.each do |why, (thing, steps)|
    it "reads none where #{why}" do
      expect(cut[self, thing, steps]).to be_nil
    end
  end

  it "reads none where nothing could coat it" do
    expect(cut[self, "2 chicken breasts", "Cut the chicken into strips.", "200 ml milk"]).to be_nil
  end

  it "takes the minutes and the number of strips, not those of whole breasts" do
    list = "Crispy chicken\n2 chicken breasts\n50 g flour\n2 eggs\n100 g breadcrumbs\noil for frying"
    whole, strips = ["Coat. Fry.", "Cut the chicken into 1 cm strips. Coat. Fry."].map do |steps|
      answer("#{list}\n#{steps}").steps.find { |step| step.kind == "fry" }.minutes
    end
    expect(strips).to be < 0.6 * whole
  end
end
