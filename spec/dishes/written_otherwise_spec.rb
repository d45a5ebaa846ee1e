# A dish is the same dish however its lines are written: bullets, capitals, units in full, amounts behind. The corpus
# of spec/reference/dishes.yml rewritten and read again: a fifth of it for each way of writing, another for the next, so
# that each dish is tried in five of them.
RSpec.describe "The same dish written otherwise", :long do
  rows = DishAnswers.rows.reject { |_, row| row["refused"] || row["recipe"].match?(/\A\s*[{<]|&\w+;/) }
  kitchen = Class.new { include Reference::Helpers }.new
  # A part's name alone above things with their amounts.
  name = /[Ff]illing|[Ss]auce|[Tt]opping|[Pp]astry|[Bb]atter|[Gg]ravy|[Dd]ough|[Cc]rust|[Bb]ase/
  heading = /(?<=\n)((?:For the \p{L}+|\p{L}* ?(?:#{name}))):?$(?=\n\d)/
  english = ->(text) { !text.match?(/ (?:de|d'|di) /) }

  times_of = ->(recipe) do
    said = Restauro::Dishes::Said.of(recipe)
    timed = [said.simmers, said.fries, said.boils, said.rests]
    [said.bake_minutes, said.simmer_minutes, *timed.map { |all| all.map(&:sides) }]
  end

  # What was understood of a text: its parts and their family, its things and their grams, how many pieces, its times.
  read_of = ->(text, units) do
    dish = Restauro::Dishes::Partition.of(kitchen.read(text, system: units), kitchen.catalogue)
    [
      dish.parts.map { |part| part.family.to_s },
      dish.recipe.ingredients.map { |line| [line.ingredient, line.grams&.value&.to_f&.round(3), line.role, line.kind] },
      [Restauro::Heat::PieceLine.count(dish.recipe), Restauro::Heat::PieceLine.grams(dish.recipe)],
      times_of[dish.recipe]
    ]
  end

  # Umlauts in two letters, all other letters without what is on them.
  in_two = {"ä" => "ae", "ö" => "oe", "ü" => "ue", "ø" => "oe", "å" => "aa", "æ" => "ae", "œ" => "oe", "ß" => "ss",
            "Ä" => "Ae", "Ö" => "Oe", "Ü" => "Ue", "Ø" => "Oe", "Å" => "Aa", "Æ" => "Ae", "Œ" => "Oe"}
  bare = ->(text) do
    text.gsub(/[#{in_two.keys.join}]/, in_two)
        .unicode_normalize(:nfd).gsub(/(?<=[a-z])\p{Mn}/i, "").unicode_normalize(:nfc).tr("łŁ", "lL")
  end

  # Minutes in figures, none of a range.
  minutes = /(?<![-–.\d\/])(?<!\bor |\bto )\b(\d+) min(?:utes?|s)?\b/
  counted = {
    2 => "two", 3 => "three", 4 => "four", 5 => "five", 8 => "eight", 10 => "ten", 12 => "twelve", 15 => "fifteen",
    20 => "twenty", 25 => "twenty-five", 30 => "thirty", 35 => "thirty-five", 40 => "forty", 45 => "forty-five"
  }

  as_it_stands = Hash.new { |known, row| known[row] = read_of[row["recipe"], row.fetch("units", "us")] }

  {
    "with bullets" => ->(text) { text.gsub(/^(?=\d)/, "• ") },
    "with dashes" => ->(text) { text.gsub(/^(?=\d+ (?:g|ml) )/, "- ") },
    "in capitals" => :upcase.to_proc,
    "its title in capitals" => ->(text) { text.sub(/\A.*/, &:upcase) },
    "its units in full" => ->(text) { text.gsub(/(\d) g\b/, '\1 grams').gsub(/(\d) ml\b/, '\1 millilitres') },
    "its units glued on" => ->(text) { text.gsub(/(\d) (g|ml)\b/, '\1\2') },
    "its units with a point" => ->(text) { text.gsub(/(\d) (g|ml) (?=\p{L})/, '\1 \2. ') },
    "with spaces that do not break" => ->(text) { text.gsub(/(\d) (g|ml)\b/, "\\1\u00a0\\2") },
    "with a comma behind each" => ->(text) { text.gsub(/^(\d+ (?:g|ml) .*\p{L})$/, '\1,') },
    "with 'of' before each name" => ->(text) { text.gsub(/^(\d+ (?:g|ml)) (?=\p{L})/, '\1 of ') },
    "its amounts behind the names" => ->(text) { text.gsub(/^(\d+ (?:g|ml)) ([^,(\n]*)$/, '\2 \1') },
    "its amounts behind a comma" => ->(text) { text.gsub(/^(\d+ (?:g|ml)) ([^,(\n]*)$/, '\2, \1') },
    "its amounts in brackets" => ->(text) { text.gsub(/^(\d+ (?:g|ml)) ([^,(\n]*)$/, '\2 (\1)') },
    "its ounces in brackets" => ->(text) do
      text.gsub(/^(\d+) g (?=\p{L})/) { format("%d g (%.1f oz) ", $1, $1.to_i / 28.35) }
    end,
    "its ounces behind a stroke" => ->(text) do
      text.gsub(/^(\d+) g (?=\p{L})/) { format("%dg/%.1foz ", $1, $1.to_i / 28.35) }
    end,
    "with room before each" => ->(text) { text.gsub(/^(?=\d)/, "    ") },
    "with stars" => ->(text) { text.gsub(/^(?=\d)/, "* ") },
    "its headings in square brackets" => ->(text) { text.gsub(heading, '[\1]') },
    "its headings bold" => ->(text) { text.gsub(heading, '**\1**') },
    "its headings of a list's" => ->(text) { text.gsub(heading, '## \1') },
    # A T is a tablespoon, a t none.
    "its things in small letters" => ->(text) do
      next text if text.match?(/\d T\b|\A.*\d/)

      text.lines.map { |line| line.match?(/[.!]\s*\z/) ? line : line.downcase }.join
    end,
    "with who eats it" => ->(text) { text.sub(/\A[^\d:.\n]+$/, '\0 - serves 4') },
    "with its steps under numbers" => ->(text) { text.sub(/(?<=\n)(?=\p{Lu}.*\.\n?\z)/, "Step 1\n") },
    "with notes and a button behind" => ->(text) { "#{text.chomp}\nNotes\nKeeps two days.\nShare this recipe\n" },
    "with its minutes in words" => ->(text) do
      text.gsub(minutes) { |said| counted[$1.to_i] ? "#{counted[$1.to_i]} minutes" : said }
    end,
    "with its minutes glued on" => ->(text) { text.gsub(minutes, '\1min') },
    "with a stroke for its minutes" => ->(text) do
      text.scan(/\bmin/).one? && !text.match?(/hour|\d{3} ?[CF]? \d+ min/) ? text.gsub(minutes, "\\1'") : text
    end,
    "with its minutes or thereabouts" => ->(text) do
      text.gsub(minutes) { |said| $`.match?(/(?:about|hours?|another) \z/) ? said : "around #{said}" }
    end,
    "with what is done with leftovers" => ->(text) do
      "#{text.chomp}\nLeftovers keep in the fridge for 3 days; reheat at 180C for 15 minutes.\n"
    end,
    "with how it is frozen" => ->(text) do
      "#{text.chomp}\nTo freeze: cool and wrap well. Bake from frozen at 200C for 40 minutes.\n"
    end,
    "with what is kept warm" => ->(text) { "#{text.chomp}\nKeep warm in a 100C oven until all is done.\n" },
    "with another appliance" => ->(text) do
      "#{text.chomp}\nAlternatively, cook it in an air fryer at 190C for 14 minutes.\n"
    end,
    "with its storage under a heading" => ->(text) do
      "#{text.chomp}\nStorage\nCover and chill. Warm through in a 170C oven for 15 minutes.\n"
    end,
    "with its variations" => ->(text) { "#{text.chomp}\nVariation: stir in 100 g grated cheese and 2 tbsp chives.\n" },
    "with its tools" => ->(text) { "#{text.chomp}\nEquipment: a whisk, a sieve, a large bowl.\n" },
    "with empty lines" => ->(text) { text.lines.join("\n") },
    "with other ends of lines" => ->(text) { text.gsub("\n", "\r\n") }
  }.each_with_index do |(how, change), turn|
    it("is read as before #{how}") do
      fifth = rows.select.with_index { |_, at| at % 5 == turn % 5 }
      changed = fifth.select { |_, row| english[row["recipe"]] && change[row["recipe"]] != row["recipe"] }
      expect(changed.length).to be > 15
      expect(
        changed
          .reject { |_, row| read_of[change[row["recipe"]], row.fetch("units", "us")] == as_it_stands[row] }
          .map(&:first)
      ).to eq []
    end
  end

  it("is read as before without its accents") do
    accented = rows.select { |_, row| row["recipe"].scan(/[\p{L}&&[^a-zA-Z]]/).length > 2 }
    expect(
      accented
        .reject { |_, row| read_of[bare[row["recipe"]], row.fetch("units", "us")] == as_it_stands[row] }
        .map(&:first)
    ).to eq []
  end
end
