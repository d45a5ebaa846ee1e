# No word of the method is for another eater: nothing tells a vegan to brush with egg.
RSpec.describe Restauro::Dishes, "for a vegan" do
  {
    "puddings" => "Yorkshire puddings\n140 g flour\n4 eggs\n200 ml milk\n4 tbsp oil\nBake at 220C.",
    "a sauce" => "White sauce\n40 g butter\n40 g flour\n500 ml milk",
    "a pie" =>
      "Leek pie\nPastry:\n200 g flour\n100 g butter\n50 ml water\n1 egg, beaten\nSauce:\n40 g butter\n" \
      "40 g flour\n500 ml milk",
    "pasta" => "Tagliatelle\n300 g flour\n3 eggs",
    "gnocchi" => "Gnocchi\n1 kg potatoes\n250 g flour\n1 egg",
    "a coat" => "Celeriac schnitzel\n8 slices celeriac, 10 mm\n60 g flour\n2 eggs\n150 g breadcrumbs",
    "muffins" => "Muffins\n250 g flour\n2 tsp baking powder\n2 eggs\n200 ml milk\n80 g butter\n100 g sugar"
  }.each do |name, text|
    it "speaks of no egg, milk, butter or cheese in #{name}" do
      words =
        answer(text, system: "uk", without: ["vegan"])
          .steps
          .flat_map { |step| [step.text, step.look_for, step.caution] }
          .compact
          .join(" ")
      plain = words.gsub(/plant butter|cream(?:ed)? of|thick cream|thin cream|like (?:\w+ )?cream|no egg/i, "")
      expect(plain.scan(/\b(?:eggs?|yolks?|egg whites?|milk|butter|cheese|cream|lard|dripping)\b/i)).to eq []
    end
  end
end
