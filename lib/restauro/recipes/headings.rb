# frozen_string_literal: true

module Restauro
  module Recipes
    # The headings that name a part: "For the sauce", "Gravy:", "Topping", and those that stand before what they name,
    # "Sauce: 25 g butter, 25 g flour".
    class Headings
      include NamedOnTheLine

      # "For the gravy: 2 onions, 30 g flour" is a list with its name.
      FOR = /\A\W*(?:for|to\ (?:make|finish|serve|coat|fill|top|bind|decorate|assemble)|para|f(?:ü|ue)r|zum|zur|per\ (?:il|lo|la|le|i|gli)|
        pour\ (?:la|les?|l['’]|paner|servir))\b[^.:]*(?::[^.\d½⅓¼⅔¾⅛]*)?\z/ix
      COLON = /\A[^\d:]{2,60}:\s*\z/
      NAMES = /\b(?:masa|teig|impasto|p(?:â|a)te|belag|relleno|f(?:ü|ue?)llung|ripieno|garniture|so(?:ß|ss)e|sugo|
        pastry|shortcrust|rough\ puff|crust|dough|base|shell|case|lid|crumble|cobbler|topping|streusel|sauce|gravy|b(?:é|e)chamel|besciamella|
        velout(?:é|e)|roux|filling|stuffing|meat\s?balls?|coating|coat|batter|breading|
        sheets?|pasta|noodles|ribbons|gnocchi|dumplings?|sp(?:ä|ae?)tzle|custard|glaze|cream|stew|soup|casserole|crumbs?|
        crumb\ top|layers?|fruit|garnish|to\ serve|to\ finish|schnitzels?|pancakes?|cr(?:ê|e)pes?|puddings?|popovers?|muffins?|fritters?|ragout|
        rag(?:ù|u)|meat|vegetables?|meringue|marinade|jus|icing|frosting|salsa|pesto|dip|relish|chutney|slaw|salad|
        mayonnaise|aioli|tartare|raita|tzatziki|mayo|marinara|chimichurri|gremolata|hollandaise|r(?:é|e)moulade|guacamole|
        jelly|compote|mousse|ganache|caramel|curd|(?:dry|wet)\ ingredients|rest|mash|wash|dressing|syrup|pie|
        (?:sage|herb|garlic|brown(?:ed)?|lemon|chive|parsley|spiced?)\ butter)\s*\z/ix
      MADE_OF_FLOUR, DONE_TO_IT, TO_USE, SMALL =
        DataFiles.words("recipes/words.yml").values_at(:made_of_flour, :done_to_it, :to_use, :small_heading)
      # "Chicken broth" is a thing, "Broth" above its list is none.
      ALONE = /\A\W*broth\W*\z/i
      # "## Crème pâtissière".
      MARKED = /\A\s*\#{1,6}\s+\p{L}[^\d:]*\z/
      # "Ingredients for the topping" is "For the topping".
      LIST_OF = DataFiles.words("recipes/words.yml").fetch(:list_of)
      # "~ Pastry ~", "--- Sauce ---", "Gravy -", "Gravy-".
      RULED = /\A\s*[~=_|>•·–—-]+\s+(?=[[:alpha:]][^,.\d]*\s[~=_|<•·–—-]+\s*\z)|(?<=\p{L})\s*[~=_|<•·–—-]+\s*\z/
      # "Dough (makes 12):"; "Pastry (300 g)" is one of the things.
      NOTED = /\s*\((?![^)]*\d\s?(?:k?g|ml|l|oz|lbs?|cups?|tbsp|tsp)\b)[^)]*\)(?=\s*:?\s*\z)/i
      MOST_WORDS = 5
      UNKNOWN_WORDS = 2
      MEATS = %w[fish poultry quick_meat whole_meat ground_meat].freeze

      # @param line_reader [LineReader]
      def initialize(line_reader)
        @line_reader = line_reader
        freeze
      end

      # @param following [String] the next line: what a heading without a colon is above
      def heading?(line, following)
        line = line.sub(NOTED, "")
        return false if @line_reader.amount?(line) || (line.match?(TO_USE) && @line_reader.known_name?(line))

        return false if served(line) || Outline::ABOUT.match?(line)

        line, following = [line, following].map { |text| text.gsub(RULED, "") }
        return true if FOR.match?(line) || COLON.match?(line)
        return true if (line.match?(SMALL) || line.match?(MARKED)) && @line_reader.amount?(following)

        return false unless bare?(line) && @line_reader.amount?(following)
        return true if named?(line) && !bought?(line, following)

        @line_reader.thing?(following) &&
          (dough_named?(line, following) || names_what_follows?(line, following) || unknown?(line) || kin?(line, following))
      end

      # "Pastry", "Cheese sauce".
      def named?(line) = bare?(line = line.sub(NOTED, "").gsub(RULED, "")) && (line.match?(NAMES) || line.match?(ALONE))

      # @return [String] "FOR THE BATTER" is not shouted on
      def name(line)
        name = line.sub(NOTED, "").gsub(RULED, "").strip.sub(/\A[#*\s]+/, "").sub(/[*\s]+\z/, "").delete_suffix(":")
        name = name.sub(LIST_OF) { Regexp.last_match(1).capitalize }
        name.match?(/[[:lower:]]/) ? name : name.capitalize
      end

      private

      # A few words with a capital, no sentence.
      def bare?(line) = line.split.length <= MOST_WORDS && line.match?(/\A[#*\s]*[[:upper:]][^.,;!?\d()]*[*:]*\s*\z/)

      # "Pâte brisée", "Biscuits" above their flour; "Puff pastry" above what goes in it is one of the things.
      def dough_named?(line, following) =
        (@line_reader.pastry?(line) || line.match?(MADE_OF_FLOUR)) && @line_reader.floury?(following)
      def bought?(line, following) = @line_reader.pastry?(line) && @line_reader.filling?(following)

      # No word that is known, above a thing with its amount: "Crespelle".
      def unknown?(line) =
        line.split.length <= UNKNOWN_WORDS && !@line_reader.known_name?(line) && !line.match?(Outline::VERBS)

      # "Fish" above "600 g cod".
      def kin?(line, following)
        kind = @line_reader.kind(line)
        line.split.one? && MEATS.include?(kind) && kind == @line_reader.kind(following)
      end

      # "Leeks" above "600 g leeks, sliced", "Mushy peas" above "500 g peas".
      def names_what_follows?(line, following)
        words = line.downcase.gsub(DONE_TO_IT, "").scan(/[[:alpha:]]{3,}/).map { |word| word.delete_suffix("s") }
        words.any? && words.all? { |word| %w[and the].include?(word) || following.downcase.include?(word) }
      end
    end
  end
end
