# Whatever a cook asks for beside the recipe: an answer, or a sentence that says what to type; never a fault. Each dish
# of the corpus with one of the options, in turn.
RSpec.describe "Any option with any dish", :long do
  options = [
    %w[--without egg,dairy,soya,tree_nut], %w[--without maize], %w[--amount x3], ["--two-pots", "1 of 4"],
    %w[--with sorghum_flour], %w[--oil 180C], %w[--oven 200C], %w[--format text], %w[--format md]
  ]

  DishAnswers.rows.each_with_index do |(name, row), index|
    next unless index.even?

    asked = options[index / 2 % options.length]
    it "answers #{name}, #{asked.join(" ")}" do
      out, err = StringIO.new, StringIO.new
      words = ["swap", "-", *asked, "--units", row.fetch("units", "us")]
      code = Restauro::CommandLine.new(out: out, err: err, stdin: StringIO.new(row["recipe"])).run(words)
      expect([code, code.zero? ? out : err].then { |left, said| [left, said.string.lines.length] })
        .to match([0, be > 3]).or match([be_between(1, 2), 1])
    end
  end
end
