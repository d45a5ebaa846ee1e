# frozen_string_literal: true

module Restauro
  module Recipes
    # A dish's name and its things on one line without a colon: "Cheese sauce. 1 oz butter, 1 oz flour", "thick white
    # sauce 2T butter 3T flour 1 c milk".
    module NameAndList
      LINE = /\A\W*((?:[[:alpha:]][[:alpha:]'’-]*\s+){1,6}?[[:alpha:]][[:alpha:]'’-]*)(?:\.\s+|\s+)
        (?=[\d½⅓¼⅔¾⅛])(.*)\z/x
      BY_NAME, UNFINISHED = DataFiles.words("recipes/words.yml").values_at(:dish_by_name, :unfinished_name)
      FOR_WHAT = /\s+for\s.*\z/i
      private_constant :LINE, :BY_NAME, :FOR_WHAT, :UNFINISHED

      module_function

      # @param line [String] the first of a text   @param line_reader [LineReader]
      # @return [String] with a colon behind the name; else the line as it is
      def of(line, line_reader)
        found = LINE.match(line)
        return line unless found && dish?(found[1], line_reader) && Several.new(line_reader).split(found[2]).length > 1

        "#{found[1]}: #{found[2]}"
      end

      def dish?(name, line_reader)
        return false if name.match?(UNFINISHED) || line_reader.thing?(name) || name.match?(Tidy::SENTENCE)
        return true if name.sub(FOR_WHAT, "").match?(BY_NAME)

        !line_reader.known_name?(name) && Families::Detection::WORDS.each_value.any? { |words| name.match?(words) }
      end
    end
  end
end
