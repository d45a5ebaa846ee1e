# frozen_string_literal: true

module Restauro
  module Recipes
    # What is typed short, or only marks how a line looks: written in full, or left out.
    module ShortHand
      SALT_AND_PEPPER = /\bs\s?[&+]\s?p\b/i
      WITH = /(?<=\s)(?:w(?:[\/.]\s?|\s)(?=\p{Ll})|W\/\s?(?=\p{L}))/
      COMMA_SHORT = DataFiles.words("recipes/words.yml").fetch(:comma_short)
      # "Steak & ale pie"
      AMPERSAND = /(?<=[\p{L}\d)])\s+(?:&|＆)\s+(?=[\p{L}\d])/
      # "Stock ~ 2 cups" is as much as is said.
      ABOUT_SO_MUCH = /[~≈]\s?(?=[\d½⅓¼⅔¾⅛])/
      # A box to tick, which is never a word.
      BOX = /\A\s*[▢☐□■◻◽▪▫☑✓✔]\s*/
      # By the spoon, and never poured.
      SPOON_OF_SODA = /\b((?:tsp|teaspoon|t|tbsp|tablespoon)s?\.?)\s+soda\b(?!\s+water)/i
      # "**Sauce:** 50 g butter", and a whole line between single marks.
      EMPHASIS = /(\*\*|__)(?=\S)(.+?)(?<=\S)\1|\A\s*([*_])(?=[^\s*_])([^*_]+)(?<=\S)\3\s*\z/
      # "[Filling]", alone on its line.
      IN_BRACKETS = /\A\s*\[\s*(\p{L}[^\[\]]*?)\s*\](:?)\s*\z/
      MILLILITRES = /(?<=\d)\s?(?:mls|millilitres?|milliliters?|cc)\b\.?/i

      # "Ricetta: Cotolette alla milanese".
      CALLED = DataFiles.words("recipes/words.yml").fetch(:called)
      # In this order.
      IN_FULL = {BOX => "", CALLED => "", EMPHASIS => '\\2\\4', IN_BRACKETS => '\\1\\2', MILLILITRES => " ml",
                 WITH => "with ", SALT_AND_PEPPER => "salt and pepper", AMPERSAND => " and ", ABOUT_SO_MUCH => "",
                 COMMA_SHORT => ", ", SPOON_OF_SODA => '\\1 baking soda'}.freeze

      module_function

      # "Top w breadcrumbs", "serve w/ peas", "w. gravy", "s+p".   @param line [String]   @return [String]
      def in_full(line) = IN_FULL.reduce(line) { |text, (short, full)| text.gsub(short, full) }
    end
  end
end
