# Mince that goes raw into what it fills. Common practice.
RSpec.describe Restauro::Families::RawFilling do
  said = ->(spec, title, steps) do
    recipe = spec.read("#{title}\n300 g flour\n1 egg\nFilling:\n300 g minced beef\n1 onion\n#{steps}")
    described_class.said?(recipe, recipe.ingredients)
  end

  {
    ["Filled pasta", "Mix the mince with the onion. Fill."] => true,
    ["Filled pasta", "Fry the mince with the onion. Mix. Fill."] => false,
    ["Filled pasta", "Fry the onion. Mix the mince with it."] => true,
    ["Filled pasta", "Mix the dough. Fill."] => false,
    ["Filled pasta", "Cook the mince for 10 minutes. Mix the mince with the onion."] => false,
    ["Filled pasta", "Mix the mince with the onion. Boil until the meat is cooked through."] => true,
    ["Filled pasta", ""] => false,
    ["Pork wontons", ""] => true,
    ["Pork wontons", "Brown the mince."] => false
  }.each do |(title, steps), raw|
    it "is #{raw} of '#{title}' with '#{steps}'" do
      expect(said[self, title, steps]).to be raw
    end
  end

  packed = ->(spec, steps, list = "500 g stewing beef\n2 tbsp flour\n1 onion") do
    recipe = spec.read("Pie\n300 g flour\n150 g suet\nFilling:\n#{list}\n#{steps}")
    described_class.packed(recipe, recipe.ingredients)
  end

  {
    "Toss the beef in the flour. Fill the basin and steam for 4 hours." => true,
    "Mix the filling. Fill and bake for an hour." => true,
    "Brown the beef in batches. Toss it in the flour. Fill." => false,
    "Simmer the beef for 2 hours. Fill, cover and bake." => false,
    "Toss the beef in the flour. Heat the oil and fry in batches. Add stock and simmer for 2 hours. Bake." => false,
    "Toss the beef in the flour. Cook until tender. Fill and bake." => false,
    "Toss the beef in the flour. Fry the onion. Mix both, fill and bake." => true,
    "Roll out the dough. Bake for 40 minutes until the beef is cooked." => nil,
    "Roll out the dough and bake it." => nil
  }.each do |steps, raw|
    it "is #{raw.inspect} of meat packed into a crust with '#{steps}'" do
      expect(packed[self, steps]).to be raw
    end
  end

  {
    "Toss the beef in the flour. Heat the oil and fry in batches. Fry the onion. Fill and bake." => false,
    "Toss the beef in the flour. Fry the onion, return everything with the ale, simmer 2 hours. Bake." => false,
    "Toss the beef in the flour. Mix it with the onion, pour over the ale and bake for 2 hours." => false,
    "Toss the beef in the flour. Mix it with the onion, pour over the ale and steam for 4 hours." => true,
    "Toss the beef in the flour. Fry the onion. Fill, pour over the ale and steam for 4 hours." => true
  }.each do |steps, raw|
    it "is #{raw.inspect} of meat with oil and ale in its list, and '#{steps}'" do
      expect(packed[self, steps, "500 g stewing beef\n2 tbsp flour\n1 onion\n3 tbsp oil\n300 ml ale"]).to be raw
    end
  end

  {
    "Faire revenir la viande. Mélanger la viande avec la farine. Garnir et cuire au four." => "500 g de bœuf haché",
    "Sofreír la carne 10 minutos. Mezclar la carne con el huevo. Rellenar y hornear." => "500 g de carne picada",
    "Rosolare la carne. Mescolare la carne con l'uovo. Riempire e infornare." => "500 g di carne macinata",
    "Das Fleisch andünsten. Fleisch mit Mehl vermengen. Füllen, backen." => "500 g Rindfleisch, gewürfelt"
  }.each do |steps, meat|
    it "is cooked first, and raw without its first sentence, where '#{steps}'" do
      found = [steps, steps.sub(/\A[^.]*\. /, "")].map { |told| packed[self, told, "#{meat}\n2 tbsp flour\n1 onion"] }
      expect(found).to eq [false, true]
    end
  end

  it "packs nothing raw where there is no meat" do
    expect(packed[self, "Toss the leeks in the flour. Fill.", "3 leeks\n2 tbsp flour"]).to be_nil
  end

  it "asks nothing where there is no mince" do
    recipe = read("Pelmeni\n300 g flour\n1 egg\nFilling:\n300 g mushrooms")
    expect(described_class.said?(recipe, recipe.ingredients)).to be false
  end

  {
    "Boil 2 minutes." => "boil", "Pan-fry 2 minutes, add water, cover and steam for 2 minutes." => "simmer"
  }.each do |way, kind|
    it "takes raw meat out no sooner than five minutes where a step says '#{way}'" do
      list = "Dough:\n300 g flour\n1 egg\n120 ml water\nFilling:\n300 g pork mince"
      steps = answer("Pork wontons\n#{list}\n#{way}").steps
      cooked = steps.select { |step| step.kind == kind && step.safety.include?("stuffed") }
      expect(cooked.map(&:minutes).min).to be >= 5
    end
  end
end
