# Common practice: what is sold made up asks for its label, and what is made of wheat as a rule says so.
RSpec.describe Restauro::Recipes::LineReader do
  codes = ->(spec, text) { spec.read("Stew\n#{text}\n30 g flour\n500 ml stock").ingredients.first.warnings.map(&:code) }

  ["400 g sausagemeat", "400 g sausage meat", "8 chipolatas", "4 bratwurst", "1 lb breakfast sausage patties",
   "8 sausage links", "200 g andouille", "200 g kielbasa", "2 tbsp Worcestershire sauce", "100 g suet", "1 tsp asafoetida",
   "2 tbsp ketchup"].each do |text|
    it("asks for the label of #{text}") { expect(codes[self, text]).to include "check_label" }
  end

  ["300 g shortcrust", "320 g ready rolled all butter puff pastry", "20 saltine crackers, crushed", "2 tbsp soy sauce",
   "2 tbsp hoisin sauce", "3 tbsp okonomiyaki sauce", "330 ml lager", "200 g haggis"].each do |text|
    it("finds the gluten of #{text}") { expect(codes[self, text]).to include "gluten_in_line" }
  end
end
