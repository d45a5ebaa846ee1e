# frozen_string_literal: true

module Restauro
  module Recipes
    # The headings that name a part: "For the sauce", "Gravy:", "Topping", and those that stand before what they name,
    # "Sauce: 25 g butter, 25 g flour".
    class Headings
      # "For the gravy: 2 onions, 30 g flour" is a list with its name.
      FOR = /\A\W*(?:for|to\ (?:make|finish|serve|coat|fill|top|bind|decorate|assemble)|para|für|zum|zur|per\ (?:il|lo|la|le|i|gli)|
        pour\ (?:la|les?|l['’]|paner|servir))\b[^.:]*(?::[^.\d½⅓¼⅔¾⅛]*)?\z/ix
      MADE_FOR = /\A(?:for|to (?:make|finish|serve))\b/i
      COLON = /\A[^\d:]{2,60}:\s*\z/
      NAMES = /\b(?:masa|teig|impasto|p(?:â|a)te|belag|relleno|f(?:ü|u)llung|ripieno|garniture|so(?:ß|ss)e|sugo|
        pastry|shortcrust|rough\ puff|crust|dough|base|shell|case|lid|crumble|cobbler|topping|streusel|sauce|gravy|b(?:é|e)chamel|besciamella|
        velout(?:é|e)|roux|filling|stuffing|meat\s?balls?|coating|coat|batter|breading|
        sheets?|pasta|noodles|ribbons|gnocchi|dumplings?|sp(?:ä|a)tzle|custard|glaze|cream|stew|soup|casserole|crumbs?|
        crumb\ top|layers?|fruit|garnish|to\ serve|to\ finish|schnitzels?|pancakes?|cr(?:ê|e)pes?|puddings?|popovers?|muffins?|fritters?|ragout|
        rag(?:ù|u)|meat|vegetables?|meringue|marinade|jus|icing|frosting|salsa|pesto|dip|relish|chutney|slaw|salad|
        mayonnaise|aioli|tartare|raita|tzatziki|mayo|marinara|chimichurri|gremolata|hollandaise|r(?:é|e)moulade|guacamole|
        jelly|compote|mousse|ganache|caramel|curd|(?:dry|wet)\ ingredients|rest|mash|wash|dressing|syrup|pie|
        (?:sage|herb|garlic|brown(?:ed)?|lemon|chive|parsley|spiced?)\ butter)\s*\z/ix
      MADE_OF_FLOUR, DONE_TO_IT, TO_USE, SMALL =
        DataFiles.words("recipes/words.yml").values_at(:made_of_flour, :done_to_it, :to_use, :small_heading)
      # "Chicken broth" is a thing, "Broth" above its list is none.
      ALONE = /\A\W*broth\W*\z/i
      # How much of it there is may stand behind it: "Sauce (makes 2 cups): 50 g butter, 50 g flour".
      ON_THE_LINE = /\A\W*([[:alpha:]][^:\d]{1,40}?(?:\s(?:for|serves)\s\d{1,2})?)(?:\s*\([^()]*\d[^()]*\))?
        (?:\s*:|\s(?:[-–—=]|->|→))\s+(.*[\d½⅓¼⅔¾⅛].*)\z/x
      # "For the sauce take 50 g butter and 50 g flour", "Per la besciamella servono ...", "Sauce (50 g butter, 50 g flour)".
      TAKES, IN_BRACKETS = DataFiles.words("recipes/words.yml").values_at(:takes_for_it, :named_in_brackets)
      # "Serve with 300 g rice" is such a line, with no colon; with a full stop it is a sentence.
      SERVE = /\A\W*((?:to )?serve(?:d)?(?: with)?)\s+((?:about )?[\d½⅓¼⅔¾⅛](?:.*[^.!])?)\z/i
      # "Filling 250 g ricotta 100 g spinach".
      UNMARKED = /\A\W*((?:for\ (?:the\ )?)?(?:filling|stuffing|sauce|gravy|topping|batter|coating|dough|pastry|crust|marinade|
        f(?:ü|u)llung|teig|so(?:ß|ss)e|ripieno|impasto|relleno|masa|farce|garniture|p(?:â|a)te))\s+([\d½⅓¼⅔¾⅛].*)\z/ix
      # "1 cup white sauce (3 tbsp butter, 3 tbsp flour, 1 cup milk)": what it is made of.
      BRACKETED = /\A\W*(?:[\d½¼¾⅓⅔\s\/]+(?:cups?|ml|g|recipe|batch|quantity)?\s*(?:of\s+)?)?(?:\p{L}+\s){0,2}(?:sauce|roux|
        b(?:é|e)chamel|gravy|batter|dough|pastry|filling|marinade|topping)\s*\(\s*(\d[^()]*,[^()]*)\)\s*\z/ix
      # "To serve: lemon wedges, mayonnaise" is a list without amounts, "To serve: spoon it over" a step.
      SERVED = /\A\W*((?:to|for)\ (?:serv(?:e|ing)|garnish|finish|decorate)|zum\ (?:servieren|garnieren)|
        (?:pour|para)\ servir|per\ servire|om\ te\ serveren)\s*:\s+([^\d.!]+)\z/ix
      SAYS_WHERE = /\b(?:the|over|on top|through|it|them)\b/i
      # "~ Pastry ~", "--- Sauce ---", "Gravy -", "Gravy-".
      RULED = /\A\s*[~=_|>•·–—-]+\s+(?=[[:alpha:]][^,.\d]*\s[~=_|<•·–—-]+\s*\z)|(?<=\p{L})\s*[~=_|<•·–—-]+\s*\z/
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
        return false if @line_reader.amount?(line) || (line.match?(TO_USE) && @line_reader.known_name?(line))

        return false if served(line)

        line, following = [line, following].map { |text| text.gsub(RULED, "") }
        return true if FOR.match?(line) || COLON.match?(line)
        return true if line.match?(SMALL) && @line_reader.amount?(following)

        return false unless bare?(line) && @line_reader.amount?(following)
        return true if named?(line) && !bought?(line, following)

        @line_reader.thing?(following) &&
          (dough_named?(line, following) || names_what_follows?(line, following) || unknown?(line) || kin?(line, following))
      end

      # "Pastry", "Cheese sauce".
      def named?(line) = bare?(line = line.gsub(RULED, "")) && (line.match?(NAMES) || line.match?(ALONE))

      # @return [String] "FOR THE BATTER" is not shouted on
      def name(line)
        name = line.gsub(RULED, "").strip.sub(/\A[#*\s]+/, "").sub(/[*\s]+\z/, "").delete_suffix(":")
        name.match?(/[[:lower:]]/) ? name : name.capitalize
      end

      # A part named on the line of its things.   @param several [Several]
      # @return [Array(String, String), nil] the name and the things
      def on_the_line(line, several)
        match = ON_THE_LINE.match(line) || SERVE.match(line) || UNMARKED.match(line) or return taken(line, several)
        return unless @line_reader.amount?(match[2]) || several.split(match[2]).length > 1
        return [match[1], match[2]] if several.split(match[2]).length > 1 || match[1].match?(MADE_FOR)
        return if @line_reader.known_name?(match[1]) && !match[1].match?(NAMES) && !names_what_follows?(match[1], match[2])

        [match[1], match[2]] if @line_reader.thing?(match[2])
      end

      # Where each of them is a thing: else it is a sentence.   @return [Array(String, String), nil]
      def taken(line, several)
        name, list = (TAKES.match(line) || IN_BRACKETS.match(line))&.captures
        things = list ? several.split(list.sub(/\.\s*\z/, "")) : []
        [name, list] if things.length > 1 && things.all? { |one| @line_reader.thing?(one) || @line_reader.seasoning?(one) }
      end

      # @return [Array(String, Array<String>), nil] the name and the things
      def served(line)
        match = SERVED.match(line) or return
        things = match[2].split(/\s*,\s*(?:and\s+)?/).flat_map { |thing| both(thing) }
        [match[1], things] if things.none? { |thing| told?(thing) }
      end

      private

      # "Naan and soy sauce" is two things, "salt and pepper" one.   @return [Array<String>]
      def both(thing)
        two = thing.split(/\s+and\s+/)
        two.all? { |name| @line_reader.known_name?(name) } && !@line_reader.seasoning?(thing) ? two : [thing]
      end

      def told?(thing) =
        thing.match?(SAYS_WHERE) || (Outline::VERBS.match?(thing) && !@line_reader.known_name?(thing))

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
