module Restauro
  module Heat
    # Deep oil: how far it drops when food goes in, how much may go in at once, and whether an oil stands the heat.
    module Oil
      module_function

      # T = (m_oil 2.1 T0 + m_food 3.4 Tf)/(m_oil 2.1 + m_food 3.4)   @return [Float] C
      def after_loading(oil_g:, food_g:, oil_celsius:, food_celsius: Constants.fetch(:heat, :piece_start_celsius))
        oil, food = oil_g * Constants.fetch(:heat, :oil_heat), food_g * Constants.fetch(:heat, :food_heat)
        (oil * oil_celsius + food * food_celsius) / (oil + food)
      end

      # How cold it may get: what is set as low as that anyway may fall a little more.   @return [Float] C
      def least_celsius(set_celsius) =
        [Constants.fetch(:heat, :oil_least_celsius), set_celsius - Constants.fetch(:heat, :oil_drop_celsius)].min

      # The most food at once: a share of the oil, and no more than keeps it hot enough.   @return [Float] g
      def batch_g(oil_g:, oil_celsius:, food_celsius: Constants.fetch(:heat, :piece_start_celsius))
        least = least_celsius(oil_celsius)
        hot =
          oil_g * Constants.fetch(:heat, :oil_heat) * (oil_celsius - least) /
          (Constants.fetch(:heat, :food_heat) * (least - food_celsius))
        [hot, Constants.fetch(:heat, :batch_share) * oil_g].min.clamp(0.0, Float::INFINITY)
      end

      # @return [Hash, nil] row of data/heat/oils.yml
      def row(key) = DataFiles.yaml("heat/oils.yml")[key]

      # The oil that words name.   @return [String, nil] key
      def key(words) = DataFiles.yaml("heat/oils.yml").find { |_, oil| words.match?(/\b(?:#{oil["words"]})\b/i) }&.first

      # What to say of an oil at a temperature.   @return [String, nil]
      def caution(key, celsius)
        oil = row(key) or return
        return if celsius <= oil["smoke_celsius"] - 10

        "#{oil["say"].capitalize} smokes from about #{oil["smoke_celsius"]} °C: take a refined oil."
      end
    end
  end
end
