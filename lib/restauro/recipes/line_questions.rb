# frozen_string_literal: true

module Restauro
  module Recipes
    # What headings and lists ask of a piece of text before it is read as a line.   Needs @names, @catalogue, read and
    # amount_in.
    module LineQuestions
      # Whether a line holds an amount: used to tell ingredients from prose. An impossible one is an amount too: its
      # line says so when it is read.
      def amount?(text, bulleted: false)
        !amount_in(text, bulleted: bulleted).nil?
      rescue InvalidInput
        true
      end

      # Whether a text is a spice, salt or a herb.
      def seasoning?(text)
        match = @names.match(text) or return false
        match.key ? @catalogue.fetch(match.key).group == "seasoning" : match.bystander == "herb"
      end
      # Whether a text names a bought sheet of pastry.
      def pastry?(text) = @names.match(text)&.key&.then { |key| @catalogue.fetch(key).group == "pastry" } || false
      # Whether a line is flour, or fat or a sheet: what a crust begins with.
      def floury?(text) = read(text).then { |line| %w[flour fat].include?(line.role) || pastry?(text) }
      # Whether a line is what goes into a crust: meat, vegetables, fruit, cheese.
      def filling?(text) = %w[other cheese puree].include?(read(text).role) && !pastry?(text)
      def known_name?(text) = !@names.match(text).nil?
      # Whether a text is something cooked along: neither flour nor fat, liquid, egg, cheese or spice.
      def bystander?(text) = read(text).then { |line| line.role == "other" && line.understood }
      # @return [String, nil] of data/ingredients/kinds.yml, of what is only cooked along
      def kind(text) = read(text).kind
      # Whether a text is something known with its amount.
      def thing?(text)
        amount_in(text).then { |amount| !amount.nil? && !amount.rest.empty? && known_name?(amount.rest) }
      rescue InvalidInput
        false
      end

      # Whether a text weighs or measures something out, known or not: "150 g maiale macinato", not "2 tbsp reserved".
      def measured?(text)
        amount = amount_in(text) or return false
        %i[mass volume].include?(amount.terms.first.unit&.kind) && !@names.only_descriptors?(amount.rest)
      rescue InvalidInput
        false
      end

      # "200 g" and nothing else.
      def lone_amount?(text)
        amount_in(text)&.then { |amount| amount.rest.empty? } || false
      rescue InvalidInput
        false
      end
    end
  end
end
