# frozen_string_literal: true

module Restauro
  module Dishes
    # One list of a stew and what is dropped onto it.   Needs @title, part, flour?.
    module StewAndDumplings
      DUMPLINGS = DataFiles.words("dishes/words.yml").fetch(:dumplings)

      private

      # A flour with something to lift it is the dumplings', the rest the stew that they cook on.
      def dumplings(group)
        return if group.label || !@title.match?(DUMPLINGS)

        at = group.lines.rindex { |line| flour?(line) && lifted?(group.lines, line) } or return
        dough = group.lines[at..].take_while { |line| dumpling?(line) }
        stew = group.lines - dough
        return unless stew.any? { |line| line.role == "liquid" } && dough.length > 2

        stew.any? { |line| flour?(line) } ? [part(nil, stew), part("Dumplings", dough)] :
                                            [part("Stew", stew), part("Dumplings", dough)]
      end

      def lifted?(lines, flour) =
        lines[(lines.index { |line| line.equal?(flour) } + 1)..].first(2).any? { |line| line.role == "lift" }
      def dumpling?(line) =
        flour?(line) || %w[lift seasoning fat liquid egg].include?(line.role) || line.kind == "herb" ||
          line.text.match?(/\bsuet\b/i)
    end
  end
end
