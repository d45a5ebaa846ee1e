module Restauro
  module Making
    # A thing to weigh.   id String · key of the catalogue or nil · name · grams g · spoons kitchen measure or nil ·
    # bowl where it goes · part of the dish, or nil lookalike Hash of what to ask before it is poured, or nil
    Item = Struct.new(:id, :key, :name, :grams, :spoons, :bowl, :lookalike, :part, keyword_init: true) do
      def initialize(lookalike: nil, spoons: nil, key: nil, part: nil, **)
        super
        freeze
      end

      # How far off is near enough.   @param grams [Float] what is wanted   @return [Float] g
      def self.tolerance(grams)
        fine = Constants.fetch(:making, :tolerance_fine_share) * grams
        [
          [Constants.fetch(:making, :tolerance_share) * grams, Constants.fetch(:making, :tolerance_least_g)].max,
          [fine, 0.1].max
        ].min.round(2)
      end

      # Whether a scale of such steps is too coarse for it: spoons do better.
      def self.spoons_better?(grams, resolution) = grams < Constants.fetch(:making, :spoon_steps) * resolution
    end
  end
end
