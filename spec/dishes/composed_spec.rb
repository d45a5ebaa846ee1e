# What is made is the same whatever goes with it, and however both are written down: no thing of a sauce or a salad gets
# into it, and it loses none of its own, nor its minutes.
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
  # A salad is no dish by itself: only what is made of flour or starch is reckoned alone.
  reckoned = ->(side) { side[:list].match?(/flour|breadcrumbs/) }

  # @return [Boolean] whether both come out of it as they are alone
  whole = ->(own, sauce, both) do
    lost = [*things[own], *(sauce ? things[sauce] : [])] - things[both]
    shorter = minutes[own].any? { |step, count| minutes[both][step].to_i < count }
    lost.empty? && !shorter && families[both] == [*families[own], *(sauce ? families[sauce] : [])].sort
  end

  # One list holds two formulas where the second has a flour and a pot of its own.
  second = ->(side) { side[:list].include?("plain flour") }
  filled = ->(dish) { dish[:list].match?(/^(?:Filling|Pastry)/) }
  always = ->(_, _) { true }
  flours = ->(dish, side) { second[side] && !filled[dish] }
  one_list = ->(dish, side) { flours[dish, side] && !side[:list].include?("wine") }
  writings = {
    "under its heading" => [always, <<~TEXT],
      %<name>s with %<beside>s
      %<list>s
      %<heading>s:
      %<other>s
      %<method>s %<after>s
    TEXT
    "made first, both under headings" => [flours, <<~TEXT],
      %<name>s with %<beside>s
      For the %<beside>s
      %<other>s
      For the %<small>s
      %<list>s
      %<after>s %<method>s
    TEXT
    "in one list with it" => [one_list, <<~TEXT]
      %<name>s with %<beside>s
      %<list>s
      %<other>s
      %<method>s %<after>s
    TEXT
  }

  writings.each do |how, (fits, text)|
    dishes.each do |name, dish|
      beside_it = sides.select { |_, side| fits[dish, side] }
      next if beside_it.empty?

      it("keeps #{name} as it is, whatever is #{how}") do
        changed = beside_it.reject do |heading, side|
          both = format(text, name: name, small: name.downcase, **dish, heading: heading,
                              beside: heading.downcase, other: side[:list], after: side[:method])
          whole[alone[[name, dish]], (alone[[heading, side]] if reckoned[side]), made[both]]
        end
        expect(changed.keys).to eq []
      end
    end
  end
end
