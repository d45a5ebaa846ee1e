# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # Meat and roots that go in raw: turned in their starch, small where an oven's hour has to do, with what is poured
      # over them when they are in (common practice).
      #   Needs @swap, @lines, @filling and list.
      module RawPacked
        DRY = %w[flour starch thickener].freeze
        private_constant :DRY

        private

        def packed_raw
          steamed = @swap.ours.steamed?
          small = " and cut as small as peas" unless steamed
          Step.new(kind: "mix", uses: @lines, safety: [*@filling.safety, "raw_meat"],
                   text: "Filling: #{turned_in_starch}, all raw#{small}#{liquids_over}.",
                   look_for: steamed ? "no dry starch to be seen" : "nothing larger than a pea",
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
