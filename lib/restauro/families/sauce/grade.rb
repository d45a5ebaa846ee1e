module Restauro
  module Families
    class Sauce
      # The grades of a white sauce, by flour-equivalents: spoons of flour per US cup of milk, and what the sauce does.
      #   key "medium" · flour_equivalents its middle · upper its upper edge (nil for the last)
      Grade = Struct.new(:key, :flour_equivalents, :upper, :does, keyword_init: true) do
        def initialize(**) = super.freeze

        # @return [Grade]   @example Grade.of(6.0).key # => "medium"
        def self.of(flour_equivalents) =
          Grade::ALL.find { |grade| grade.upper.nil? || flour_equivalents < grade.upper }

        # @raise [NotFound]
        def self.fetch(key)
          Grade::ALL.find { |grade| grade.key == key } or
            raise NotFound, "grades are #{Grade::ALL.map(&:key).join(", ")}; got '#{key}'"
        end

        # @return [String] its key in words
        def name = key.tr("_", " ")
        # Level tablespoons of flour per US cup of liquid.
        def self.spoons(flour_equivalents) = flour_equivalents / Constants.fetch(:sauce, :e_per_spoon)
      end

      figure = ->(name) { Constants.fetch(:sauce, name) }
      Grade::ALL = [
        Grade.new(key: "runny", flour_equivalents: 0.0, upper: figure[:edge_runny], does: "runs off like milk"),
        Grade.new(
          key: "thin",
          flour_equivalents: figure[:grade_thin],
          upper: figure[:edge_thin],
          does: "runs off, leaves a veil"
        ),
        Grade.new(
          key: "medium",
          flour_equivalents: figure[:grade_medium],
          upper: figure[:edge_medium],
          does: "coats the spoon"
        ),
        Grade.new(
          key: "thick",
          flour_equivalents: figure[:grade_thick],
          upper: figure[:edge_thick],
          does: "a drawn line stays"
        ),
        Grade.new(
          key: "very_thick",
          flour_equivalents: figure[:grade_very_thick],
          upper: nil,
          does: "keeps its shape, cuts clean"
        )
      ].freeze
    end
  end
end
