# frozen_string_literal: true

module Restauro
  module Dishes
    # Potatoes in one list with a sauce that they are not in: mash over it or beside it, chips.
    #   Needs @title, part, flour?, wet?.
    module PotatoesAside
      MASHED, MASH_BESIDE, CHIPS, FRIES, LAID_ON_TOP, MASHES =
        DataFiles.words("dishes/words.yml")
          .values_at(:mash_over, :mash_beside, :chips_beside, :fries, :roots_laid_on_top, :mashes)
      ON_TOP = "Potato slices"
      WITH = %w[fat liquid cheese].freeze
      UNDER = %w[cooked_egg fish simmer wilt].freeze

      private

      # Potatoes that the title puts somewhere else: mash over a meat pie, chips beside the fish.
      # @return [Array<Group>, nil]
      def named_aside(group)
        at =
          group.lines.index do |line|
            line.ingredient == "raw_potato" || Families::Dough::Contents.roots.key?(line.ingredient)
          end or return
        return fries(group.lines, at) if fries?(group.lines, at)
        return mash_behind(group.lines, at) if group.lines.none? { |line| flour?(line) }
        return mash_first(group.lines, at) unless at.positive? && group.lines[0...at].any? { |line| flour?(line) }

        mash = @title.match?(MASHED) || @title.match?(MASH_BESIDE) ||
          (@title.match?(/\bpies?\b/i) && !raw?(group.lines[at]) && spread?(group, at))
        return over_it(group.lines, at) if mash

        [part(nil, group.lines - [group.lines[at]]), part("Chips", [group.lines[at]])] if @title.match?(CHIPS)
      end

      # Cut into chips, with fat to fry them in, and nothing else that is fried.
      def fries?(lines, at) =
        lines[at].text.match?(FRIES) && lines.any?(&:to_fry_in?) && lines.none?(&:by_the_piece?)

      def fries(lines, at)
        fried = [lines[at], *lines.select(&:to_fry_in?)]
        rest = lines - fried
        [part("Chips", fried), (part(nil, rest) if rest.any?)].compact
      end

      # Slices that a step lays over the stew they are listed with, and the butter behind them: no layers then.
      def slices_over(group)
        at = group.lines.index { |line| PlainRootTop.cut([line], "") == :sliced } or return
        return if Recipes::Sentences.of_steps(@recipe.lines).grep(LAID_ON_TOP).empty?

        top = [group.lines[at], *group.lines[(at + 1)..].take_while { |line| line.role == "fat" }]
        rest = group.lines - top
        [part(nil, rest), part(ON_TOP, top)] if group.label.nil? && rest.any? { |line| flour?(line) }
      end

      # What else is cooked for the pie is under it, wherever it stands.
      def over_it(lines, at)
        under = lines[(at + 1)..].select { |line| BeginsAgain::MEATS.include?(line.kind) || UNDER.include?(line.kind) }
        [part(nil, lines[0...at] + under), part("Mash", lines[at..] - under)]
      end

      # Mash for a pie whose sauce stands under a heading of its own.
      def mash_behind(lines, at)
        return unless at.positive? && @title.match?(MASHED)

        [part(nil, lines[0...at]), part("Mash", lines[at..])]
      end

      # Potatoes, their milk and butter before what they are spread over, or lie beside.
      def mash_first(lines, at)
        return unless @title.match?(MASHED) || @title.match?(MASH_BESIDE)

        mash = [lines[at], *lines[(at + 1)..].take_while { |line| mashed_in?(line) }]
        fats = mash.select { |line| line.role == "fat" }
        # Of two the last is the sauce's.
        mash -= fats.last(fats.length > 1 ? 1 : fats.length) if (lines - mash).none? { |line| line.role == "fat" }
        mash += told_mashed(lines - mash)
        rest = lines - mash
        [part(nil, rest), part("Mash", mash)] if rest.any? { |line| flour?(line) } && wet?(rest)
      end

      # What a step mashes them with, wherever it stands: of two butters the last, nothing that the sauce is made of.
      def told_mashed(lines)
        told = Recipes::Sentences.of_steps(@recipe.lines).grep(MASHES).join(" ")
        named = lines.select { |line| WITH.include?(line.role) && Recipes::Sentences.name?(told, line) }
        named.group_by(&:role).filter_map do |role, found|
          found.last if role == "cheese" || lines.count { |line| line.role == role } > 1
        end
      end

      def mashed_in?(line) =
        %w[fat seasoning cheese].include?(line.role) ||
          (line.role == "liquid" && line.grams && line.grams.value <= Constants.fetch(:dishes, :mash_liquid_g))

      # A mash over a sauce; stirred with eggs or milk it is the filling itself.
      def spread?(group, at) =
        wet?(group.lines[0...at]) && group.lines[at..].none? { |line| %w[egg liquid].include?(line.role) }
      def raw?(line) = line.ingredient.to_s.start_with?("raw_")
    end
  end
end
