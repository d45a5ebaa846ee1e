# frozen_string_literal: true

module Restauro
  module Dishes
    # How the parts of a dish meet, by what they are and what their headings say.
    module Joins
      OVER = DataFiles.words("dishes/words.yml").fetch(:poured_over)
      # Pieces wrapped one by one: a sauce is only inside where its heading says so.
      WRAPPED = DataFiles.words("dishes/words.yml").fetch(:wrapped)
      # What stands in a jug beside fruit under its crust.
      JUG = DataFiles.words("dishes/words.yml").fetch(:in_a_jug)
      BAKED_TITLE = DataFiles.words("dishes/words.yml").fetch(:baked_title)
      CRISP = DataFiles.words("dishes/words.yml").fetch(:crisp)
      DIPPED = DataFiles.words("dishes/words.yml").fetch(:dipped_into)
      CROQUETTES = DataFiles.words("dishes/words.yml").fetch(:croquettes)
      UNDER_TOO = DataFiles.words("families/crust/words.yml").fetch(:under_too)
      LAYERED = DataFiles.words("dishes/words.yml").fetch(:layered)
      CRUST_OVER, CRUST_UNDER, OPEN_PIE, PIE, SWEETENED, BLIND =
        DataFiles.words("dishes/words.yml").values_at(:crust_over, :crust_under, :open_pie, :pie, :sweetened, :blind)
      # Which part the others are for, the first that there is.
      HOSTS = [%i[shell], %i[coat dough], %i[sauce]].freeze

      module_function

      # @param parts [Array<Part>]   @return [Array<Join>]
      def of(parts, recipe, catalogue)
        return [] if parts.length < 2

        host =
          HOSTS.lazy.filter_map { |roles| parts.index { |part| roles.include?(part.role) && !strewn?(part, recipe) } }
            .first or return []

        parts.each_index.filter_map { |index| index == host ? nil : join(parts, index, host, recipe, catalogue) }
      end

      # Crisp things on what is baked: "Crispy onions" on a casserole.
      def strewn?(part, recipe) =
        part.role == :coat && part.name.to_s.match?(CRISP) && recipe.title.to_s.match?(BAKED_TITLE)

      # How one part meets the host.   @return [Join]
      def join(parts, index, host, recipe, catalogue)
        part, to = parts[index], parts[host]
        beside = BesideBiscuits.of?(to, recipe) || BesideACrust.of?(part, parts, to, recipe)
        if part.place == :table || beside || poured?(parts, index, to, recipe, catalogue)
          return Join.new(from: index, to: host, how: "over")
        end
        if part.place == :top || strewn?(part, recipe)
          return Join.new(from: index, to: host, how: to.role == :coat ? "coats" : "covers")
        end

        case to.role
        when :shell
          crust_join(index, host, parts, recipe)
        when :coat
          coat_join(part, index, host, to, recipe)
        when :dough
          dough_join(part, index, host, to, recipe)
        else
          sauce_join(part, index, host, recipe)
        end
      end

      # A roast and chips have it poured over; slices have it between them; what else there is goes in.
      def sauce_join(part, index, host, recipe)
        return Join.new(from: host, to: index, how: "over") if Roast.part?(part) || part.name == "Chips"

        layered = part.family.nil? && recipe.title.to_s.match?(LAYERED)
        Join.new(from: index, to: host, how: layered ? "between" : "fills")
      end

      # A sauce for the table: by its name, beside what is wrapped, or beside fruit that has its crust over it.
      def poured?(parts, index, host, recipe, catalogue)
        part = parts[index]
        if part.family.nil? && host.role == :coat && part.name.to_s.match?(DIPPED) && !recipe.title.to_s.match?(LAYERED)
          return true
        end

        wrapped = host.role == :shell && recipe.title.to_s.match?(WRAPPED)
        return wrapped && beside_wrapped?(part, recipe) unless part.role == :sauce

        return false if host.role == :shell && parts.length == 2 && host.name.to_s.match?(CRUST_OVER)
        return true if part.name.to_s.match?(OVER) || (wrapped && !part.name.to_s.match?(Recipes::Parts::FILLING))

        host.role == :shell && part.name.to_s.match?(JUG) && !recipe.title.to_s.match?(OPEN_PIE) &&
          (parts - [part]).flat_map(&:lines).any? { |line| catalogue.find_key(line.ingredient)&.group == "fruit" }
      end

      # "Samosas with mint yogurt": by the name of its heading.
      def beside_wrapped?(part, recipe)
        name = part.name.to_s
        name.match?(Meetings::POURED) ||
          (!name.match?(Recipes::Parts::FILLING) && OwnTitle.names?(recipe.title, name))
      end

      # A crust lines the dish under what fills it, or covers what is under it.
      def crust_join(index, host, parts, recipe)
        strewn = parts.any? { |part| part.place == :top && part.role == :shell }
        words = [parts[host].name, *(recipe.title unless strewn), *recipe.steps.map(&:text)].join("\n")
        under = [UNDER_TOO, BLIND].any? { |said| words.match?(said) } || parts[host].name.to_s.match?(CRUST_UNDER)
        covers = !under && (words.match?(CRUST_OVER) || lidded?(parts, recipe, words))
        Join.new(from: host, to: index, how: covers ? "covers" : "lines")
      end

      # A pie with a savoury sauce in it has its crust on top, unless it says that it lines the tin (common practice).
      def lidded?(parts, recipe, words)
        sauces = parts.select { |part| part.role == :sauce }
        savoury = sauces.any? && sauces.flat_map(&:lines).none? { |line| line.text.match?(SWEETENED) }
        recipe.title.to_s.match?(PIE) && savoury && !words.match?(CRUST_UNDER)
      end

      # A very thick base is what a croquette's coat goes around; another sauce goes over a coat at the table.
      def coat_join(part, index, host, to, recipe)
        croquette = part.role == :sauce && recipe.title.to_s.match?(CROQUETTES) && !InsideCoat.mashed?(to)
        if croquette || RiceBalls.part?(part)
          return Join.new(from: host, to: index, how: "around")
        end

        layered = recipe.title.to_s.match?(LAYERED) && !CrustOfCrumbs.of?(recipe.title, to.lines)
        return Join.new(from: index, to: host, how: "between") if layered

        Join.new(from: index, to: host, how: InsideCoat.is?(part, to, recipe) ? "fills" : "over")
      end

      # Dumplings cook on the stew they are for; those of curd or a root are boiled, and turned in it.
      def parts_of_a_pot?(part, dough, recipe) =
        (part.role == :sauce || part.lines.any? { |line| line.role == "liquid" }) && !InsideCoat.mashed?(dough) &&
          dough.lines.none? { |line| line.role == "cheese" } && recipe.title.to_s.match?(OneList::DUMPLINGS)

      # @return [Join] over it, in it, between it or on the pot it cooks in
      def dough_join(part, index, host, dough, recipe)
        return Join.new(from: index, to: host, how: "between") if recipe.title.to_s.match?(LAYERED)
        if part.family.nil? && part.name.to_s.match?(Recipes::Parts::FILLING)
          return Join.new(from: index, to: host, how: "fills")
        end

        if parts_of_a_pot?(part, dough, recipe)
          Join.new(from: host, to: index, how: "covers")
        else
          Join.new(from: index, to: host, how: "over")
        end
      end
    end
  end
end
