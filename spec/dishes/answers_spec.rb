require "fileutils"

# Every dish of the corpus is answered as it was before: spec/reference/answers. So a change that nobody meant is seen;
# what is right is held by the other specs. Rows that say `kept: false` are only held to what they claim.
# After a change that is meant, write them anew and read what changed:
#   ANSWERS=write bin/test spec/dishes/answers_spec.rb
RSpec.describe "The answers", :long do
  rows = DishAnswers.rows.reject { |_, row| row["refused"] || row["kept"] == false }

  if ENV["ANSWERS"] == "write"
    # All of them before one is written: a fault leaves what was kept.
    texts = rows.to_h { |name, row| [DishAnswers.file(name), DishAnswers.text(row)] }
    FileUtils.rm_rf(DishAnswers::DIRECTORY)
    FileUtils.mkdir_p(DishAnswers::DIRECTORY)
    texts.each { |file, text| File.write(file, text) }
  end

  rows.each do |name, row|
    it "is what it was: #{name}" do
      expect(DishAnswers.text(row)).to eq File.read(DishAnswers.file(name), encoding: Encoding::UTF_8)
    end
  end

  it "keeps no answer of a dish that is not there" do
    expect(Dir["#{DishAnswers::DIRECTORY}/*"]).to eq(rows.keys.map { |name| DishAnswers.file(name) }.sort)
  end
end
