module Restauro
  # What the words on a pack mean for somebody who must avoid gluten. It never calls a pack free of it.
  module Labels
    autoload :Languages, "restauro/labels/languages"
    autoload :Mark, "restauro/labels/mark"
    autoload :Misspellings, "restauro/labels/misspellings"
    autoload :Phrases, "restauro/labels/phrases"
    autoload :Plain, "restauro/labels/plain"
    autoload :Reader, "restauro/labels/reader"
    autoload :Verdict, "restauro/labels/verdict"
    autoload :Words, "restauro/labels/words"

    # Where a pack was sold decides what its label had to name.
    SOLD_IN = %w[us ca eu uk au other].freeze
    FINDINGS = %w[contains may_contain cannot_tell none_found].freeze

    # What a line must carry for the ingredient that it holds: gluten, or a label to read.   @return [Array<Warning>]
    def self.marks(ingredient, line)
      if ingredient.contains_gluten?
        return [Warning.new(code: :gluten_in_line, line: line, text: "#{ingredient.say}: holds gluten")]
      end
      return [] if ingredient.gluten == "free"

      note = ingredient.note.to_s.empty? ? "only one labelled gluten free" : ingredient.note
      [
        Warning.new(
          code: :check_label,
          line: line,
          text: "#{ingredient.say}: #{note.include?("label") ? note : "#{note}; labelled gluten free"}"
        )
      ]
    end
  end
end
