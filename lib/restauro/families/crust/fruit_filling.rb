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

        # Beside fruit and a fat to toast them in: they drink its juice and stay loose (common practice).
        # @return [Array<Recipes::Line>]
        def crumbs_for_juice
          there = @lines.any? { |line| group(line) == "fruit" } && @lines.any? { |line| line.role == "fat" }
          there ? @lines.select { |line| line.role == "crumb" } : []
        end

        def crumbs
          return if crumbs_for_juice.empty?

          Step.new(kind: "brown", uses: crumbs_for_juice + fats, look_for: "golden all through; off the pan at once",
                   minutes: Constants.fetch(:making, :toast_crumbs_minutes),
                   text: "Toast #{list(crumbs_for_juice)} in #{list(fats)} on medium, stirring.")
        end

        # Sugar and butter in the pan that goes into the oven, the fruit laid in it.
        def caramel
          sweet, rest = left.partition { |line| group(line) == "sugar" || line.role == "fat" }
          Step.new(kind: "simmer", uses: left, minutes: Constants.fetch(:making, :caramel_minutes),
                   safety: ["hot_filling"],
                   text: "Filling: in the pan that goes into the oven melt #{list(sweet)} to a caramel; lay in " \
                         "#{list(rest)}, close together, and let it bubble.",
                   look_for: "amber, and the fruit begins to soften")
        end

        def toss
          return caramel if FillingSwap.caramel?(@swap.ours.recipe)

          dry =
            left.select { |line| %w[thickener starch flour seasoning].include?(line.role) || group(line) == "sugar" }
          Step.new(kind: "mix", text: "Filling: #{tossed(dry, left - dry)}.", uses: left,
                   look_for: (dry_look(dry) if dry.any?))
        end

        def dry_look(dry) = dry.all? { |line| sweet?(line) } ? "sugar all over" : NO_STARCH

        NO_STARCH = "no dry starch to be seen"
        private_constant :NO_STARCH
        def sweet?(line) = group(line) == "sugar"

        def tossed(dry, rest)
          return "stir #{list(dry)} together dry, then toss with #{list(rest)}" if dry.length > 1
          return "toss #{list(rest)} with #{list(dry)}" if dry.any?

          rest.length > 1 ? "toss #{list(rest)} together" : "have ready #{list(rest)}"
        end

        # Of fruit that is there whole, and of what was read as its juice.
        def zest(citrus, juices)
          return " with the grated zest and the juice of #{list(citrus)}" if citrus.any?

          " with the grated zest of the fruit" if juices.any? { |line| Recipes::Squeezed.zest?(line) }
        end
      end
    end
  end
end
