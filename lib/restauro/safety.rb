# frozen_string_literal: true

module Restauro
  # The cautions of food: data/safety.yml by key. Steps carry the keys; their words and figures stand in one place.
  module Safety
    Rule = Value.of(:key, :words, :row) do
      # @return [Float] C
      def celsius = Float(row.fetch("celsius"))
    end

    module_function

    # @return [Array<Rule>]
    def all = rules.values

    # @param key [String, Symbol]   @return [Rule]   @raise [DataError] our own slip, not the cook's
    def fetch(key) = rules.fetch(key.to_s) { raise DataError, "no safety rule '#{key}' in data/safety.yml" }

    # @return [Float] C that a rule asks for
    def celsius(key) = fetch(key).celsius
    # @return [String]   @example Safety.words(:fish) # => "Fish and shellfish: opaque, 63 °C (145 °F) in the middle."
    def words(key) = fetch(key).words
    # @return [Float] of any figure of a rule
    def figure(key, name) = Float(fetch(key).row.fetch(name.to_s))

    # @return [Hash] key => row of data/safety.yml
    def rules
      @rules ||=
        DataFiles
          .yaml("safety.yml")
          .to_h do |key, row|
            figures = row.except("words", "source").transform_keys(&:to_sym)
            figures[:f] = Kitchen::Fahrenheit.of(row["celsius"]).round.to_s if row["celsius"]
            [key, Rule.new(key: key, words: format(row["words"].gsub(/%(?!\{)/, "%%"), figures).freeze, row: row)]
          end
          .freeze
    end
  end
end
