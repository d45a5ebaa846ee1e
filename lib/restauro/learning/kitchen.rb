# frozen_string_literal: true

module Restauro
  module Learning
    # What a household's own trials taught: how strong its starches are and how much its flours drink, its oven, its
    # rings, the water in its roots, and how thick it likes things. Worked out again from the trials whenever they
    # change; a trial taken out takes its lesson along.
    class Kitchen
      # @param seen [Array<Seen>] oldest first
      # @param catalogue [Catalogue] the book
      # @param packs [Hash] key => the pack that is in use now
      def initialize(seen, catalogue, packs: {})
        @catalogue = catalogue
        @packs = packs
        @seen = seen.select { |one| one.shares.keys.all? { |key| Unknown.known?(key, catalogue) } }
        @beliefs = @seen.empty? ? {} : learnt
        freeze
      end

      # @return [Hash{String => Posterior::Belief}]
      attr_reader :beliefs

      def any? = beliefs.any?
      # @return [Float] on the book's figure; one where nothing is known
      def factor(key) = beliefs[key]&.factor || 1.0
      # Whether a factor is so close to the book that it is the book.
      def self.near?(factor) = (factor - 1).abs <= Constants.fetch(:learning, :near_share)
      # Whether it is far enough from the book to be said.
      def tells?(key) = beliefs.key?(key) && !Kitchen.near?(factor(key))

      # The book with what was learnt in front of it: strength with its own band, drink, water, stretch.
      # @return [Catalogue]
      def catalogue(base = @catalogue)
        changed = base.filter_map { |ingredient| changed(ingredient) }
        changed.empty? ? base : base.with(changed)
      end

      # @return [Float, nil] W of a ring's setting; nil where it was never seen
      def watts(setting) = beliefs["hob #{setting}"] && Physics::Pan.watts(setting) * factor("hob #{setting}")

      # How thick, or how wet, it is called right here, beside what the recipes had: by the house, and by those who eat.
      # @param who [Array<String>] their names   @return [Float] factor
      def liking(family, who: [])
        own = who.filter_map { |name| beliefs["liking #{family} #{name}"] }.map { |belief| Math.log(belief.factor) }
        factor("liking #{family}") * Math.exp(own.empty? ? 0.0 : own.sum / own.length)
      end

      # @param way [String, nil] fan or basket   @return [Oven]
      def oven(way: nil) = Oven.of(self, way: way)

      # How far off the book's figure may be, before anything is seen.   @return [Float] share, of nine in ten
      def doubt(key) = Math.exp(Constants.fetch(:learning, :band_90) * prior(key)) - 1

      # The one look that would take most of the doubt away, of what these ingredients are.
      # @param keys [Array<String>] unknowns in question
      # @return [Array(String, Float), nil] the unknown, and the share to which it would be known
      def next_look(keys = beliefs.keys)
        best = keys.select { |key| prior(key) }.max_by { |key| deviation(key)**2 - after(key)**2 } or return
        [best, Math.exp(Constants.fetch(:learning, :band_90) * after(best)) - 1]
      end

      # How a look at it is had best.
      def look(key) = Unknown.look(key)

      private

      def prior(key) = Unknown.prior(key, @catalogue)

      # Trials of packs that are gone tell of unknowns of their own; a new pack begins half way to the last of them.
      def learnt
        older =
          @seen
            .flat_map { |one| one.shares.keys.map { |key| named(key, one) } }
            .uniq
            .select { |name| name.include?("#") }
        first = posterior({})
        starts = older.each_with_object({}) do |name, found|
          found[name[/\A[^#]+/]] = Constants.fetch(:learning, :half_way) * first.mean(name)
        end
        last = posterior(starts)
        @deviations = names.to_h { |name| [name, last.deviation(name)] }
        (names + starts.keys).uniq.grep_v(/#/).to_h { |name| [name, last.belief(name)] }
      end

      def names = @seen.flat_map { |one| one.shares.keys.map { |key| named(key, one) } }.uniq

      # @param starts [Hash] where beliefs begin
      def posterior(starts)
        trials = @seen.map do |one|
          Trial.new(
            shares: one.shares.transform_keys { |key| named(key, one) },
            log_ratio: one.log_ratio,
            error: one.error
          )
        end
        Posterior.new(
          trials,
          priors: (names + starts.keys).uniq.to_h { |name| [name, prior(name[/\A[^#]+/])] },
          starts: starts
        )
      end

      # The unknown, or that of an older pack.
      def named(key, one)
        ingredient = Unknown.ingredient(key)
        now, old = @packs[ingredient], one.packs[ingredient]
        now && old && now != old ? "#{key}##{old}" : key
      end

      def deviation(key) = @deviations&.fetch(key, nil) || prior(key)
      def after(key) =
        (1.0 / (1.0 / deviation(key)**2 + 1.0 / Constants.fetch(:learning, Seen::ERRORS.fetch(look(key)))**2))**0.5

      def changed(ingredient)
        strength, drink, water, stretch =
          beliefs.values_at(*["", "drink ", "water ", "stretch "].map { |kind| kind + ingredient.key })
        return unless strength || drink || water || stretch

        ingredient = ingredient.at_water((ingredient.water_pct * water.factor).clamp(0.0, 99.0)) if water &&
          ingredient.water_pct.positive?
        ingredient.learnt(
          power: strength&.factor,
          drink: drink&.factor,
          stretch: stretch&.factor,
          power_share: strength && Math.log(strength.high / strength.factor).abs
        )
      end
    end
  end
end
