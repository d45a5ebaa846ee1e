# frozen_string_literal: true

module Restauro
  module Learning
    # What is believed after the trials: a normal belief about each unknown's logarithm, several at once. One wild
    # reading hardly moves it, since its weight falls as it lies far off (Student's tails, iterated); old trials count a
    # little less than new ones.
    class Posterior
      ROUNDS = 12

      # Belief about one unknown.   factor on the catalogue's figure, low and high of its 90 % band · trials that told
      # of it
      Belief = Struct.new(:factor, :low, :high, :trials, keyword_init: true)

      # @param trials [Array<Trial>] oldest first
      # @param priors [Hash{String => Float}] one standard deviation of each unknown's logarithm
      # @param starts [Hash{String => Float}] where an unknown's belief begins, in logarithms: a new pack of a flour
      #   that is known, half way back
      def initialize(trials, priors:, starts: {})
        @trials = trials
        @keys = priors.keys
        @priors = priors
        @starts = starts
        @weights = Array.new(trials.length, 1.0)
        settle
      end

      # @return [Belief]
      def belief(key)
        at = @keys.index(key)
        half = Constants.fetch(:learning, :band_90) * Math.sqrt(@covariance[at][at])
        Belief.new(
          factor: Math.exp(@mean[at]),
          low: Math.exp(@mean[at] - half),
          high: Math.exp(@mean[at] + half),
          trials: count(key)
        )
      end

      # @return [Float] of the log factor
      def deviation(key) = @keys.index(key).then { |at| Math.sqrt(@covariance[at][at]) }
      # @return [Float] of the log factor
      def mean(key) = @mean[@keys.index(key)]

      # How sure one would be of an unknown after one more trial of it alone, seen with this error.
      # @return [Float] standard deviation
      def deviation_after(key, error) = (1.0 / (1.0 / deviation(key)**2 + 1.0 / error**2))**0.5

      private

      def count(key) = @trials.count { |trial| !trial.shares.fetch(key, 0.0).zero? }

      # Weights by how far each trial lies from what is believed, until they stand.
      def settle
        (@trials.empty? ? 1 : ROUNDS).times do
          solve
          @weights = @trials.map { |trial| weight(trial) }
        end
      end

      def weight(trial)
        nu = Constants.fetch(:learning, :tail_freedom)
        off = (trial.log_ratio - expected(trial)) / trial.error
        (nu + 1) / (nu + off**2)
      end

      def expected(trial) = trial.shares.sum { |key, share| share * @mean[@keys.index(key)] }
      def age(index) = Constants.fetch(:learning, :kept_per_trial)**(@trials.length - 1 - index)

      # Normal equations: precision of the priors and of the trials, and what they pull towards.
      def solve
        precision = @keys.map { |row| @keys.map { |column| row == column ? 1.0 / @priors[row]**2 : 0.0 } }
        pull = @keys.map { |key| @starts.fetch(key, 0.0) / @priors[key]**2 }
        @trials.each_with_index do |trial, index|
          add(trial, @weights[index] * age(index) / trial.error**2, precision, pull)
        end
        @covariance = inverse(precision)
        @mean = @covariance.map { |row| row.zip(pull).sum { |a, b| a * b } }
      end

      def add(trial, weight, precision, pull)
        trial.shares.each do |one, share|
          at = @keys.index(one)
          pull[at] += weight * share * trial.log_ratio
          trial.shares.each { |other, more| precision[at][@keys.index(other)] += weight * share * more }
        end
      end

      # Gauss and Jordan; the matrix is small and positive definite.
      def inverse(matrix)
        size = matrix.length
        rows =
          matrix.each_with_index.map { |row, index| row + Array.new(size) { |column| column == index ? 1.0 : 0.0 } }
        size.times do |pivot|
          scale = rows[pivot][pivot]
          rows[pivot] = rows[pivot].map { |value| value / scale }
          (0...size).each do |other|
            next if other == pivot

            factor = rows[other][pivot]
            rows[other] = rows[other].zip(rows[pivot]).map { |value, above| value - factor * above }
          end
        end
        rows.map { |row| row.last(size) }
      end
    end
  end
end
