module Restauro
  # What a bake teaches of the oven: by its minutes, and by where it was darkest.
  module BakeLessons
    SIDES = {
      "even" => "it browned evenly",
      "left" => "it was darker on the left",
      "right" => "it was darker on the right",
      "front" => "it was darker at the front",
      "back" => "it was darker at the back"
    }.freeze

    module_function

    # @param worked [SwapPage]
    # @param minutes [Float] planned
    # @param took [Float]
    # @param kind [String] bake, or prebake
    # @return [Array(Hash, String)]
    def timed(worked, minutes, took, services, kind: "bake")
      [
        Learning::Lessons.oven(
          minutes,
          took,
          way: worked.answer&.oven&.way,
          per_kelvin: per_kelvin(worked, services, kind)
        ),
        "#{kind == "bake" ? "a bake" : "a blind bake"} of #{minutes.round} min took #{took.round(1)}"
      ]
    end

    # @param where [String] key of SIDES; anything else was not looked at   @return [Array<Array(Hash, String)>]
    def sides(where) =
      SIDES.key?(where) ? Learning::Lessons.sides(where).map { |lesson| [lesson, SIDES.fetch(where)] } : []

    # How much shorter each kelvin more makes this bake, as a logarithm: by the same dish in an oven ten hotter.
    def per_kelvin(worked, services, kind)
      baked = bake(worked, kind)
      return 0.0 unless baked&.celsius && baked.minutes

      step = Constants.fetch(:learning, :step_k)
      oven = (worked.answer.oven || Kitchen::OvenTemperature.new(celsius: baked.celsius)).hotter(step)
      minutes = bake(SwapPage.new(SwapInput.new(worked.input.state.merge("oven" => oven.say)), services), kind)&.minutes
      minutes ? Math.log(minutes / baked.minutes) / step : 0.0
    end

    def bake(worked, kind) = worked.answer&.steps&.find { |step| step.kind == kind }
  end
end
