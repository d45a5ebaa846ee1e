# frozen_string_literal: true

# How long a step keeps an onion in the fat. Common practice.
RSpec.describe Restauro::Recipes::FriedFor do
  def softened(steps, things: "2 onions\n25 g butter\n2 tbsp flour\n500 ml stock")
    read("Onion sauce\n#{things}\n#{steps}", system: "uk").ingredients.first.fried_for
  end

  {
    "Soften the onions in the butter for 10 minutes. Add the flour." => [10, false],
    "Fry the onions gently for 20 minutes until golden, then stir in the flour." => [20, true],
    "Cook onions over low heat 45 minutes, stirring, until deep brown and caramelised." => [45, true],
    "Melt the butter, add the onion and cook for 5 mins until soft, stir in the flour and cook 2 mins." => [5, false],
    "Zwiebeln in der Butter 20 Minuten goldbraun braten." => [20, true],
    "Faire fondre les oignons dans le beurre pendant 25 minutes." => [25, false],
    "Add the vegetables and cook 8 minutes." => [8, false]
  }.each do |steps, (minutes, browned)|
    it "reads '#{steps}'" do
      things = {"Zwiebel" => "2 Zwiebeln", "oignon" => "2 oignons"}.find { |word, _| steps.include?(word) }&.last
      found = softened(steps, things: "#{things || "2 onions"}\n25 g butter\n2 tbsp flour\n500 ml stock")
      expect([found.minutes, found.browned]).to eq [minutes, browned]
    end
  end

  [
    "Simmer the onions in the stock for 20 minutes.",
    "Roast the onions at 200C for 30 minutes.",
    "Brown the beef with the onions for 10 minutes.",
    "Chop the onions. Cook the flour for 2 minutes.",
    "Soften the onions in the butter."
  ].each do |steps|
    it "reads no time in the fat in '#{steps}'" do
      expect(softened(steps)).to be_nil
    end
  end

  it "takes what is golden in the flour's clause for no onion's" do
    expect(softened("Fry the onions for 5 minutes, stir in the flour until golden.").browned).to be false
  end

  it "takes the first sentence that says it" do
    expect(softened("Fry the onions for 5 minutes. Fry the onions again for 9 minutes.").minutes).to eq 5
  end

  it "asks nothing of what is not softened" do
    lines = read("Sauce\n2 onions\n25 g butter\n200 ml milk\nFry the onions in the butter 9 minutes.").ingredients
    expect(lines.drop(1).map(&:fried_for)).to all be_nil
  end

  {
    ["500 g sirloin, sliced", "Brown the beef 2 minutes; set aside."] => 2,
    ["500 g pork fillet, sliced", "Sear the pork for 3 minutes on each side."] => 6,
    ["600 g Kalbfleisch, geschnetzelt", "Fleisch 2 Minuten anbraten, herausnehmen."] => 2,
    ["1 rabbit, jointed\n100 g bacon lardons", "Fry the bacon 5 minutes."] => nil,
    ["500 g braising steak", "Simmer the beef for 2 hours."] => nil,
    ["500 g beef mince", "Brown the mince for 3 minutes."] => nil,
    ["4 chicken thighs", "Brown the chicken for 3 minutes."] => nil
  }.each do |(thing, steps), minutes|
    it "browns '#{thing}' for #{minutes || "no told"} minutes" do
      expect(softened(steps, things: "#{thing}\n25 g butter\n2 tbsp flour\n500 ml stock")&.minutes).to eq minutes
    end
  end
end
