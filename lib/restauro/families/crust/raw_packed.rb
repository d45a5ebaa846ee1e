# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # Meat and roots that go in raw: turned in their starch, small where an oven's hour has to do, with what is poured
      # over them when they are in (common practice).
      #   Needs @swap, @lines, @filling and list.
      module RawPacked
        DRY = %w[flour starch thickener].freeze
        # Mince is small already.
        IN_PIECES = %w[whole_meat quick_meat simmer].freeze
        private_constant :DRY, :IN_PIECES

        private

        def packed_raw
          steamed = @swap.ours.steamed?
          small = !steamed && @lines.any? { |line| line.ingredient == "raw_potato" || IN_PIECES.include?(line.kind) }
          Step.new(kind: "mix", uses: @lines, safety: [*@filling.safety, "raw_meat"],
                   text: "Filling: #{turned_in_starch}, all raw#{" and cut as small as peas" if small}#{liquids_over}.",
                   look_for: small ? "nothing larger than a pea" : "the same all through",
                   caution: steamed ? "Steam it at once." : "Bake them at once.")
        end

        def turned_in_starch
          starch, rest = (@lines - liquids).partition { |line| DRY.include?(line.role) }
          return "mix #{list(rest)}" if starch.empty?

          meats, rest = rest.partition { |line| RawFilling::MEATS.include?(line.kind) }
          ["toss #{list(meats)} in #{list(starch)}", ("mix in #{list(rest)}" if rest.any?)].compact.join("; ")
        end

        def liquids = @lines.select { |line| line.role == "liquid" }
        def liquids_over = ("; when it is in, #{list(liquids)} over it" if liquids.any?)
      end
    end
  end
end
