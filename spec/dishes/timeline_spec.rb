# When each step begins, for one pair of hands: by sums.
RSpec.describe Restauro::Dishes::Timeline do
  step = ->(kind, minutes = nil, part: "Crust", **more) { {kind: kind, minutes: minutes, part: part, **more} }
  spans = ->(*steps) { described_class.of(steps).map { |slot| [slot.from, slot.to] } }
  free = {attended: false}
  shape = Restauro::Constants.fetch(:dishes, :shape_minutes)

  it "lets the hands go on with another part while one rests" do
    found = spans[step["rest", 30.0, **free], step["simmer", 10.0, part: "Sauce"], step["bake", 20.0]]
    expect(found).to eq [[0.0, 30.0], [0.0, 10.0], [30.0, 50.0]]
  end

  it "keeps the hands on what is attended, or not said to be free" do
    expect(spans[step["simmer", 5.0], step["brown", 3.0, part: "Sauce", attended: true]]).to eq [[0.0, 5.0], [5.0, 8.0]]
  end

  it "says which slots have the hands on them" do
    found = described_class.of([step["rest", 5.0, **free], step["simmer", 5.0], step["brown", 5.0, attended: true]])
    expect(found.map(&:attended)).to eq [false, true, true]
  end

  it "waits for the oven to bake, not to simmer" do
    hot = step["preheat", 15.0, part: nil, **free]
    expect([spans[hot, step["bake", 5.0]].last, spans[hot, step["prebake", 5.0]].last,
            spans[hot, step["simmer", 5.0]].last]).to eq [[15.0, 20.0], [15.0, 20.0], [0.0, 5.0]]
  end

  it "waits for everything where a step is the whole dish's, but to set out and to heat the oven" do
    rest = step["rest", 30.0, **free]
    found = %w[shape set_out preheat].map { |kind| spans[rest, step[kind, 5.0, part: nil]].last }
    expect(found).to eq [[30.0, 35.0], [0.0, 5.0], [0.0, 5.0]]
  end

  it "counts every batch, and what has no minutes as such steps usually take" do
    expect(spans[step["fry", 4.0, batches: 3], step["shape"], step["shape", 0.0]])
      .to eq [[0.0, 12.0], [12.0, 12.0 + shape], [12.0 + shape, 12.0 + 2 * shape]]
  end

  it "draws nothing of a step that takes no time" do
    expect(spans[step["serve"], step["store"]]).to eq []
  end

  it "takes as long as its last slot, and nothing where there is none" do
    expect([described_class.minutes([step["rest", 30.0, **free], step["simmer", 10.0, part: "Sauce"]]),
            described_class.minutes([])]).to eq [30.0, 0.0]
  end
end
