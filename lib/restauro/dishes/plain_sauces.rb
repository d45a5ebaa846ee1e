# frozen_string_literal: true

module Restauro
  module Dishes
    # Sauces that no flour thickens: stirred together raw, cheese melted in cream, butter with leaves; and fish in what
    # it is poached in.   Needs name and list.
    module PlainSauces
      # Kinds that nobody eats raw.
      RAW = %w[poultry joint ground_poultry ground_meat sausage quick_meat whole_meat cured fish].freeze
      STIRRED, EATEN_RAW, RELISH, COOKED, UNBOILED =
        DataFiles.words("dishes/words.yml").values_at(:stirred_raw, :eaten_raw, :relish, :cooked, :never_boiled)
      TOMATOES = "tomato_passata"
      CURDLES = %w[plain_yogurt plant_yogurt sour_cream].freeze
      private_constant :STIRRED, :EATEN_RAW, :RELISH, :COOKED, :CURDLES

      # Whether cheese was had ready beside it, to go on at the end.   @param answer [PartAnswer]
      def self.cheese_apart?(answer) =
        answer.part.family.nil? &&
          answer.steps.any? { |step| step.kind == "mix" && step.uses.any? && cheese?(step.uses) }

      def self.cheese?(lines) = lines.all? { |line| line.role == "cheese" }
      private_class_method :cheese?

      private

      # A dip, a slaw, yogurt with herbs: nothing of it is cooked.
      def stirred?(lines)
        return false if lines.any? { |line| RAW.include?(line.kind) } || sauce_of_tomatoes?(lines) || buttery?(lines)

        return true if name.match?(STIRRED) || leaves_in_vinegar?(lines)
        return true if name.match?(RELISH) && lines.none? { |line| cooks?(line) }
        return true if lines.any? { |line| line.text.match?(UNBOILED) } && lines.none? { |line| cooks?(line) }

        liquids = lines.select { |line| line.role == "liquid" }
        liquids.any? { |line| CURDLES.include?(line.ingredient) } &&
          lines.none? { |line| cooks?(line) && !line.text.match?(EATEN_RAW) }
      end

      # Mint sauce, by what it is made of.
      def leaves_in_vinegar?(lines) =
        lines.any? { |line| line.kind == "herb" && line.amount_text } &&
          lines.any? { |line| line.ingredient.to_s.end_with?("vinegar") } &&
          lines.none? { |line| line.role == "fat" || cooks?(line) }

      # Out of a tin, with onion to soften: a salsa that is no dip.
      def sauce_of_tomatoes?(lines) =
        lines.any? { |line| line.ingredient == TOMATOES } && lines.any? { |line| line.kind == "soften" }

      def cooks?(line) = ![nil, "late", "cooked_egg", "cracked_egg", "herb", "table", "other"].include?(line.kind)

      # Cheese melted in cream: a sauce that no flour thickens.
      def melted?(lines)
        lines.any? { |line| line.role == "cheese" } && lines.any? { |line| line.role == "liquid" } &&
          lines.none? { |line| line.ingredient == TOMATOES } &&
          lines.none? { |line| cooks?(line) && !line.text.match?(EATEN_RAW) || line.role == "egg" }
      end

      def melted(lines)
        cheese, rest = lines.partition { |line| line.role == "cheese" }
        [
          Families::Step.new(
            kind: "simmer",
            text: "#{name}: warm #{list(rest)} gently; off the heat melt #{list(cheese)} in it, stirring.",
            uses: lines,
            minutes: Constants.fetch(:making, :melt_minutes),
            look_for: "smooth; it goes to strings and oil where it boils"
          )
        ]
      end

      # Fish in what it is poached in.
      def poached?(lines) =
        lines.any? { |line| line.kind == "fish" } && lines.any? { |line| line.role == "liquid" } &&
          lines.none? { |line| line.kind == "soften" || line.ingredient == TOMATOES }

      def poached(lines)
        fish, rest = lines.partition { |line| line.kind == "fish" }
        [
          Families::Step.new(
            kind: "simmer",
            text: "#{name}: bring #{list(rest)} to a bare simmer; lay in #{list(fish)}, lid on, low; lift it out.",
            uses: lines,
            minutes: Constants.fetch(:making, :poach_minutes),
            look_for: "opaque, and comes apart in flakes",
            safety: ["fish"]
          )
        ]
      end

      def stirred(lines)
        raw_egg = lines.any? { |line| line.role == "egg" && !line.text.match?(COOKED) }
        [
          Families::Step.new(
            kind: "mix",
            text: "#{name}: stir together #{Families::Companions.list(lines.map { |line| squeezed(line) })}.",
            uses: lines,
            safety: raw_egg ? ["raw_egg"] : []
          )
        ]
      end

      def foamed?(lines) =
        lines.any? { |line| line.role == "fat" } && lines.any? { |line| line.kind == "herb" } &&
          lines.all? { |line| %w[fat cheese].include?(line.role) || %w[herb soften].include?(line.kind) }

      # Butter and leaves to turn a dough in, cheese for the table.
      def foamed(lines)
        cheese, cooked = lines.partition { |line| line.role == "cheese" }
        fat, leaves = cooked.partition { |line| line.role == "fat" }
        over = "; #{list(cheese)} at the table" if cheese.any?
        [
          Families::Step.new(
            kind: "brown",
            text: "#{name}: let #{list(fat)} foam on medium with #{list(leaves)} in it#{over}.",
            uses: lines,
            look_for: "nutty, the leaves crisp; brown specks are right, black ones are not"
          )
        ]
      end
    end
  end
end
