# frozen_string_literal: true

module Restauro
  module Dishes
    # One list of meatballs and the sauce they go into.   Needs @title, part, pieces and flour?.
    module BoundInList
      private

      # Meatballs before the sauce they go into: mince, egg, crumbs and what is mixed in with them.
      def bound(group)
        return rolled_in_flour(group) if group.label.nil? && Families::Breading::DustedCakes.of?(@recipe)
        return unless Bound.named?(@title)
        return [group] if Bound.stirred_together?(group.lines, @title)

        # A yolk behind the flour is the sauce's.
        flour = group.lines.rindex { |line| Bound.thickens?(line) && !Bound.dusts?(line) }
        last = group.lines[0..flour].rindex { |line| Bound.binds?(line) || Bound.mince?(line) } or return
        cut = group.lines.each_index.find { |at| at > last && begins_the_sauce?(group.lines, at) }
        return if group.label || cut.nil?

        mixed, sauce = group.lines[0...cut], group.lines[cut..]
        return unless Bound.by_crumbs?(mixed, @title) && sauce.any? { |line| flour?(line) }

        [part(@title[Bound::WORDS].capitalize, mixed), *pieces(part("Sauce", sauce))]
      end

      # Cakes that are rolled in the only flour, the fat behind it theirs, and a sauce in the same list.
      def rolled_in_flour(group)
        lines = group.lines
        flour = lines.index { |line| Bound.dusts?(line) || flour?(line) }
        behind = lines.drop(flour + 1).drop_while { |line| line.role == "fat" }
        return unless behind.any? { |line| line.role == "liquid" }

        [part(nil, lines - behind), part("Sauce", behind)]
      end

      # Its fat, flour or liquid; mushrooms, and what is softened behind the flour that they are rolled in.
      def begins_the_sauce?(lines, at)
        line = lines[at]
        return false if Bound.dusts?(line) || Bound.soaks?(lines, at)
        return true if %w[fat flour liquid].include?(line.role) || line.text.match?(Bound::MUSHROOMS)

        line.kind == "soften" && lines.first(at).any? { |one| Bound.dusts?(one) }
      end
    end
  end
end
