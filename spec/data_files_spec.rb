# The facts as they are read: what stands parsed is never taken for what a file no longer says.
RSpec.describe Restauro::DataFiles do
  text = ->(path) { File.read(File.join(described_class::DIRECTORY, path), encoding: Encoding::UTF_8) }

  it "says the same once it is written as JSON and read back: no key but text" do
    held = described_class.paths.to_h { |path| [path, described_class.parse(path, text[path])] }
    expect(held.reject { |_, data| JSON.parse(JSON.generate(data)) == data }.keys).to eq []
  end
  it("reads of each file what stands in it") do
    expect(described_class.paths).to all(satisfy { |path|
      described_class.read(path) == described_class.parse(path, text[path])
    })
  end
  it("of a text that was changed it knows nothing") do
    expect(described_class.parsed.key?(described_class.key("acids.csv", "#{text["acids.csv"]}\n"))).to be false
  end
  it("is frozen all through") do
    expect(
      [
        described_class.yaml("units/tools.yml"),
        described_class.csv("acids.csv").first,
        described_class.csv("acids.csv").first.values.first
      ]
    ).to all(be_frozen)
  end
  # Ruby 3.1: of letters set in brackets an accented one beside a plain one is not found as a capital, /i or not.
  it("writes no accented letter beside a plain one in brackets: SPÄTZLE and BLÉ must be found") do
    files = Dir[File.join(Restauro::ROOT, "lib", "**", "*.rb")] + described_class.paths.grep_v(/names|labels/).map { |path| File.join(described_class::DIRECTORY, path) }
    mixed = /(?<=[\p{L}:|])\[(?=[^\]\s,]{0,4}[a-z])(?=[^\]\s,]{0,4}[\p{L}&&[^\x00-\x7F]])\p{L}{2,5}\]/
    expect(files.select { |file| File.read(file, encoding: "UTF-8").match?(mixed) }).to eq []
  end
  it("names a file that is missing") do
    expect { described_class.yaml("nothing.yml") }.to raise_error(Restauro::DataError, %r{data/nothing.yml is missing})
  end
end
