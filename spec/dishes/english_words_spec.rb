# frozen_string_literal: true

# Words of another tongue's kitchen that English has too, for other things.
RSpec.describe "What an English sentence says" do
  said = Restauro::DataFiles.words("dishes/words.yml")
  read = Restauro::DataFiles.words("recipes/words.yml")

  it("bakes nothing in a bag") { expect("Shake in a bag with 3 tbsp flour").not_to match(said[:bakes]) }
  it("softens nothing by a stove") { expect("Back on the stove for a minute").not_to match(read[:softens_for]) }
  it("softens nothing by dusting") { expect("Dust it, salted, with flour").not_to match(read[:softens_for]) }
  it("simmers nothing for less") { expect("Not for less than 10 minutes").not_to match(read[:softened_in_liquid]) }

  it("fries one at a time for its own minutes") do
    text = "Drop scones\n200 g self-raising flour\n300 ml milk\n1 egg\nFry, a few at a time, for 2 minutes per side."
    fried = answer(text, system: "uk").steps.select { |step| step.kind == "fry" }
    expect(fried.filter_map(&:minutes)).to eq [2, 2]
  end
end
