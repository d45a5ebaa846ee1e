# frozen_string_literal: true

module Restauro
  module Dishes
    # A sauce out of bottles that what is fried or baked is turned in when it is done.
    #   Needs name, list and @catalogue.
    module PlainToTurnIn
      private

      def to_turn_in?(_lines) = TurnedInSauce.named?(name)

      # Garlic in its fat first; what is sweet and sharp boiled down until it clings; seeds and leaves at the end.
      def to_turn_in(lines)
        late, pot = lines.partition { |line| over?(line) }
        late = [] if pot.none? { |line| line.role == "liquid" }
        soft = pot.select { |line| line.kind == "soften" }
        fats = soft.any? ? pot.select { |line| line.role == "fat" } : []
        early = Families::Companions.new(soft, @catalogue).early_steps(fats)
        [*early, boiled_down(lines - late - early.flat_map(&:uses)), *strewn_on(late)]
      end

      # Seeds, leaves, green onions in rings.
      def over?(line) =
        line.amount_text && (%w[herb table].include?(line.kind) || line.text.match?(STREWN))

      STREWN = DataFiles.words("dishes/words.yml").fetch(:strewn_on_a_sauce)
      private_constant :STREWN

      def boiled_down(lines) =
        Families::Step.new(kind: "simmer", minutes: Constants.fetch(:making, :melt_minutes), uses: lines,
                           text: "#{name}: #{list(lines)} into a wide pan; let it bubble.",
                           look_for: "it runs slowly off the spoon: it clings as it cools",
                           safety: lines.any? { |line| sugar?(line) } ? ["hot_sugar"] : [])

      def sugar?(line) = @catalogue.find_key(line.ingredient)&.group == "sugar"

      def strewn_on(lines)
        return [] if lines.empty?

        ready = "#{name}: have #{list(lines)} ready, to strew on what is turned in it."
        [Families::Step.new(kind: "mix", text: ready, uses: lines)]
      end
    end
  end
end
