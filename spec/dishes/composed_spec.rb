# What is made is the same whatever goes with it: no thing of a sauce or a salad gets into it, and it loses none of its
# own, nor its minutes.
RSpec.describe "A dish with something beside it", :long do
  kinds = File.read("#{__dir__}/../reference/composed.txt").split(/^(?=[@>] )/).drop(1).group_by { |text| text[0] }
  dishes, sides = kinds.values_at("@", ">").map do |texts|
    texts.to_h do |text|
      name, *list = text.lines(chomp: true).reject(&:empty?)
      [name[2..], {list: list[0...-1].join("\n"), method: list.last[2..]}]
    end
  end
  kitchen = Class.new { extend Reference::Helpers }
  made = ->(text) { kitchen.answer(text, system: "metric") }
  named = ->(line) { line.ingredient || line.name_text || line.text }
  grams = ->(lines) { lines.reject(&:words?).map { |line| [named[line], line.grams&.value&.round] } }
  things = ->(answer) { answer.parts.flat_map { |part| grams[part.lines] } }
  at_work = ->(answer) { answer.steps.reject { |step| %w[set_out store].include?(step.kind) } }
  minutes = ->(answer) { at_work[answer].select(&:minutes).map { |step| [step.kind, step.minutes.round(1)] }.tally }
  families = ->(answer) { answer.parts.filter_map { |part| part.family&.key }.sort }
  alone = Hash.new { |known, (name, dish)| known[[name, dish]] = made["#{name}\n#{dish[:list]}\n#{dish[:method]}"] }
  # A tart of nothing but a salad is no dish: only what is made of flour or starch is reckoned alone.
  reckoned = ->(side) { side[:list].match?(/flour|cornflour|breadcrumbs/) }

  dishes.each do |name, dish|
    it("keeps #{name} as it is, whatever goes with it") do
      own = alone[[name, dish]]
      changed = sides.reject do |beside, side|
        both = made["#{name} with #{beside.downcase}\n#{dish[:list]}\n#{beside}:\n#{side[:list]}\n" \
                    "#{dish[:method]} #{side[:method]}"]
        sauce = reckoned[side] ? alone[[beside, side]] : nil
        lost = [*things[own], *(sauce ? things[sauce] : [])] - things[both]
        shorter = minutes[own].any? { |step, count| minutes[both][step].to_i < count }
        lost.empty? && !shorter && families[both] == [*families[own], *(sauce ? families[sauce] : [])].sort
      end
      expect(changed.keys).to eq []
    end
  end
end
