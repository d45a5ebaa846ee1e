module Restauro
  module Cupboard
    # A pack in the cupboard.
    #   id Integer or nil · ingredient Ingredient · grams_left, grams_full Float g · price Float or nil, of the full
    #   pack · opened_on Date or nil
    #   finding of its label (Labels::FINDINGS) or nil when no label was read · note String
    Pack =
      Struct.new(:id, :ingredient, :grams_left, :grams_full, :price, :opened_on, :finding, :note, keyword_init: true) do
        def initialize(
          ingredient:,
          grams_left:,
          id: nil,
          grams_full: grams_left,
          price: nil,
          opened_on: nil,
          finding: nil,
          note: ""
        )
          {grams_left: grams_left, grams_full: grams_full}.each do |field, grams|
            unless grams.between?(0, 100_000)
              raise InvalidInput, "#{field.to_s.tr("_", " ")} is 0 to 100,000 g, got #{grams}"
            end
          end
          raise InvalidInput, "a price is 0 or more, got #{price}" if price&.negative?
          unless [nil, *Labels::FINDINGS].include?(finding)
            raise InvalidInput, "a finding is #{Labels::FINDINGS.join(", ")}; got '#{finding}'"
          end

          super
          freeze
        end

        # @return [String] of the catalogue
        def key = ingredient.key
        # What some grams of it cost.   @return [Float, nil]
        def cost(grams) = price && grams_full.positive? ? price * grams / grams_full : nil
        # @return [Float, nil] in the household's money
        def cost_per_kg = cost(1000)
      end
  end
end
