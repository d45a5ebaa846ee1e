# frozen_string_literal: true

module Restauro
  module Dishes
    # What a dough of one list is named with goes over it, not into it: onions, mushrooms, butter with sage, cheese, and
    # what is listed after them.
    class OverDough
      DOUGHS = DataFiles.words("dishes/words.yml").fetch(:dough_turned)
      CHEESY = DataFiles.words("dishes/words.yml").fetch(:cheesy)
      WITH, CREAMY, TURNED_IN, TOSSED_IN =
        DataFiles.words("dishes/words.yml").values_at(:with_it, :creamy_sauce, :dough_turned_in, :tossed_in_butter)
      NAME = "Over it"
      KINDS = %w[soften simmer cured ready_meat poultry ground_meat ground_poultry sausage fish quick_meat
                 whole_meat].freeze
      # What no dough is made with.
      POURED = %w[tomato_passata heavy_cream light_cream].freeze
      BOUGHT = %w[wheat_pasta gf_pasta gf_noodles wheat_noodles].freeze
      WETS = %w[liquid egg puree].freeze

      SOUP = "Soup"
      # Broth that they are eaten in.   @param lines [Array<Recipes::Line>]
      def self.name(lines) =
        lines.sum { |line| line.ingredient == "stock" ? line.grams&.value.to_f : 0.0 } >
          Constants.fetch(:dishes, :soup_least_g) ? SOUP : NAME

      # @param catalogue [Catalogue]   @param recipe [Recipes::Recipe] whose title and steps say what goes over it
      def initialize(catalogue, recipe)
        @catalogue = catalogue
        @title = OwnTitle.of(recipe.title, recipe.ingredients.map(&:part).uniq).to_s
        @tossed = recipe.steps.any? { |line| line.text.match?(TOSSED_IN) }
        freeze
      end

      # @param lines [Array<Recipes::Line>] of one list
      # @return [Array(Array, Array), nil] the dough's and what goes over it
      def split(lines)
        return if !@title.match?(DOUGHS) || lines.any? { |line| bought?(line) }

        cut = lines.each_index.find { |index| whole?(lines[0...index]) && over?(lines, index) } or return
        over = lines[cut..]
        return if sauced?(lines[0...cut])

        [lines[0...cut], over] if over.none? { |line| (flour?(line) && !spoon?(line, over)) || line.role == "egg" }
      end

      private

      # A second flour with its milk or stock: a sauce of its own, and cheese behind it goes into that.
      def sauced?(lines)
        second = lines.rindex { |line| flour?(line) }
        poured = lines.drop(second).select { |line| line.role == "liquid" }
        whole?(lines.first(second)) && poured.any? { |line| line.grams&.value.to_f > least_g }
      end

      # Pasta or gnocchi out of a pack.
      def bought?(line) = BOUGHT.include?(line.ingredient) || (line.ingredient.nil? && line.gluten?)
      def group(line) = @catalogue.find_key(line.ingredient)&.group
      def flour?(line) = line.counted? && @catalogue.fetch(line.ingredient).starchy?
      def wet?(line) =
        WETS.include?(line.role) || group(line) == "curd" ||
          (line.ingredient && Families::Dough::Contents.mash(line.ingredient))
      def whole?(lines) = lines.any? { |line| flour?(line) } && lines.any? { |line| wet?(line) }

      # Butter too, where leaves fry in it or the title names it.
      def over?(lines, index)
        line = lines[index]
        return true if line.text.match?(TURNED_IN)
        return melted?(lines[index..]) if line.role == "fat"
        return true if poured?(line) || broth?(lines, index)

        KINDS.include?(line.kind) || (line.role == "cheese" && group(line) == "cheese" && @title.match?(CHEESY)) ||
          in_its_sauce?(line)
      end

      def melted?(rest) =
        @tossed || rest.any? { |other| other.kind == "herb" || poured?(other) } || @title.match?(/\bbutter/i)

      # More than a dough could take, or tomatoes.
      def poured?(line) = POURED.include?(line.ingredient) && line.grams && line.grams.value > least_g

      # Stock behind the one flour there is: a soup's.
      def broth?(lines, index)
        line = lines[index]
        line.ingredient == "stock" && line.grams && line.grams.value > least_g &&
          lines[0...index].one? { |one| flour?(one) }
      end

      # As much flour as binds what goes over it, with nothing poured: with stock it would be a sauce of its own.
      def spoon?(line, over) =
        line.grams.value <= least_g && over.none? { |one| one.role == "liquid" && one.grams&.value.to_f > least_g }
      def least_g = Constants.fetch(:dishes, :second_liquid_g)

      # "Gnocchi with gorgonzola", "with walnut cream": by its own name, or cream for the sauce that the title names.
      def in_its_sauce?(line)
        sauce = @title[WITH] or return false
        return sauce.match?(CREAMY) if line.ingredient.to_s.end_with?("cream")

        %w[other cheese].include?(line.role) &&
          line.name_text.to_s.scan(/\p{L}{5,}/).any? { |word| sauce.match?(/#{word.delete_suffix("s")}/i) }
      end
    end
  end
end
