module Restauro
  module Cupboard
    # All the packs. Several packs of one ingredient count together; the one longest open is used first.
    class Shelf
      include Enumerable

      # @param findings [Array<String, nil>]   @return [String, nil] the one to be most careful with
      def self.worst(findings) = findings.compact.min_by { |finding| Labels::FINDINGS.index(finding) }

      # @param packs [Array<Pack>]
      def initialize(packs = [])
        @packs = packs.sort_by { |pack| [pack.opened_on ? 0 : 1, pack.opened_on.to_s, pack.id.to_i] }.freeze
        @by_key = @packs.group_by(&:key).each_value(&:freeze).freeze
        freeze
      end

      # @yieldparam pack [Pack]
      def each(&block) = @packs.each(&block)
      # @return [Array<Pack>] of one ingredient, in the order they are used
      def of(key) = @by_key.fetch(key, [])
      def holds?(key) = of(key).any? { |pack| pack.grams_left.positive? }
      # @return [Float] g of one ingredient in all its packs
      def grams_left(key) = of(key).sum(0.0, &:grams_left)
      def empty? = @packs.empty?

      # What can be chosen first: what is there, and whose labels do not stand in the way.
      # @return [Array<String>] keys
      def offered = @by_key.keys.select { |key| holds?(key) && label(key).empty? }

      # The catalogue with the packs' own flours beside its own.
      def catalogue(facts)
        own = @packs.map(&:ingredient).reject { |ingredient| facts.key?(ingredient.key) }.uniq(&:key)
        own.empty? ? facts : facts.with(own)
      end

      # What some grams cost, from the packs in the order they are used.
      # @return [Float, nil] nil when a price is missing or there is none
      def cost(key, grams)
        pack = of(key).find(&:price)
        pack&.cost(grams)
      end

      # What the packs have to say of a dish's lines: too little left, or a label that stands in the way.
      # @param lines [Array<Recipes::Line>] gluten-free side   @return [Array<Warning>]
      def warnings(lines)
        needs =
          lines
            .select(&:counted?)
            .group_by(&:ingredient)
            .transform_values { |same| same.sum { |line| line.grams.value } }
        needs.flat_map { |key, grams| of(key).empty? ? [] : [*too_little(key, grams), *label(key)] }
      end

      # What the labels of the packs of one ingredient have against it.   @return [Array<Warning>]
      def label(key)
        worst = Shelf.worst(of(key).select { |pack| pack.grams_left.positive? }.map(&:finding))
        name = of(key).first&.ingredient&.say
        case worst
        when "contains"
          [
            Warning.new(
              code: :pack_contains,
              text: "our #{name}'s label names gluten: not for a coeliac; use another pack"
            )
          ]
        when "may_contain"
          [
            Warning.new(
              code: :pack_may_contain,
              text: "our #{name}'s label says it may hold gluten: ask the maker, or use a pack labelled gluten free"
            )
          ]
        when "cannot_tell"
          [
            Warning.new(
              code: :pack_cannot_tell,
              text: "our #{name}'s label is in no language that is read here: have it read before a coeliac eats"
            )
          ]
        else
          []
        end
      end

      # The finding of a jar mixed from packs: the worst of them; none was found only where every label was read.
      # @param needs [Hash] key => g
      # @return [String, nil]
      def finding_of(needs)
        drawn = taken(needs).keys
        findings = @packs.select { |pack| drawn.include?(pack.id) }.map(&:finding)
        worst = Shelf.worst(findings)
        worst == "none_found" && (findings.any?(&:nil?) || needs.keys.any? { |key| !holds?(key) }) ? nil : worst
      end

      # @raise [InvalidInput] where there is less of something than a jar takes
      def enough!(needs)
        short = needs.find { |key, grams| grams_left(key) < grams } or return
        name = of(short.first).first&.ingredient&.say || short.first.tr("_", " ")
        raise InvalidInput,
              "this takes #{short.last.round} g #{name} and #{grams_left(short.first).round} g is in the cupboard: " \
                "mix a smaller jar, leave it out, or write its pack down first"
      end

      # How much comes off each pack when a dish is cooked.
      # @param needs [Hash] key => g
      # @return [Hash] pack id => g, never more than is left
      def taken(needs)
        needs.each_with_object({}) do |(key, grams), taken|
          left = grams
          of(key).each do |pack|
            share = [left, pack.grams_left].min
            taken[pack.id] = share if share.positive?
            left -= share
          end
        end
      end

      private

      def too_little(key, grams)
        left = grams_left(key)
        return [] if left >= grams

        name = of(key).first.ingredient.say
        [
          Warning.new(
            code: :too_little_left,
            text: "only #{left.round} g #{name} is left in the cupboard, this takes #{grams.round} g"
          )
        ]
      end
    end
  end
end
