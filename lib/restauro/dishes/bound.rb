# frozen_string_literal: true

module Restauro
  module Dishes
    # Minced meat that crumbs or egg hold together, in meatballs and loaves: they are in it, no coat around it.
    module Bound
      WORDS, LOAF = DataFiles.words("dishes/words.yml").values_at(:bound, :bound_loaf)
      MINCE, COATED, HELD = DataFiles.words("dishes/words.yml").values_at(:mince, :coated_by_name, :held_in)
      DUSTED, POACHED, BY_NAME, BROWNED =
        DataFiles.words("dishes/words.yml")
          .values_at(:to_dredge, :bound_poached, :bound_poached_by_name, :bound_browned)

      BAKED, FISH = DataFiles.words("dishes/words.yml").values_at(:bound_baked, :bound_fish)
      # A loaf of nuts or pulses.
      NUTS = DataFiles.words("dishes/words.yml").fetch(:loaf_of_nuts)
      # Cakes and croquettes have their crumbs around them; what is in something is no patty.
      SHAPED = Regexp.union(Families::Breading::Lines::CAKES, Joins::CROQUETTES, Recipes::Parts::FILLING,
                            DataFiles.words("dishes/words.yml").fetch(:hollowed_by_name))
      # No meatball has them in it, its sauce often.
      MUSHROOMS = DataFiles.words("dishes/words.yml").fetch(:mushrooms)

      ALONE = "here crumbs hold it together, and there is nothing to work out: put gluten-free breadcrumbs in " \
              "for them, or such bread, gram for gram; for a spoon of flour as much starch. Where the crumbs are a " \
              "coat, type its flour too"

      module_function

      # @param lines [Array<Recipes::Line>] of a part   @param title [String]
      def by_crumbs?(lines, title)
        title = title.to_s
        fish = title.match?(FISH)
        (fish || title.match?(WORDS) || unnamed?(lines, title)) && !title.match?(COATED) &&
          lines.any? { |line| mince?(line) || (fish && line.kind == "fish") } &&
          (lines.any? { |line| binds?(line) } || dry?(lines)) &&
          lines.none? { |line| thickens?(line) && !dusts?(line) && !stirred_in?(line, lines) }
      end

      # Koftas of mince, onion and spice hold by themselves; with something wet it would be a ragout, in a bun a burger.
      def dry?(lines) = lines.none? { |line| %w[liquid puree].include?(line.role) || line.bread? }

      # Mince with crumbs and an egg and no flour that would hold them around it, in a dish that is not named for it.
      def unnamed?(lines, title)
        roles = lines.map(&:role)
        (%w[crumb egg] - roles).empty? && !roles.intersect?(%w[flour starch thickener liquid]) &&
          lines.none?(&:to_fry_in?) && !title.match?(SHAPED)
      end

      def thickens?(line) = %w[flour thickener].include?(line.role) && line.grams

      # A spoon or two of flour to a pound of mince or fish, behind it and with an egg: it binds.
      def stirred_in?(line, lines)
        mince = lines.select { |one| mince?(one) || one.kind == "fish" }.sum { |one| one.grams&.value.to_f }
        lines.any? { |one| one.role == "egg" } && lines.none? { |one| one.role == "fat" && !one.to_fry_in? } &&
          line.grams.value <= Constants.fetch(:dishes, :stirred_in_share) * mince
      end

      # Mince with a spoon of flour, an egg and the milk they drink: too little to be a sauce of it.
      # @param lines [Array<Recipes::Line>] of one list   @param title [String]
      def stirred_together?(lines, title)
        grams = ->(roles) { lines.sum { |line| roles.include?(line.role) ? line.grams&.value.to_f : 0.0 } }
        flour = grams[%w[flour thickener]]
        flour.positive? && grams[%w[liquid]] < Constants.fetch(:dishes, :stewed_least_times) * flour &&
          by_crumbs?(lines, title)
      end

      # Nothing else of it is made of flour.   @param lines [Array<Recipes::Line>] of a recipe   @param title [String]
      def alone?(lines, title)
        return lines.any? { |line| line.role == "crumb" } if title.to_s.match?(NUTS) && lines.none? { |l| thickens?(l) }

        return false if lines.any? { |line| dusts?(line) }
        return true if stirred_together?(lines, title)

        named?(title) && by_crumbs?(lines, title) && lines.any? { |line| binds?(line) && line.role != "egg" } &&
          lines.none? { |line| thickens?(line) }
      end

      # Minced meat, never minced garlic.   @param line [Recipes::Line]
      def mince?(line) = line.text.match?(MINCE) && line.kind != "soften"

      # Crumbs, an egg, or bread that is soaked; no bun that a burger is put in.   @param line [Recipes::Line]
      def binds?(line)
        %w[crumb egg].include?(line.role) || (line.bread? && !line.text.match?(HELD) &&
          !Recipes::Served.words?(line, heading: line.part))
      end

      # Milk or water behind what binds, ahead of the sauce's own fat, flour and heavier liquid: the crumbs drink it.
      # @param lines [Array<Recipes::Line>] of one list   @param at [Integer]
      def soaks?(lines, at)
        line, behind = lines[at], lines[(at + 1)..]
        return false unless line.role == "liquid" && line.grams && at.positive? && binds?(lines[at - 1])

        behind.first&.role == "fat" && behind.any? { |one| thickens?(one) } &&
          behind.any? { |one| one.role == "liquid" && one.grams && one.grams.value > line.grams.value }
      end

      # Flour that they are rolled in.   @param line [Recipes::Line]
      def dusts?(line) = %w[flour starch thickener].include?(line.role) && line.own_text.match?(DUSTED)

      # In stock or water, by its name or its steps, and never browned.   @param recipe [Recipes::Recipe]
      def poached?(recipe)
        words = recipe.steps.map(&:text)
        return false if words.any? { |text| text.match?(BROWNED) }

        titles = recipe.lines.select { |line| line.role == "title" }
        titles.any? { |line| line.text.match?(BY_NAME) } || words.any? { |text| text.match?(POACHED) }
      end

      # In an oven of their own: a loaf, and what the steps bake before its sauce.   @param recipe [Recipes::Recipe]
      def baked?(recipe) = recipe.title.to_s.match?(LOAF) || recipe.steps.any? { |line| line.text.match?(BAKED) }

      # @param part [Part]   @param dish [Dish]   @return [Boolean] whether the oven is for it, and not for its sauce
      def baked_alone?(part, dish) =
        part.family.nil? && by_crumbs?(part.lines, dish.title) && baked?(dish.recipe)

      # "Meatballs", by the dish where no heading names them.   @param part [Part]   @return [String, nil]
      def name(part)
        return unless by_crumbs?(part.lines, part.recipe.title)

        named?(part.recipe.title) ? part.recipe.title[WORDS].capitalize : "Patties"
      end

      def named?(title) = title.to_s.match?(WORDS)
      # Balls by the name of the dish, else flat.
      def flat?(title) = !Families::Breading::DustedCakes.balls?(title.to_s)
    end
  end
end
