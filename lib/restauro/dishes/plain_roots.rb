# frozen_string_literal: true

module Restauro
  module Dishes
    # Potatoes and roots beside a dish: chips out of the fat, or brown from the oven, with a dusting or none.
    #   Needs @part, @catalogue, name, list and roasted.
    module PlainRoots
      ROOTS, FROM_THE_OVEN = DataFiles.words("dishes/words.yml").values_at(:roasted_roots, :roasted_in_name)
      DUSTS = %w[flour starch thickener].freeze
      private_constant :ROOTS, :FROM_THE_OVEN, :DUSTS

      private

      def chips?(lines) = name.match?(ROOTS) && lines.any? { |line| root?(line) || line.kind == "simmer" }

      def chips(lines)
        fat, rest = lines.partition { |line| line.role == "fat" }
        dust, roots = rest.partition { |line| DUSTS.include?(line.role) }
        oven, minutes = roasted(lines, name.gsub(FROM_THE_OVEN, ""))
        return twice_in_fat(roots, dust, fat) unless oven || name.match?(FROM_THE_OVEN)

        oven ||= Kitchen::OvenTemperature.new(celsius: figure(:roasted_roots_celsius))
        from_the_oven(roots, dust + fat, oven, minutes || figure(:roasted_roots_minutes))
      end

      # Ahead of whatever has crumbs or batter on it, while the oil is clean.
      def twice_in_fat(roots, dust, fat)
        into = " in #{list(fat)}" if fat.any?
        turned = ", turned in #{list(dust)}" if dust.any?
        [
          Families::Step.new(
            kind: "fry",
            uses: roots + dust + fat,
            look_for: "soft, still pale; hot and golden the second time",
            text: "#{name}: #{list(roots)} in sticks, rinsed and dried well#{turned}; fry them#{into} until soft, " \
                  "lift them out, and again, hotter, at the end. Or on an oiled tray in a hot oven.",
            safety: ["hot_oil"]
          )
        ]
      end

      # Rough at the edges, where they go crisp (common practice).
      def from_the_oven(roots, turned, oven, minutes)
        fat = turned.reject(&:to_fry_in?)
        [Families::Step.new(kind: "boil", uses: roots, minutes: figure(:parboiled_minutes),
                            text: "#{name}: parboil #{list(roots)} in salted water; drain, let them steam dry.",
                            look_for: "soft at the edge, firm within"),
         Families::Step.new(kind: "preheat", text: "Heat the oven to #{oven.say}, the tray in it.",
                            celsius: oven.celsius, minutes: Constants.fetch(:crust, :preheat_minutes)),
         Families::Step.new(kind: "bake", uses: turned, celsius: oven.celsius, minutes: minutes, attended: false,
                            text: "Turn them in #{fat.any? ? list(fat) : "a film of fat"}, in one layer on the " \
                                  "hot tray; roast at #{oven.say}, turned once.",
                            look_for: "golden and crisp at the edges", safety: ["hot_oil"])]
      end

      def root?(line) = Families::Dough::Contents.raw?(line.ingredient)
      def figure(name) = Constants.fetch(:dishes, name)
    end
  end
end
