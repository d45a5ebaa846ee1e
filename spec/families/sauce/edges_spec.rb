# What a sauce's comparison, its look and its reduction rest on.
RSpec.describe Restauro::Families::Sauce do
  white = "White sauce\n50 g butter\n50 g flour\n600 ml milk"
  gravy = "Gravy\n30 g dripping\n30 g flour\n500 ml stock"
  texts = ->(spec, text, **choices) { spec.sauce.steps(spec.swap(text, **choices)).map(&:text) }

  it "suggests starches in place of what does not thicken, and only starches" do
    swap(white, with: %w[sunflower_meal])
  rescue Restauro::InvalidInput => e
    keys = e.message[/choose ([\w, ]+)/, 1].split(", ")
    expect(keys.map { |key| catalogue.fetch(key).group }).to eq ["starch"] * 4
  else
    raise "seeds thickened it"
  end

  it "praises as the quickest what no other comes near" do
    praise = ->(other) do
      columns = [5.0, other].map do |minutes|
        traits = described_class::Traits.allocate
        {minutes: minutes, holds: 0.0, freezes: "weeps", risks: []}.each { |name, value|
  allow(traits).to receive(name).and_return(value)
}
        described_class::Comparison::Column.new(swap: nil, traits: traits, cost: nil, score: minutes, words: "one")
      end
      described_class::Comparison.reasons(columns.first, columns.drop(1)).join
    end
    expect([7.0, 5.5].map { |other| praise[other].include?("quickest") }).to eq [true, false]
  end

  it "puts the roast's fat into the stock that a slurry thickens, where there is any" do
    boiled = ->(text) { texts[self, text, school: "slurry", with: %w[corn_starch]].join(" ") }
    expect([boiled[gravy], boiled["Sauce\n500 ml milk\n30 g cornflour"]].map { |said|
  said.match?(/pan drippings|dripping/)
})
      .to eq [true, false]
  end

  it "says so where it is as thick in the pan as on the plate" do
    words = described_class::StoveWords
    seen = [1.0, 2.0].map do |times|
      ours = Struct.new(:viscosity_plate, :viscosity_pan).new(Restauro::Estimate.new(value: times),
Restauro::Estimate.new(value: 1.0))
      Object.new.extend(words).tap { |one| one.instance_variable_set(:@ours, ours) }.send(:on_plate)
    end
    expect(seen).to eq ["served this hot it stays as it is", "on the plate it will be twice as thick"]
  end

  it "looks thinner at the low end of what it may be than at the high end" do
    prediction = predict(white)
    moment = described_class::LookFors.at(prediction, prediction.boil_seconds + 60)
    value, low, high = %i[value low high].map { |end_of| moment.viscosity.public_send(end_of) }
    expect([low < value, value < high]).to eq [true, true]
  end
end
