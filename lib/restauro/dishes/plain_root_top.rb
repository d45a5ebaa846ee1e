# frozen_string_literal: true

module Restauro
  module Dishes
    # Potatoes and roots that lie over what is baked, and are no mash: grated raw, or in slices that are soft before the
    # rest is brown (common practice).   Needs @part, name, list, root and figure.
    module PlainRootTop
      GRATED, SLICED, MASH = DataFiles.words("dishes/words.yml").values_at(:grated_roots, :sliced, :mash_by_name)
      private_constant :GRATED, :SLICED, :MASH

      # How they go over it.   @param part [PartAnswer]   @return [String, nil] nil for any other topping
      def self.over(part)
        return unless part.part.family.nil? && part.part.place == :top

        cut = cut(part.lines, part.name.to_s)
        {grated: "strew", sliced: "lay"}[cut]
      end

      # @param lines [Array<Recipes::Line>]   @param name [String]   @return [Symbol, nil] grated, sliced
      def self.cut(lines, name)
        roots = lines.select { |line| Families::Dough::Contents.raw?(line.ingredient) }
        return if roots.empty? || [name, *lines.map(&:text)].any?(MASH)
        return :grated if roots.any? { |line| line.text.match?(GRATED) } || name.match?(GRATED)

        :sliced if roots.any? { |line| line.text.match?(SLICED) }
      end

      private

      def root_top?(lines) = @part.place == :top && !PlainRootTop.cut(lines, name).nil?

      def root_top(lines)
        roots, rest = lines.partition { |line| Families::Dough::Contents.raw?(line.ingredient) }
        turned = "turn them in #{list(rest)}" if rest.any?
        return [squeezed_dry(roots, rest, turned)] if PlainRootTop.cut(lines, name) == :grated
        return [raw(roots, rest)] if Said.of(@part.recipe).bake_minutes.to_f >= figure(:oven_stew_minutes)

        [Families::Step.new(kind: "boil", uses: roots, minutes: figure(:sliced_top_minutes),
                            text: "#{name}: parboil #{list(roots)} in salted water; drain, let them steam dry.",
                            look_for: "they bend, and do not break"),
         (Families::Step.new(kind: "mix", uses: rest, text: "#{turned[0].upcase}#{turned[1..]}.") if turned)].compact
      end

      # An hour or more in the oven is enough for them.
      def raw(roots, rest)
        brushed = "; #{list(rest)}, melted, to brush them with" if rest.any?
        Families::Step.new(kind: "mix", uses: roots + rest, look_for: "as thick as a coin, no two stuck together",
                           text: "#{name}: #{list(roots)} in thin slices, raw, to lie over it like scales#{brushed}.")
      end

      def squeezed_dry(roots, rest, turned)
        Families::Step.new(kind: "mix", uses: roots + rest, look_for: "no more water runs out: wet they stew",
                           text: "#{name}: salt #{list(roots)}, grated raw, and squeeze them dry in a cloth" \
                                 "#{"; #{turned}" if turned}.")
      end
    end
  end
end
