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
        {
          ingredients: ingredients,
          stretch: of_kind("stretch", :stretch_factor),
          oven: oven,
          hob: hob,
          next: narrowest
        }.reject { |name, found| name == :stretch && found.empty? }
      end

      private

      def keys(kind) = @priors.keys.select { |key| Unknown.split(key).first == kind }
      def ingredients =
        keys("strength").to_h { |key| [key, factor(key, :power_factor).merge(trials: @posterior.belief(key).trials)] }
      def of_kind(kind, name) =
        keys(kind).to_h do |key|
          [Unknown.split(key).last, factor(key, name).merge(trials: @posterior.belief(key).trials)]
        end

      def factor(key, name)
        belief = @posterior.belief(key)
        {name => belief.factor.round(3), :low => belief.low.round(3), :high => belief.high.round(3)}
      end

      # Its minutes first, what was seen of it besides after.
      def oven
        found = {}
        found.merge!(factor("oven", :minutes_factor)) if known?("oven")
        Observations::WAYS.each do |way|
          found[way.to_sym] = factor("oven #{way}", :minutes_factor) if known?("oven #{way}")
        end
        found[:offset] = offset if known?("oven offset")
        {"oven side" => :right_over_left, "oven depth" => :back_over_front}.each do |key, name|
          found[name] = factor(key, :factor) if known?(key)
        end
        found.empty? ? nil : found
      end

      def known?(key) = @priors.key?(key)

      def offset
        belief = @posterior.belief("oven offset")
        {kelvin: belief.factor, low: belief.low, high: belief.high}.transform_values do |factor|
          Oven.kelvin(factor).round(1)
        end
      end

      def hob
        @priors
          .keys
          .grep(/\Ahob /)
          .to_h do |key|
            usual = Physics::Pan.watts(key.delete_prefix("hob "))
            belief = @posterior.belief(key)
            [
              key.delete_prefix("hob "),
              {
                watts: (usual * belief.factor).round,
                low: (usual * belief.low).round,
                high: (usual * belief.high).round
              }
            ]
          end
      end

      # Where one more look takes most of the doubt away.
      def narrowest
        key = @priors.keys.max_by { |one| gain(one) } or return
        half = Constants.fetch(:learning, :band_90) * @posterior.deviation_after(key, error(key))
        {
          text: "#{ask(key)} would narrow it to give or take #{(100 * (Math.exp(half) - 1)).round} %",
          narrows_to: (Math.exp(half) - 1).round(3)
        }
      end

      def gain(key) = @posterior.deviation(key)**2 - @posterior.deviation_after(key, error(key))**2
      def error(key) = Constants.fetch(:learning, Seen::ERRORS.fetch(Unknown.look(key)))

      def ask(key)
        _, what = Unknown.split(key)
        case Unknown.look(key)
        when "oven"
          "timing one bake to its end"
        when "thermometer"
          "a thermometer in the middle of the oven, once it is hot,"
        when "side"
          "looking once which side browned first"
        when "hob"
          "bringing half a litre of water to the boil on #{what.tr("_", " ")}, with a clock,"
        when "stretch"
          "one test piece of a dough with #{@catalogue.fetch(what).say}"
        else
          "one plate test of a sauce with #{@catalogue.fetch(what).say}"
        end
      end
    end
  end
end
