# How long each side is in the pan: as the recipe says it, and what is thick no shorter than is usual (common practice).
RSpec.describe Restauro::Families::Batter::Pancakes do
  sides = ->(spec, text) { spec.answer(text).steps.select { |step| step.kind == "fry" }.map(&:minutes) }
  pancakes = "Pancakes\n250 g plain flour\n2 eggs\n500 ml milk\nbutter to fry\n"
  cakes = "Potato cakes\n500 g mashed potato\n50 g plain flour\n1 egg\n30 g butter to fry\n"
  usual = Restauro::Constants.fetch(:making, :patty_minutes)

  it "turns pancakes when the recipe does" do
    expect(sides[self, "#{pancakes}Fry 3 minutes, flip, 1 minute more."]).to eq [3, 1]
  end

  it "leaves cakes longer where the recipe does, and never less than is usual" do
    expect([usual + 3, 1].map { |told| sides[self, "#{cakes}Fry #{told.to_i} minutes on each side."] })
      .to eq [[usual + 3] * 2, [usual] * 2]
  end
end
