# frozen_string_literal: true

# "Beef or vegetable stock": the word that both share stands behind the second alone. Common practice.
RSpec.describe Restauro::Either do
  {
    "2 cups turkey or chicken broth" => "stock", "500 ml beef or vegetable stock" => "stock",
    "500 ml chicken, turkey or vegetable stock" => "stock", "500 ml beef/chicken stock" => "stock",
    "500 ml hot ham or veg stock" => "stock", "100 ml red or white wine" => "dry_wine",
    "2 tbsp vegetable or olive oil" => "neutral_oil", "200 ml single or double cream" => "light_cream",
    "200 ml whole or semi-skimmed milk" => "whole_milk", "50 g caster or granulated sugar" => "granulated_sugar",
    "2 tbsp lemon or lime juice" => "lemon_juice", "300 g beef or lamb mince" => "ground_meat",
    "2 tbsp bacon or sausage drippings" => "drippings", "200 g plain or self-raising flour" => "wheat_flour",
    "30 g butter or olive oil" => "butter", "250 ml milk or double cream" => "whole_milk",
    "300 g pork or chicken" => "whole_meat", "200 g cod or smoked haddock" => "fish", "250 ml stock or water" => "stock",
    "100 ml Weiß- oder Rotwein" => "dry_wine", "50 ml calvados or apple juice" => "spirits",
    "500 ml di brodo di carne o vegetale" => "stock", "50 cl de bouillon de volaille ou de légumes" => "stock"
  }.each do |text, what|
    it("reads '#{text}' as #{what}") do
      found = line(text, system: "uk")
      expect(found.ingredient || found.kind).to eq what
    end
  end
end
