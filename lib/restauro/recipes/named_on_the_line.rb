# frozen_string_literal: true

module Restauro
  module Recipes
    # A part that is named on the line of its things: "Sauce: 25 g butter, 25 g flour".
    #   Needs @line_reader and names_what_follows?.
    module NamedOnTheLine
      # How much of it there is may stand behind it: "Sauce (makes 2 cups): 50 g butter, 50 g flour".
      ON_THE_LINE = /\A\W*([[:alpha:]][^:\d]{1,40}?(?:\s(?:for|serves)\s\d{1,2})?)(?:\s*\([^()]*\d[^()]*\))?
        (?:\s*:|\s(?:[-–—=]|->|→))\s+(.*[\d½⅓¼⅔¾⅛].*)\z/x
      MADE_FOR = /\A(?:for|to (?:make|finish|serve))\b/i
      # "Pour 8 crêpes : 250 g de farine, ...", "Für 500 ml Soße: ...": named for what so much is made of.
      SO_MUCH = /\A\W*(?:for|to\ make|makes|pour|f(?:ü|ue)r|per|para|voor)\s+(?:about\s|ca\.?\s|environ\s)?\d+\s*
        (?:(?:ml|cl|dl|l|g|kg)\s)?(?:de\s|di\s)?(?!person|people|pers\b|portion|serv|gäste|convives)
        (\p{L}[^:\d]{1,30}?)\s*:\s+(.*[\d½⅓¼⅔¾⅛].*)\z/ix
      # "For the sauce take 50 g butter and 50 g flour", "Per la besciamella servono ...", "Sauce (50 g butter, 50 g
      # flour)".
      TAKES, IN_BRACKETS = DataFiles.words("recipes/words.yml").values_at(:takes_for_it, :named_in_brackets)
      # "Serve with 300 g rice" is such a line, with no colon; with a full stop it is a sentence.
      SERVE = /\A\W*((?:to )?serve(?:d)?(?: with)?)\s+((?:about )?[\d½⅓¼⅔¾⅛](?:.*[^.!])?)\z/i
      # "Filling 250 g ricotta 100 g spinach".
      UNMARKED = /\A\W*((?:for\ (?:the\ )?)?(?:filling|stuffing|sauce|gravy|topping|batter|coating|dough|pastry|crust|
        marinade|f(?:ü|ue?)llung|teig|so(?:ß|ss)e|ripieno|impasto|relleno|masa|farce|garniture|p(?:â|a)te))
        \s+([\d½⅓¼⅔¾⅛].*)\z/ix
      # "1 cup white sauce (3 tbsp butter, 3 tbsp flour, 1 cup milk)": what it is made of.
      BRACKETED = /\A\W*(?:[\d½¼¾⅓⅔\s\/]+(?:cups?|ml|g|recipe|batch|quantity)?\s*(?:of\s+)?)?(?:\p{L}+\s){0,2}
        (?:sauce|roux|b(?:é|e)chamel|gravy|batter|dough|pastry|filling|marinade|topping)
        \s*\(\s*(\d[^()]*,[^()]*)\)\s*\z/ix
      # "To serve: lemon wedges, mayonnaise" is a list without amounts, "To serve: spoon it over" a step.
      SERVED = /\A\W*((?:to|for)\ (?:serv(?:e|ing)|garnish|finish|decorate)|zum\ (?:servieren|garnieren)|
        (?:pour|para)\ servir|per\ servire|om\ te\ serveren)\s*:\s+([^\d.!]+)\z/ix
      # A list may end as a sentence does.
      LAST_STOP = /(?<=\p{L}{3})\.\s*\z/
      SAYS_WHERE = /\b(?:the|over|on top|through|it|them)\b/i

      # A part named on the line of its things.   @param several [Several]
      # @return [Array(String, String), nil] the name and the things
      def on_the_line(line, several)
        patterns = [ON_THE_LINE, SO_MUCH, SERVE, UNMARKED]
        match = patterns.lazy.filter_map { |pattern| pattern.match(line) }.first or return taken(line, several)
        name, list = match[1], match[2].sub(LAST_STOP, "")
        many = several.split(list).length > 1
        return unless @line_reader.amount?(list) || many
        return [name, list] if many || name.match?(MADE_FOR)
        return if @line_reader.known_name?(name) && !name.match?(Headings::NAMES) && !names_what_follows?(name, list)

        [name, list] if @line_reader.thing?(list)
      end

      # Where each of them is a thing: else it is a sentence.   @return [Array(String, String), nil]
      def taken(line, several)
        name, list = (TAKES.match(line) || IN_BRACKETS.match(line))&.captures
        things = list ? several.split(list.sub(/\.\s*\z/, "")) : []
        return if things.length < 2

        [name, list] if things.all? { |one| @line_reader.thing?(one) || @line_reader.seasoning?(one) }
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
    end
  end
end
