# frozen_string_literal: true

module Restauro
  module Recipes
    # One thing of a recipe: the words it was read from, and what was understood of them.
    #   text        the words of this thing alone; source the whole raw line where that holds more, number which of its
    #   things from 0
    #   ingredient  catalogue key or nil · grams Estimate in g or nil · role one of ROLES · part "for the filling" or
    #   nil
    #   kind        of data/ingredients/kinds.yml, how a thing that is only cooked along is cooked, or nil
    #   amount_text the amount as written ("3 heaping tablespoons") or nil · name_text what stood after it · corrected
    #   the cook has put it right
    #   added a swap has written it · moved_to name of the part the cook has put it in, or nil · occurrence which of
    #   equal lines it is, from 0: one "1 egg" is in the cakes, the other around them
    #   cut         how a step cuts it ("cut into 2 cm strips"), or nil
    #   fried_for   FriedFor::Said, how long a step keeps it in the fat, or nil · cooked_for min that a step boils a
    #   grain by itself, or nil
    Line =
      Struct.new(
        :text, :ingredient, :grams, :role, :understood, :part, :amount_text, :name_text, :warnings, :corrected, :added,
        :kind, :source, :number, :moved_to, :occurrence, :fried_for, :cooked_for, :cut,
        keyword_init: true
      ) do
        def initialize(
          text:,
          role:,
          ingredient: nil,
          grams: nil,
          understood: true,
          part: nil,
          amount_text: nil,
          name_text: nil,
          warnings: [],
          corrected: false,
          added: false,
          kind: nil,
          source: text,
          number: 0,
          moved_to: nil,
          occurrence: 0,
          fried_for: nil,
          cooked_for: nil,
          cut: nil
        )
          raise ArgumentError, "no role #{role}" unless Line::ROLES.include?(role)

          super(
            text: text,
            ingredient: ingredient,
            grams: grams,
            role: role,
            understood: understood,
            part: part,
            amount_text: amount_text,
            name_text: name_text,
            warnings: warnings.dup.freeze,
            corrected: corrected,
            added: added,
            kind: kind,
            source: source,
            number: number,
            moved_to: moved_to,
            occurrence: occurrence,
            fried_for: fried_for,
            cooked_for: cooked_for,
            cut: cut
          )
          freeze
        end

        # The same with other values.   @return [Line]
        def with(**changes) = Line.new(**to_h.merge(changes))
        # Without the bullet or the number of a list.
        def bare_text = Line.bare(text)
        # Without what is wanted besides: "250 g flour, plus extra for dusting" is no flour for dusting.
        def own_text
          own = text.sub(Line::BESIDES, "")
          amount_text ? own.sub(Line::FOR_THE_BOARD, "") : own
        end

        # Fat that the pan takes, and no dough, batter or sauce.
        def to_fry_in? = role == "fat" && (kind == PanFat::KIND || own_text.match?(Line::TO_FRY_IN))
        def bread? = Line::BREADS.include?(ingredient)
        def yeast? = Line::YEASTS.include?(ingredient)
        def counted? = !grams.nil? && !ingredient.nil?
        # Inside slices of meat or dumplings, or of what cakes are made of: it thickens and coats nothing.
        def inside? = Line::INSIDE.include?(kind)
        # Flour that pieces are turned in before their batter: it is none of it.
        def dusted_on? = kind == Line::DUSTED
        # That, and milk that they lie in before.
        def before_a_batter? = dusted_on? || kind == LiesIn::KIND
        def minced? = Line::MINCED.include?(kind)
        # Sold by the piece: one weighs what it usually does. Of a vegetable that is cut, a piece is no whole one.
        def by_the_piece? = Line::BY_THE_PIECE.include?(kind)
        def words? = %w[title step].include?(role)
        # The same as words of the method: nothing is made of it.   @return [Line]
        def as_words = with(ingredient: nil, grams: nil, kind: nil, understood: true, role: "step")
        def gluten? = warnings.any? { |warning| warning.code == "gluten_in_line" }
      end

    # @param text [String]   @return [String] without the bullet or the number of a list
    def Line.bare(text) = text.strip.sub(AmountReader::BULLET, "").sub(/\A-\s*(?=\S)/, "")

    Line::TO_FRY_IN = DataFiles.words("families/batter/words.yml").fetch(:to_fry_in)
    Line::FOR_THE_BOARD = DataFiles.words("recipes/words.yml").fetch(:besides)
    Line::BESIDES = /[,;(]?\s*(?:\bplus|\band|\+)\s+(?:a\s+(?:little|bit)(?:\s+of)?\s+)?(?:extra|more|some)\b.*/i
    Line::BREADS = %w[bread gf_bread].freeze
    Line::YEASTS = %w[yeast_dried yeast_fresh].freeze
    Line::BY_THE_PIECE = %w[poultry quick_meat fish].freeze
    Line::MINCED = %w[ground_meat ground_poultry].freeze
    Line::INSIDE = %w[rolled_in bound_in in_dumplings into_porridge].freeze
    Line::DUSTED = "dusted_on"
    Line::ROLES = %w[
      thickener
      flour
      starch
      liquid
      fat
      binder
      egg
      puree
      cheese
      lift
      acid
      crumb
      seasoning
      other
      title
      step
    ].freeze
  end
end
