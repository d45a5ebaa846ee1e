module Restauro
  # What was seen of a dish on the stove beside what was to be seen: at the probe, and by the spoon.
  module SeenBesidePlan
    module_function

    # The probe a third of the way, two thirds, and at the end, beside what was expected then.
    # @param expected [Hash, nil] of Making::Expected
    # @param readings [Array<Array(Float, Float)>] minutes and C
    # @return [Array<Hash>]
    def temperatures(expected, readings)
      return [] if expected.nil? || readings.length < 3

      [1, 2, 3].map { |third| readings[(readings.length * third / 3.0).ceil - 1] }
        .uniq
        .map do |minutes, celsius|
          {
            "text" => "after #{Recipes::WeighedLine.tenths(minutes.round(1))} min",
            "planned" => at(expected["points"], minutes).round(1),
            "probe" => celsius.round(1)
          }
        end
    end

    # Between the points of a curve.
    def at(points, minutes)
      after = points.find { |point| point.first >= minutes } or return points.last.last
      before = points.reverse.find { |point| point.first <= minutes } || after
      share = after.first == before.first ? 0.0 : (minutes - before.first) / (after.first - before.first)
      before.last + share * (after.last - before.last)
    end

    # @param seen [Array<Hash>] of the dish
    # @param planned [Float, nil] g/100 g that the sauce was to have
    # @return [Array<Hash>]
    def thickness(seen, planned)
      return [] unless planned

      seen
        .select { |one| one["e"] }
        .map do |one|
          {"text" => one["how"] == "spoon" ? "the spoon" : "the rings", "planned" => planned, "seen" => one["e"]}
        end
    end
  end
end
