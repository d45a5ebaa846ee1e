# The corpus of spec/reference/recipe_lines.txt: how many lines the reader has wholly right. docs/recipe-lines.md reports it.
RSpec.describe Restauro::Recipes::LineReader do
  score = Corpus.score(Reference::Helpers::READERS)

  it "has at least 97 % of the corpus wholly right" do
    expect(score.right.fdiv(score.total)).to be >= 0.97, score.misses.join("\n")
  end

  it("is as docs/recipe-lines.md reports") { expect(File.read(File.join(Restauro::ROOT, "docs", "recipe-lines.md"))).to include("#{score.right} of #{score.total}") }
end
