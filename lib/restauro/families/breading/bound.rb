# frozen_string_literal: true

module Restauro
  module Families
    class Breading
      # Crumbs and eggs that hold cakes and patties together: they are in them, no coat around them. Minced meat has its
      # own words (Dishes::Bound); potato holds by itself, and is coated.   Common practice.
      module Bound
        PATTIES, BALLS, MINCE, DUSTED, BARE =
          DataFiles.words("dishes/words.yml").values_at(:patties, :bound, :mince, :to_dredge, :bare_flour)
        COATS, MIXED = DataFiles.words("families/breading/words.yml").values_at(:coats_cakes, :mixed_in_cakes)
        KIND = "bound_in"
        BINDERS = %w[crumb egg].freeze
        TITLES = Regexp.union(DataFiles.words("families/breading/words.yml").fetch(:cakes), PATTIES, BALLS)
        private_constant :PATTIES, :BALLS, :MINCE, :DUSTED, :BARE, :COATS, :MIXED, :BINDERS, :TITLES

        module_function

        # The recipe with what binds its cakes marked as in them.
        # @param recipe [Recipes::Recipe]   @return [Recipes::Recipe]
        def of(recipe)
          return recipe unless bound?(recipe)

          recipe.with(lines: recipe.lines.map do |line|
            BINDERS.include?(line.role) ? line.with(role: "other", kind: KIND) : line
          end)
        end

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
          return line.grams && !line.text.match?(Regexp.union(DUSTED, BARE)) if line.role == "flour"
          return line.text.match?(COATS) if BINDERS.include?(line.role)

          poured?(line) || (line.text.match?(MINCE) && line.kind != "soften")
        end

        # More than a squeeze of it.
        def poured?(line) =
          line.role == "liquid" && line.grams&.value.to_f > Constants.fetch(:breading, :squeezed_in_g)

        def mash?(line) = line.role == "puree" || Dough::Contents.raw?(line.ingredient)
        private_class_method :bound?, :one_list?, :inside?, :elsewhere?, :poured?, :mash?
      end
    end
  end
end
