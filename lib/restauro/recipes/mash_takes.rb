# frozen_string_literal: true

module Restauro
  module Recipes
    # What potatoes take of the one butter of a list: "melt half the butter", and the rest is for the mash.
    #   Needs @line_reader, halves.
    module MashTakes
      AMOUNT = /(?:about\s+)?[\d½⅓¼⅔¾⅛][^.;,]{0,24}?/
      HALF = /\bhalf (?:of )?(?:the |your )?butter\b/i
      REST_MASHED = /\bmash\w*\b[^.;]*\b(?:remaining|rest of the|other half of the) butter\b/i
      MASH_TAKES = /\bmash\w*\b[^.;]{0,50}?\b(#{AMOUNT.source})\s+(?:of\s+)?(?:the\s+)?butter\b/i
      private_constant :HALF, :REST_MASHED, :MASH_TAKES

      private

      # What the potatoes take of it stands with them.
      def for_the_mash(lines)
        steps = lines.select { |line| line.role == "step" }.map(&:text)
        at = lines.index { |line| line.ingredient == "butter" && line.grams }
        root = lines.rindex { |line| Families::Dough::Contents.raw?(line.ingredient) }
        mashed = mashed_g(lines[at], steps) if at && root && !butter_of_its_own?(lines, root)
        return lines unless mashed

        root > at ? behind_the_root(lines, at, root, mashed) : behind_the_mash(lines, at, mashed)
      end

      # Under a heading with the potatoes.
      def butter_of_its_own?(lines, root)
        part = lines[root].part
        part && lines.any? { |line| line.ingredient == "butter" && line.part == part }
      end

      # @return [Estimate, nil] g that the potatoes take
      def mashed_g(line, steps)
        return line.grams * 0.5 if steps.any?(HALF) && steps.any?(REST_MASHED)

        said = steps.filter_map { |step| step[MASH_TAKES, 1] }.first or return
        grams = @line_reader.read("#{said} butter").grams
        grams if grams && grams.value < line.grams.value
      end

      def behind_the_root(lines, at, root, mashed)
        *first, rest = halves(lines[at], mashed, lines[(at + 1)..root])
        [*lines[0...at], *first, rest.with(part: lines[root].part), *lines[(root + 1)..]]
      end

      # The sauce's share before what it is cooked with.
      def behind_the_mash(lines, at, mashed)
        next_thing = lines.drop(at + 1).find { |line| !%w[liquid fat seasoning].include?(line.role) } or return lines
        sauce, mash = halves(lines[at], mashed, [])
        lines.flat_map do |line|
          next [mash] if line.equal?(lines[at])

          line.equal?(next_thing) ? [sauce, line] : [line]
        end
      end
    end
  end
end
