# frozen_string_literal: true

module Restauro
  module Dishes
    # One list of a stew and what is dropped onto it, or of a soup and the noodles in it.   Needs @title, part, flour?.
    module StewAndDumplings
      DUMPLINGS, NOODLES = DataFiles.words("dishes/words.yml").values_at(:dumplings, :noodles_in_soup)

      CREAMED = %w[egg fat].freeze
      private_constant :CREAMED

      private

      # A flour with something to lift it is the dumplings', the rest the stew that they cook on.
      def dumplings(group)
        return if group.label
        return in_a_soup(group) unless @title.match?(DUMPLINGS)

        at = group.lines.rindex { |line| flour?(line) && lifted?(group.lines, line) } or return in_a_soup(group)
        dough = group.lines[at..].take_while { |line| dumpling?(line) }
        stew = group.lines - dough
        return unless stew.any? { |line| line.role == "liquid" } && dough.length > 2

        stew.any? { |line| flour?(line) } ? [part(nil, stew), part("Dumplings", dough)] :
                                            [part("Stew", stew), part("Dumplings", dough)]
      end

      # Flour, the egg beside it and the butter that is creamed first, in more stock than they could thicken: noodles,
      # dumplings without powder.
      def in_a_soup(group)
        name = in_soup_name or return
        at = group.lines.rindex { |line| flour?(line) } or return
        from = at - group.lines.first(at).reverse.take_while { |line| CREAMED.include?(line.role) }.length
        dough = group.lines[from..].take_while { |line| dumpling?(line) && line.ingredient != "stock" }
        soup = group.lines - dough
        return unless dough.any? { |line| line.role == "egg" } && soup.any? { |line| line.role == "liquid" }
        return unless soup.none? { |line| flour?(line) } && much?(soup, dough)

        [part("Soup", soup), part(name, dough)]
      end

      def in_soup_name
        return "Noodles" if @title.match?(NOODLES)

        "Dumplings" if @title.match?(DUMPLINGS)
      end

      def much?(soup, dough) =
        grams(soup) { |line| line.role == "liquid" } > 2 * grams(dough) { true } &&
          grams(dough) { |line| line.role == "liquid" } < 2 * grams(dough) { |line| flour?(line) }

      def lifted?(lines, flour) =
        lines[(lines.index { |line| line.equal?(flour) } + 1)..].first(2).any? { |line| line.role == "lift" }
      def dumpling?(line) =
        flour?(line) || %w[lift seasoning fat liquid egg].include?(line.role) || line.kind == "herb" ||
          line.text.match?(/\bsuet\b/i)
    end
  end
end
