module Restauro
  module Families
    class Sauce
      # A dish baked in layers with a sauce that must go in thin, because what it is layered with gives up starch and thickens it.
      #   pan Kitchen::BakingPan · with "potato" or "pasta" · layer_g g of it · sauce_g g to make · into e it goes in with · baked e it comes out with
      #   covered_min, uncovered_min, rest_min · celsius of the oven
      LayeredBake = Struct.new(:pan, :with, :layer_g, :sauce_g, :into, :baked, :covered_min, :uncovered_min, :rest_min, :celsius,
                               keyword_init: true) do
        def initialize(**)
          super
          freeze
        end

        def grade_in = Grade.of(into)
      end

      # 175 C, covered until the layers are soft, uncovered to brown, rested to cut (common practice); potato takes longer, and longer the deeper.
      module LayeredBake::Plan
        TIMES = {"potato" => [60, 75], "pasta" => [30, 40]}.freeze
        STARCH = {"potato" => :bake_potato_starch_share, "pasta" => :bake_pasta_starch_share}.freeze
        SHALLOW_CM, DEEP_CM = 4.0, 7.0

        module_function

        # @param pan [Kitchen::BakingPan] with its depth   @param with [String]   @param layer_g [Float] g
        # @param baked [Float] e wanted when it is cut   @param starch [Ingredient] what the layers give up
        # @return [LayeredBake]   @raise [InvalidInput]
        def of(pan, with:, layer_g:, baked:, starch:)
          raise InvalidInput, "layered with potato or pasta, got '#{with}'" unless STARCH.key?(with)
          raise InvalidInput, "the pan needs its depth; type such as '20x30 cm 5 cm deep'" unless pan.depth_cm
          raise InvalidInput, "the layers weigh 100 g to 5 kg, got #{layer_g.round} g" unless layer_g.between?(100, 5000)

          sauce = sauce_g(pan, layer_g)
          given = 100 * Constants.fetch(:sauce, STARCH.fetch(with)) * layer_g * starch.thick_power / sauce
          covered = covered_minutes(with, pan.depth_cm)
          LayeredBake.new(pan: pan, with: with, layer_g: layer_g, sauce_g: sauce, into: [baked - given, Constants.fetch(:sauce, :edge_runny)].max,
                          baked: baked,
                          covered_min: covered, uncovered_min: 15, rest_min: 15..20, celsius: 175)
        end

        # The sauce fills what the layers leave of the pan, but no more than its share of it.
        def sauce_g(pan, layer_g)
          room = pan.millilitres * 0.85 - layer_g
          [[room, pan.millilitres * Constants.fetch(:sauce, :bake_sauce_depth_share)].min, 100.0].max
        end

        def covered_minutes(with, depth_cm)
          short, long = TIMES.fetch(with)
          share = ((depth_cm - SHALLOW_CM) / (DEEP_CM - SHALLOW_CM)).clamp(0.0, 1.0)
          (short + share * (long - short)).round
        end
      end
    end
  end
end
