module Restauro
  module Recipes
    # One line of a recipe: the raw text verbatim, and what was understood of it.
    #   ingredient  catalogue key or nil · grams Estimate in g or nil · role one of ROLES · part "for the filling" or nil
    #   amount_text the amount as written ("3 heaping tablespoons") or nil · name_text what stood after it · corrected the cook has put it right
    #   added a swap has written it
    Line = Struct.new(:text, :ingredient, :grams, :role, :understood, :part, :amount_text, :name_text, :warnings, :corrected, :added,
                      keyword_init: true) do
      def initialize(text:, role:, ingredient: nil, grams: nil, understood: true, part: nil, amount_text: nil,
                     name_text: nil, warnings: [], corrected: false, added: false)
        raise ArgumentError, "no role #{role}" unless Line::ROLES.include?(role)

        super(text: text, ingredient: ingredient, grams: grams, role: role, understood: understood, part: part,
              amount_text: amount_text, name_text: name_text, warnings: warnings.dup.freeze, corrected: corrected, added: added)
        freeze
      end

      def with(**changes) = Line.new(**to_h.merge(changes))
      def counted? = !grams.nil? && !ingredient.nil?
      def words? = %w[title step].include?(role)
    end

    Line::ROLES = %w[thickener flour starch liquid fat binder egg puree cheese lift acid crumb seasoning other title step].freeze
  end
end
