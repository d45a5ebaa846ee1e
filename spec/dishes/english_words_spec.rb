# frozen_string_literal: true

# Words of another tongue's kitchen that English has too, for other things.
RSpec.describe "What an English sentence says" do
  said = Restauro::DataFiles.words("dishes/words.yml").merge(Restauro::DataFiles.words("recipes/words.yml"))

  {
    "Shake in a bag with 3 tbsp flour" => :bakes,
    "Back on the stove for a minute" => :softens_for,
    "Dust it, salted, with flour" => :softens_for,
    "Not for less than 10 minutes" => :softened_in_liquid
  }.each do |sentence, words|
    it("is no #{words}: '#{sentence}'") { expect(sentence.match?(said.fetch(words))).to be false }
  end

  it("fries a few at a time for their own minutes") do
    text = "Drop scones\n200 g self-raising flour\n300 ml milk\n1 egg\nFry, a few at a time, for 2 minutes per side."
    fried = answer(text, system: "uk").steps.select { |step| step.kind == "fry" }
    expect(fried.filter_map(&:minutes)).to eq [2, 2]
  end
end
