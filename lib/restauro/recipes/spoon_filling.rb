# frozen_string_literal: true

module Restauro
  module Recipes
    # How full a spoon or cup is: heaped, sifted, scooped; fat and liquid are level by themselves.
    #   Needs @shares, of data/constants/uncertainty.yml.
    module SpoonFilling
      POWDERS = %w[flour starch blend meal binder seasoning leavener sugar crumb].freeze
      private_constant :POWDERS

      private

      def heaped(term, ingredient)
        return term.number unless term.heap && powder?(ingredient)

        number = term.number
        Estimate.new(
          value: number.value * @shares[term.heap],
          low: number.low * @shares[:"#{term.heap}_low"],
          high: number.high * @shares[:"#{term.heap}_high"]
        )
      end

      def filling(term, ingredient)
        return [@shares[:fat_volume]] * 2 if ingredient.fat?
        return [@shares[:liquid_volume]] * 2 unless powder?(ingredient)
        return [@shares[:powder_spoon]] * 2 if term.unit.spoon

        [@shares[:powder_cup_low], scooped_share(ingredient) || @shares[:powder_cup_high]]
      end

      def scooped_share(ingredient)
        ingredient.cup_scooped_g && (ingredient.cup_scooped_g / ingredient.cup_spooned_g) - 1
      end

      def fill(weight, ingredient, line)
        return weight unless powder?(ingredient)
        return weight * @shares[:sifted] if line.match?(/\bsifted\b/i)
        return weight unless line.match?(/\b(dipped|scooped|dip and sweep)\b/i) && (more = scooped_share(ingredient))

        scooped = weight.value * (1 + more)
        Estimate.within(scooped, @shares[:powder_spoon])
      end

      def powder?(ingredient) = POWDERS.include?(ingredient.group)
    end
  end
end
