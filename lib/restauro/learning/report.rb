# frozen_string_literal: true

module Restauro
  module Learning
    # What was learnt, in the command line's fixed words, and the one observation that would narrow it most.
    class Report
      def initialize(observations, catalogue)
        @catalogue = catalogue
        @priors = observations.priors
        @posterior = Posterior.new(observations.trials, priors: @priors)
        freeze
      end

      # @return [Hash] every band of 90 %
      def to_h
        oven = @priors.key?(Observations::OVEN) ? factor(Observations::OVEN, :minutes_factor) : nil
        {ingredients: ingredients, oven: oven, hob: hob, next: narrowest}
      end

      private

      def ingredients
        keys = (@priors.keys - [Observations::OVEN]).grep_v(/\Ahob /)
        keys.to_h { |key| [key, factor(key, :power_factor).merge(trials: @posterior.belief(key).trials)] }
      end

      def factor(key, name)
        belief = @posterior.belief(key)
        {name => belief.factor.round(3), low: belief.low.round(3), high: belief.high.round(3)}
      end

      def hob
        @priors.keys.grep(/\Ahob /).to_h do |key|
          usual = Physics::Pan.watts(key.delete_prefix("hob "))
          belief = @posterior.belief(key)
          [key.delete_prefix("hob "), {watts: (usual * belief.factor).round, low: (usual * belief.low).round, high: (usual * belief.high).round}]
        end
      end

      # Where one more look takes most of the doubt away.
      def narrowest
        key = @priors.keys.max_by { |one| gain(one) } or return
        half = Constants.fetch(:learning, :band_90) * @posterior.deviation_after(key, error(key))
        {text: "#{ask(key)} would narrow it to give or take #{(100 * (Math.exp(half) - 1)).round} %", narrows_to: (Math.exp(half) - 1).round(3)}
      end

      def gain(key) = @posterior.deviation(key)**2 - @posterior.deviation_after(key, error(key))**2

      def error(key)
        name = key == Observations::OVEN ? :seen_oven : (key.start_with?("hob ") ? :seen_hob : :seen_plate_test)
        Constants.fetch(:learning, name)
      end

      def ask(key)
        return "timing one bake to its end" if key == Observations::OVEN
        ring = key[/\Ahob (.+)/, 1]&.tr("_", " ")
        return "bringing half a litre of water to the boil on #{ring}, with a clock," if ring

        "one plate test of a sauce with #{@catalogue.fetch(key).say}"
      end
    end
  end
end
