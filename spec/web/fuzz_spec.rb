require_relative "../support/web"
require_relative "../../bench/fuzzing"

# A short run of what bench/run fuzz does at length.
RSpec.describe Restauro::Fuzzing, :web do
  # How long each takes is for the bench to say, on a machine that does nothing else.
  it "no route answers what no page sends with a fault of its own" do
    fuzzing = described_class.new(WebHelpers::APP, seed: RSpec.configuration.seed)
    expect(fuzzing.run(400).select { |fault| fault.status >= 500 }.map(&:to_h)).to eq []
  end

  it("finds a route that fails") do
    expect(described_class.new(->(_env) { [500, {}, []] }, seed: 1).run(3).length).to eq 3
  end
end
