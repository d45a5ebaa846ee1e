# frozen_string_literal: true

module Restauro
  module Recipes
    # "2 1/4 cups flour, divided", of which a step takes "the remaining 1/4 cup"; "5 tbsp butter, divided", of which the
    # first step takes 4; "melt half the butter", and the rest is for the mash: two lines, the second before what it
    # goes into.
    class Divided
      WORD = /\bdivided\b/i
      AMOUNT = /(?:about\s+)?[\d½⅓¼⅔¾⅛][^.;,]{0,24}?/
      LIKE = /plain|seasoned|all-purpose|wheat|unsalted|salted|melted|softened|cold/
      # What the second half of each goes before, from the end of the list.
      INTO = {"flour" => "liquid", "fat" => "crumb"}.freeze
      HALF = /\bhalf (?:of )?(?:the |your )?butter\b/i
      REST_MASHED = /\bmash\w*\b[^.;]*\b(?:remaining|rest of the|other half of the) butter\b/i
      MASH_TAKES = /\bmash\w*\b[^.;]{0,30}?\b(#{AMOUNT.source})\s+(?:of\s+)?(?:the\s+)?butter\b/i
      STEWED, DREDGED, BACK, STIRRED_IN =
        DataFiles.words("dishes/words.yml")
          .values_at(:thick_in_its_pan, :dredged_by_step, :back_in_it, :so_much_of_the_flour)
      REST_OF_IT, FLOUR, CRUMBS = /\b(?:remaining|rest of)\b/i, /\bflour\b/i, /\bcrumbs\b|\bpanko\b|\bcrackers\b/i
      private_constant :WORD, :AMOUNT, :LIKE, :INTO, :HALF, :REST_MASHED, :MASH_TAKES, :STEWED, :DREDGED, :BACK,
                       :STIRRED_IN, :REST_OF_IT, :FLOUR, :CRUMBS

      # @param line_reader [LineReader]
      def initialize(line_reader)
        @line_reader = line_reader
        freeze
      end

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def of(lines)
        mashed = for_the_mash(lines)
        return mashed unless mashed.equal?(lines)

        at = lines.index { |line| INTO.key?(line.role) && line.grams && line.text.match?(WORD) } or return lines
        return lines if in_one_pan?(lines, lines[at])

        into = first_of_the_last(lines, INTO.fetch(lines[at].role)) or return lines
        rest = rest_of(lines[at], lines) or return lines
        return lines if lines[at].role == "fat" && rest_thickens?(lines)

        return lines unless into > at

        *ahead, second = halves(lines[at], rest, lines[(at + 1)...into])
        [*lines[0...at], *ahead, second.with(part: lines[into].part), *lines[into..]]
      end

      private

      # What is turned in flour and stewed in what the rest thickens: that is told by LeftInTheDish.
      def in_one_pan?(lines, line) =
        line.role == "flour" && lines.first.role == "title" && lines.first.text.match?(STEWED) &&
          [DREDGED, BACK].all? { |words| lines.any? { |one| one.role == "step" && one.text.match?(words) } }

      # "Melt the remaining butter, stir in the flour": all of it is the sauce's.
      def rest_thickens?(lines)
        Sentences.of_steps(lines).any? { |text| text.match?(REST_OF_IT) && text.match?(FLOUR) && !text.match?(CRUMBS) }
      end

      # Stock and the cream behind it are poured together.   @return [Integer, nil]
      def first_of_the_last(lines, role)
        last = lines.rindex { |line| line.role == role } or return
        last -= 1 while last.positive? && lines[last - 1].role == role
        last
      end

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

      # @return [Estimate, nil] g
      def rest_of(line, lines)
        steps = lines.select { |one| one.role == "step" }.map(&:text)
        rest = said(line, steps, /\b(?:remaining|reserved|other|last)\s+/)
        rest ||= stirred_in(line, steps)
        return rest if rest && rest.value < line.grams.value
        return unless rest.nil? && steps.any?(/\b(?:remaining|reserved|rest of)\b[^.;,]*\b#{kind(line)}\b/i)

        first = said(line, steps, //)
        line.grams * (1 - first.value / line.grams.value) if first && first.value < line.grams.value
      end

      # "Whisk in 1/4 cup of the flour": what is left is the coat's.   @return [Estimate, nil] g
      def stirred_in(line, steps)
        amount = steps.filter_map { |step| step[STIRRED_IN, 1] }.first if line.role == "flour"
        @line_reader.read("#{amount} flour").grams if amount
      end

      # The first amount of it that a step takes, behind such words.
      def said(line, steps, before)
        words = /#{before.source}(#{AMOUNT.source})\s+(?:of\s+)?(?:the\s+)?(?:#{LIKE.source}\s+)?#{kind(line)}\b/i
        amounts = steps.lazy.flat_map { |step| step.scan(words).flatten }
        amounts.filter_map { |amount| @line_reader.read("#{amount} #{name(line)}").grams }.first
      end

      def kind(line) = line.role == "flour" ? "flour" : Regexp.escape(name(line)[/\p{L}+\z/].to_s)
      def name(line) = line.name_text.to_s.sub(/[,(].*/, "").strip

      def halves(line, rest, between)
        first = line.grams * (1 - rest.value / line.grams.value)
        [part(line, first), *between, part(line, rest)]
      end

      def part(line, grams)
        line.with(text: "#{WeighedLine.tenths(grams.value.round(1))} g #{name(line)}", grams: grams, amount_text: nil,
                  name_text: name(line))
      end
    end
  end
end
