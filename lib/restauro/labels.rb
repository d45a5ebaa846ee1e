module Restauro
  # What the words on a pack mean for somebody who must avoid gluten. It never calls a pack free of it.
  module Labels
    autoload :Mark, "restauro/labels/mark"
    autoload :Misspellings, "restauro/labels/misspellings"
    autoload :Phrases, "restauro/labels/phrases"
    autoload :Reader, "restauro/labels/reader"
    autoload :Verdict, "restauro/labels/verdict"
    autoload :Words, "restauro/labels/words"

    # Where a pack was sold decides what its label had to name.
    SOLD_IN = %w[us ca eu uk other].freeze
    FINDINGS = %w[contains may_contain none_found].freeze
  end
end
