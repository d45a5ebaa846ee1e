module Restauro
  # What the cook sees of a sauce that came out otherwise: a spoon, a plate-test reading, or a trouble by name.
  class RescueInput
    SEEN = %w[runny thin medium thick very_thick].freeze
    WHERE = %w[pan plate].freeze

    attr_reader :state

    def initialize(params)
      @state = {"seen" => "", "where" => "pan", "plate_mm" => "",
                "trouble" => ""}.merge(params.slice("seen", "where", "plate_mm", "trouble").transform_values { |v| FormText.clean(v).strip })
    end

    def seen = SEEN.include?(state["seen"]) ? state["seen"] : nil
    def where = WHERE.include?(state["where"]) ? state["where"] : "pan"
    def trouble = state["trouble"].empty? ? nil : Families::Sauce::Troubles.fetch(state["trouble"])

    # @return [Float, nil] mm   @raise [InvalidInput]
    def plate_mm
      return if state["plate_mm"].empty?

      Float(state["plate_mm"].tr(",", "."))
    rescue ArgumentError
      raise InvalidInput, "the plate test is a radius in mm, such as 81; got '#{state["plate_mm"][0, 20]}'"
    end
  end
end
