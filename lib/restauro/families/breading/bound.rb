# frozen_string_literal: true

module Restauro
  module Families
    class Breading
      # Crumbs and eggs that hold cakes and patties together: they are in them, no coat around them. Minced meat has its
      # own words (Dishes::Bound); potato holds by itself, and is coated.   Common practice.
      module Bound
        PATTIES, BALLS, MINCE, DUSTED, BARE =
          DataFiles.words("dishes/words.yml").values_at(:patties, :bound, :mince, :to_dredge, :bare_flour)
        COATS, MIXED, BEATEN =
          DataFiles.words("families/breading/words.yml").values_at(:coats_cakes, :mixed_in_cakes, :beaten)
        KIND = "bound_in"
        BINDERS = %w[crumb egg].freeze
        TITLES = Regexp.union(DataFiles.words("families/breading/words.yml").fetch(:cakes), PATTIES, BALLS)
        private_constant :PATTIES, :BALLS, :MINCE, :DUSTED, :BARE, :COATS, :MIXED, :BEATEN, :BINDERS, :TITLES

        module_function

        # The recipe with what binds its cakes marked as in them.
        # @param recipe [Recipes::Recipe]   @return [Recipes::Recipe]
        def of(recipe)
          all = bound?(recipe) || DustedCakes.of?(recipe)
          inside = all ? recipe.ingredients.select { |line| binder?(line) } : behind_a_coat(recipe)
          recipe.with(lines: recipe.lines.map { |line| inside.include?(line) ? bound_in(line) : line })
        end

        # @param title [String] of a dish   @return [Boolean] whether crumbs may be in what it is made of
        def titled?(title) = title.match?(TITLES)
        # @param line [Recipes::Line]   @return [Boolean] crumbs or an egg
        def binder?(line) = BINDERS.include?(line.role)
        # @param line [Recipes::Line]   @return [Recipes::Line] marked as in the cakes
        def bound_in(line) = line.with(role: "other", kind: KIND)

        # Crumbs in the cakes and crumbs around them: those that a line says are the coat's, else the last.
        # @return [Array<Recipes::Line>] what is inside
        def behind_a_coat(recipe)
          listed = recipe.ingredients
          crumbs, eggs = BINDERS.map { |role| listed.select { |line| line.role == role } }
          return [] unless titled?(recipe.title.to_s) && crumbs.length == 2 && apart?(crumbs, listed)

          [crumbs, eggs].flat_map { |lines| lines.length > 1 ? lines - [outside(lines)] : [] }
        end

        def apart?(crumbs, listed)
          places = crumbs.map { |line| listed.index(line) }
          crumbs.any? { |line| line.text.match?(COATS) } || places.reduce(:-).abs > 1
        end

        def outside(lines) =
          lines.reverse.find { |line| line.text.match?(COATS) || line.text.match?(BEATEN) } || lines.last

        # @param line [Recipes::Line]
        def in?(line) = line.kind == KIND

        # One measure of crumbs and eggs in one list, and nothing that says they go around it.
        def bound?(recipe)
          listed = recipe.ingredients
          recipe.title.to_s.match?(TITLES) && listed.one? { |line| line.role == "crumb" } && one_list?(listed) &&
            listed.none? { |line| elsewhere?(line) } && inside?(recipe.steps.map(&:text), listed)
        end

        def one_list?(listed)
          mixed = listed.select { |line| BINDERS.include?(line.role) || line.role == "other" }
          mixed.all? { |line| line.part == mixed.first.part }
        end

        # What its steps say; else what is no mash.
        def inside?(steps, listed)
          return false if steps.any? { |text| text.match?(COATS) }

          steps.any? { |text| text.match?(MIXED) } || listed.none? { |line| mash?(line) }
        end

        # Mince, a dish of flour for a coat, or a line that says itself what it is for.
        def elsewhere?(line)
          return line.grams && !line.own_text.match?(Regexp.union(DUSTED, BARE)) if line.role == "flour"
          return line.text.match?(COATS) if BINDERS.include?(line.role)

          poured?(line) || (line.text.match?(MINCE) && line.kind != "soften")
        end

        # More than a squeeze of it.
        def poured?(line) =
          line.role == "liquid" && line.grams&.value.to_f > Constants.fetch(:breading, :squeezed_in_g)

        def mash?(line) = line.role == "puree" || Dough::Contents.raw?(line.ingredient)
        private_class_method :bound?, :behind_a_coat, :apart?, :outside, :one_list?, :inside?, :elsewhere?, :poured?,
                             :mash?
      end
    end
  end
end
