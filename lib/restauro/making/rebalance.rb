module Restauro
  module Making
    # What to do when too much of a line went in: all the others grow with it, or one line brings the texture back.
    #   key scale or correct · words · targets Hash of item id => new grams
    Rebalance = Value.of(:key, :words, :targets) do
      # @param plan [Plan]   @param targets [Hash{String => Float}] g that are wanted of each item now
      # @param weighed [Hash{String => Float}] g that are in
      # @param item [Item] the one with too much
      # @param grams [Float] g of it
      # @return [Array<Rebalance>]
      def self.options(plan, catalogue, targets:, weighed:, item:, grams:)
        wanted = targets.fetch(item.id)
        return [] if wanted <= 0 || grams <= wanted

        [
          scaled(plan, targets, weighed, item, grams / wanted),
          corrected(plan.of_part(item.part), catalogue, targets, weighed, item, grams)
        ].compact
      end

      def self.scaled(plan, targets, weighed, item, factor)
        fresh = targets.to_h { |id, g| [id, (g * factor).round(1)] }
        more = plan.items.select do |other|
          other.id != item.id && weighed.key?(other.id) && fresh[other.id] - weighed[other.id] > Rebalance::LEAST_G
        end
        additions = more.map { |other| add(fresh[other.id] - weighed[other.id], other) }
        top_up = " What is in already gets a little more: #{additions.join(", ")}." if more.any?
        new(key: "scale", targets: fresh, words: "Make #{(100 * (factor - 1)).round} % more of everything.#{top_up}")
      end

      def self.add(grams, item) = "#{Recipes::WeighedLine.tenths(grams.round(1))} g #{item.name}"

      def self.corrected(plan, catalogue, targets, weighed, item, grams)
        partner = partner(plan, catalogue, item) or return
        now = targets.merge(item.id => grams.round(1))
        return unless plan.family

        sauce = Families.fetch(plan.family, catalogue).metric == :flour_equivalents
        fresh =
          sauce ? by_body(plan, catalogue, targets, now, partner) : by_ratio(plan, catalogue, targets, now, partner)
        return if fresh.nil? || !fresh.finite? || fresh < (weighed[partner.id] || 0.0) + Rebalance::LEAST_G

        grows = fresh - (weighed[partner.id] || 0.0)
        instead = "Take #{add(fresh, partner)} instead of #{Recipes::WeighedLine.tenths(targets[partner.id])} g."
        words = weighed.key?(partner.id) ? "Add #{add(grows, partner)} to bring the texture back." : instead
        new(key: "correct", targets: now.merge(partner.id => fresh.round(1)), words: words)
      end

      # Liquid for what is dry, the main flour for what is wet.
      def self.partner(plan, catalogue, item)
        ingredient = catalogue.find_key(item.key)
        return unless ingredient

        wet = ingredient.liquid? || %w[egg puree curd].include?(ingredient.group)
        return if !wet && !(ingredient.starchy? || ingredient.group == "binder")

        fits = plan.items.select do |other|
          other.id != item.id && (found = catalogue.find_key(other.key)) && (wet ? found.starchy? : found.liquid?)
        end
        fits.max_by(&:grams)
      end

      # The partner's grams that give a sauce its body back: as much power to as much liquid.
      def self.by_body(plan, catalogue, targets, now, partner)
        liquid = catalogue.fetch(partner.key).liquid?
        before, after =
          [targets, now].map { |amounts| [body(plan, catalogue, amounts), poured(plan, catalogue, amounts)] }
        return if before.any?(&:zero?)
        return now[partner.id] + before[1] * after[0] / before[0] - after[1] if liquid

        now[partner.id] + (before[0] * after[1] / before[1] - after[0]) / catalogue.fetch(partner.key).thick_power
      end

      def self.body(plan, catalogue, amounts)
        plan.items.sum do |item|
          catalogue.find_key(item.key).then { |found| found&.thickens? ? found.thick_power * amounts[item.id] : 0.0 }
        end
      end

      def self.poured(plan, catalogue, amounts) =
        plan.items.sum { |item| catalogue.find_key(item.key)&.liquid? ? amounts[item.id] : 0.0 }

      # The partner's grams that give the water ratio back.
      def self.by_ratio(plan, catalogue, targets, now, partner)
        dough = plan.items.select { |item| item.key && item.bowl != "filling" }
        parts = ->(amounts) { dough.map { |item| [catalogue.fetch(item.key), amounts.fetch(item.id)] } }
        ratio = Hydration::WaterRatio.of(parts[targets]) or return
        rest = parts[now.merge(partner.id => 0.0)]
        ingredient = catalogue.fetch(partner.key)
        free, held = Hydration::WaterRatio.free(rest), Hydration::WaterRatio.held(rest)
        share = Hydration::WaterRatio.free_share(ingredient)
        (ratio * held - free) / (share - ratio * ingredient.hold_g_per_g)
      end
    end
    Rebalance::LEAST_G = 0.05
  end
end
