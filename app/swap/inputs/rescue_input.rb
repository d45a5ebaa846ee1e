module Restauro
  # What the cook sees of a sauce that came out otherwise: a spoon, a plate-test reading, or a trouble by name.
  class RescueInput
    SEEN = %w[runny thin medium thick very_thick].freeze
    WHERE = %w[pan plate].freeze

    FIELDS = %w[seen where plate_mm trouble rung].freeze

    attr_reader :state

    def initialize(params)
      @state = FIELDS.to_h { |name| [name, FormText.clean(params[name]).strip] }
    end

    def seen = SEEN.include?(state["seen"]) ? state["seen"] : nil
    def where = WHERE.include?(state["where"]) ? state["where"] : "pan"
    def trouble = state["trouble"].empty? ? nil : state["trouble"]
    def rung = state["rung"].empty? ? nil : state["rung"]

    # @return [Float, nil] mm   @raise [InvalidInput]
    def plate_mm
      return if state["plate_mm"].empty?

      FormText.number(state["plate_mm"]) or
        raise InvalidInput, "the plate test is a radius in mm, such as 81; got '#{state["plate_mm"][0, 20]}'"
    end
  end
end
