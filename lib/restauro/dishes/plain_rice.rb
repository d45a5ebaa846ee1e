# frozen_string_literal: true

module Restauro
  module Dishes
    # Rice that a coat goes around: cooked stiff in its stock.   Needs @catalogue, name and list.
    module PlainRice
      private

      def rice?(lines) = name == RiceBalls::NAME && lines.any? { |line| RiceBalls.raw?(line) }

      # Stirred in the fat, and its stock by the ladle; cheese that melts goes in the middle of each.
      def rice(lines)
        grain, others = lines.partition { |line| RiceBalls.raw?(line) }
        stock, rest = others.partition { |line| line.role == "liquid" }
        fats = rest.select { |line| line.role == "fat" }
        soft = Families::Companions.new(rest.select { |line| line.role == "other" }, @catalogue).early_steps(fats)
        left = rest - soft.flat_map(&:uses)
        [*soft, ladled(grain, stock), (stirred_into_rice(left) if left.any?)].compact
      end

      def ladled(grain, stock)
        Families::Step.new(kind: "simmer", uses: grain + stock, minutes: Constants.fetch(:making, :risotto_minutes),
                           text: "#{name}: stir in #{list(grain)}; then #{list(stock)}, hot, by the ladle, stirring.",
                           look_for: "a grain still firm in its middle; stiff enough to stand")
      end

      def stirred_into_rice(left)
        Families::Step.new(kind: "finish", uses: left,
                           text: "#{name}: off the heat, stir in #{list(left)}; what melts may go in the middle.")
      end
    end
  end
end
