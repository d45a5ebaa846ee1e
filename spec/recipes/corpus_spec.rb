# How many lines of the corpora the reader has wholly right. docs/recipe-lines.md reports it.
RSpec.describe Restauro::Recipes::LineReader, :long do
  report = File.read(File.join(Restauro::ROOT, "docs", "recipe-lines.md"))

  {"recipe_lines" => 0.97, "recipe_lines_held_out" => 0.94, "recipe_lines_pasted" => 0.97,
   "recipe_lines_tongues" => 1.0}.each do |name, least|
    describe name do
      score = Corpus.score(name, Reference::Helpers::READERS)

      it("is at least #{(least * 100).round} % wholly right") do
        expect(score.right.fdiv(score.total)).to be >= least, score.misses.join("\n")
      end
      it("is as the page in docs reports") { expect(report).to include("#{score.right} of #{score.total}") }
    end
  end

  # Properties, over lines made by cutting the corpus up and mixing it; the seed is fixed.
  describe "whatever is typed" do
    random = Random.new(20_261_125)
    pieces = Corpus.rows("recipe_lines").map { |row| row[1] }.flat_map { |text| text.split(/(?<= )/) }
    lines =
      Array.new(600) do
        Array.new(random.rand(1..9)) { pieces.sample(random: random) }.join +
          ["", "\u0000", " ½", "((", "-", "\u202e"].sample(random: random)
      end

    it "never raises but for an impossible amount, and says of what it cannot read that it cannot" do
      lines.each do |text|
        read = read("1 cup water\n#{text}").lines
        expect(read.map(&:source).last).to eq text
        read.each { |line| expect(line.grams).to be_nil unless line.understood }
      rescue Restauro::InvalidInput => e
        expect(e.message).to match(/below zero|divides by zero|more than a kitchen/), text
      end
    end

    it "invents no grams: a line without a number, a word for one or a pinch holds none" do
      without =
        lines.grep_v(
          /[\d½⅓¼⅔¾⅛]|\b(a|an|one|two|three|half|quarter|pinch|splash|knob|pincée|Prise|nut|dash|heap|scant|rounded)/i
        )
      expect(without.length).to be > 60
      without.each { |text| expect(line(text).grams).to be_nil, text }
    end

    it "reads its own printed lines back to the same grams" do
      Corpus
        .rows("recipe_lines")
        .each do |system, text, *|
          found = read("1 cup water\n#{text}", system: system).lines.last
          next unless found.counted? && found.grams.value >= 1

          again =
            read(
              "1 cup water\n#{format("%.1f", found.grams.value)} g #{catalogue.fetch(found.ingredient).say}",
              system: system
            ).lines.last
          expect([again.ingredient, again.grams.value]).to match(
            [found.ingredient, be_within(0.06).of(found.grams.value)]
          ),
          text
        end
    end
  end
end
