# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # Fruit in its own juice, tossed with what binds that.   Needs @filling, @lines, left, list and group.
      module FruitFilling
        private

        # Fruit in its own juice: no liquid is poured.
        def juicy? = @filling.fruit? && @lines.none? { |line| line.role == "liquid" && line.grams&.value.to_f > most_g }
        def most_g = Constants.fetch(:crust, :juicy_liquid_g)

        def toss
          dry =
            left.select { |line| %w[thickener starch flour seasoning].include?(line.role) || group(line) == "sugar" }
          Step.new(kind: "mix", text: "Filling: #{tossed(dry, left - dry)}.", uses: left,
                   look_for: ("no dry starch to be seen" if dry.any?))
        end

        def tossed(dry, rest)
          return "stir #{list(dry)} together dry, then toss with #{list(rest)}" if dry.length > 1
          return "toss #{list(rest)} with #{list(dry)}" if dry.any?

          rest.length > 1 ? "toss #{list(rest)} together" : "have ready #{list(rest)}"
        end
      end
    end
  end
end
