# The same thing by its name in other tongues, as it is written there and as it is typed without accents.
RSpec.describe Restauro::Names do
  names = described_class.new(Reference::Helpers::CATALOGUE, region: "metric")
  meaning = ->(words) { names.match(words)&.then { |match| match.key || match.bystander } }
  # Too short to tell without its accents, or another thing's name then.
  short = ->(bare) { bare.split.map(&:length).min < 4 }
  another = Restauro::DataFiles.yaml("other_words_bare.yml")

  File.readlines("#{__dir__}/../reference/pantry_tongues.txt", chomp: true).grep_v(/\A#/).each do |row|
    english, *tongues = row.split(" | ")
    words = tongues.flat_map { |tongue| tongue.split(": ", 2).last.split(", ") }
    bare = words.reject(&:ascii_only?).flat_map { |word| Restauro::BareLetters.spellings(word.downcase).last(1) }

    it("knows #{english} by its other names") do
      expect(words.reject { |word| meaning[word] == meaning[english] }).to eq []
    end

    it("knows #{english} by its other names without accents") do
      typed = bare.reject { |word| short[word] || another.include?(word) }
      expect(typed.reject { |word| meaning[word] == meaning[english] }).to eq []
    end
  end
end
