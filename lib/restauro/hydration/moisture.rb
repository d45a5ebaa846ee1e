module Restauro
  module Hydration
    # How wet a purée is: weighed before and after it was cooked, or by how it looks or pinches.
    #   water Float % of weight · points Float how far off that may be · how :weighed, :seen or :told
    Moisture = Value.of(:water, :points, :how) do
      def self.told(puree) = new(water: puree.water_pct, points: Constants.fetch(:moisture, :band_told), how: :told)

      # By mass balance: the solids stay, w1 = 1 - (1 - w0) m0/m1.
      # @param puree [Ingredient]   @param raw_water [Float] % of the raw vegetable, ready to cook
      # @param from_g, to_g [Float] g before and after   @raise [InvalidInput] weights that cannot be
      def self.weighed(raw_water:, from_g:, to_g:)
        solids_g = (1 - raw_water / 100) * from_g
        unless to_g.between?(
          solids_g * Constants.fetch(:moisture, :least_left_solids),
                 from_g * Constants.fetch(:moisture, :most_gain)
        )
          raise InvalidInput,
                "#{from_g.round} g raw cannot have become #{to_g.round} g: check the weights " \
                  "(it holds #{solids_g.round} g that is not water)"
        end

        new(water: 100 * (1 - solids_g / to_g), points: Constants.fetch(:moisture, :band_weighed), how: :weighed)
      end

      # @param look [String] key of data/families/dough/moisture.yml   @raise [InvalidInput]
      def self.seen(puree, look)
        row = looks[look] or raise InvalidInput, "how wet it looks is #{looks.keys.join(", ")}; got '#{look}'"
        new(water: puree.water_pct + Float(row["points"]), points: Constants.fetch(:moisture, :band_seen), how: :seen)
      end

      def self.looks = DataFiles.yaml("families/dough/moisture.yml")
    end
  end
end
