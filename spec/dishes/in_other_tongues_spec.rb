# A dish is the same dish in whatever tongue it is told: its parts, its steps and their minutes.
RSpec.describe "The same dish in another tongue", :long do
  groups = File.read("#{__dir__}/../reference/dishes_tongues.txt").split(/^@ /).drop(1).to_h do |group|
    name, *rows = group.lines(chomp: true).reject { |row| row.strip.empty? }
    [name, rows.to_h { |row| row.split(": ", 2) }]
  end
  kitchen = Class.new { extend Reference::Helpers }

  made = Hash.new do |known, row|
    answer = kitchen.answer(row.tr("|", "\n"), system: "metric")
    report = Restauro::Dishes::Report.new(Reference::Helpers::CATALOGUE).swap(answer)
    known[row] = {
      families: report[:parts].map { |part| part[:family].to_s },
      steps: report[:method].map { |step| [step[:kind], step[:minutes]] },
      unread: answer.dish.recipe.lines.reject(&:understood).map(&:text)
    }
  end

  groups.each do |name, rows|
    rows.except("en").each do |tongue, row|
      it("makes #{name} of its words in #{tongue}") { expect(made[row]).to eq made[rows["en"]] }
    end
  end
end
