# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # An egg that is there to brush with: by its own words, or beaten, beside a dough that has its water, or a bought
      # sheet; and sugar or seeds that are scattered over it then (common practice).
      module Glaze
        WORDS = DataFiles.words("families/crust/words.yml").fetch(:glaze)
        STREWN, THINGS = DataFiles.words("families/crust/words.yml").values_at(:strewn_last, :strewn_things)
        WRAPPED, FINISH = DataFiles.words("dishes/words.yml").values_at(:wrapped, :finish_heading)
        SETS = %w[ricotta dry_curd pressed_tofu cream_cheese].freeze
        MEATS = %w[whole_meat quick_meat].freeze
        PART = "to glaze"
        private_constant :WRAPPED, :MEATS, :SETS

        module_function

        # @param recipe [Recipes::Recipe]
        # @return [Recipes::Recipe] such eggs marked, so that they are in neither dough nor filling
        def apart(recipe, catalogue)
          watered = watered?(recipe, catalogue)
          lines = recipe.lines.map do |line|
            told = by_a_step?(line) || at_last?(line) || strewn?(line) || (line.role == "fat" && brushed?(line))
            told ||= watered && beaten?(line) && !worked_in?(line, recipe)
            told || sets_nothing?(line, recipe, catalogue) ? line.with(part: PART) : line
          end
          recipe.with(lines: lines)
        end

        # With the dough's fat or water still to come, it goes in with them.
        def worked_in?(line, recipe)
          behind = recipe.ingredients.drop_while { |one| !one.equal?(line) }.drop(1)
          behind.any? { |one| one.part == line.part && %w[flour fat liquid].include?(one.role) && one.grams }
        end

        # Told by a step alone.
        def by_a_step?(line) = line.kind == Recipes::BrushedOn::KIND
        # Under "To finish", or "Glaze".
        def at_last?(line) = line.role == "egg" && (line.part.to_s.match?(FINISH) || headed?(line))
        # Egg or milk under a heading that says what it is for.
        def headed?(line) = brushed?(line) && line.part.to_s.match?(WORDS)

        # The one egg at the end of a list, behind mincemeat, jam or the raw meat of a pie, that it sets nothing in.
        def sets_nothing?(line, recipe, catalogue)
          all = recipe.ingredients
          return false unless line.role == "egg" && all.last.equal?(line) && line.grams && one?(line)

          behind_jam?(all, catalogue) || behind_meat?(all, recipe)
        end

        # Diced under a lid, folded in, or wrapped in one piece, with nothing poured but what the dough and a jelly
        # take, and no curd to set.
        def behind_meat?(all, recipe)
          title = recipe.title.to_s
          lidded = title.match?(Cover::WORDS.fetch(:pie)) && all.any? { |line| MEATS.include?(line.kind) }
          wrapped = title.match?(WRAPPED) && FillSteps.whole_piece(all)
          (lidded || wrapped || title.match?(Style.fetch("hand").words)) && all.none? do |line|
            (line.role == "liquid" && !%w[water stock].include?(line.ingredient)) || SETS.include?(line.ingredient)
          end
        end

        def behind_jam?(all, catalogue)
          all.any? { |other| other.text.match?(ByKind::SPREAD) && !other.amount_text.nil? } && all.none? do |other|
            other.role == "liquid" || %w[meal crumb].include?(catalogue.find_key(other.ingredient)&.group)
          end
        end

        def one?(line) = line.grams.value <= Constants.fetch(:crust, :glaze_most_g)

        # What is scattered on it before the oven; icing sugar is dusted on after.
        def strewn?(line) =
          !line.words? && line.text.match?(THINGS) && line.ingredient != "icing_sugar" &&
            (line.text.match?(STREWN) || line.part.to_s.match?(FINISH) || line.part == PART)

        def line?(line) =
          line.part == PART || by_a_step?(line) || strewn?(line) || headed?(line) ||
            (brushed?(line) && line.text.match?(WORDS))
        # Butter too, where it says that it is for that.
        def brushed?(line) =
          %w[egg liquid].include?(line.role) || (line.role == "fat" && line.text.match?(WORDS))
        def beaten?(line)
          line.role == "egg" && line.text.match?(/\bbeaten\b/i) && line.grams && one?(line)
        end

        def watered?(recipe, catalogue)
          known = recipe.ingredients.select { |line| line.ingredient && !Parts.filling?(line) }
          known.any? do |line|
            catalogue.fetch(line.ingredient).then { |found| found.group == "pastry" || found.key == "water" }
          end
        end
      end
    end
  end
end
