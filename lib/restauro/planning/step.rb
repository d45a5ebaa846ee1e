# frozen_string_literal: true

module Restauro
  module Planning
    # One act of a dish in a meal.   text · minutes whole · heat oven, hob, hands or rest · celsius of the oven or nil
    #   attended whether it takes a pair of hands · longest minutes that may pass after it · part of the dish or nil
    Step = Struct.new(:text, :minutes, :heat, :celsius, :attended, :longest, :part, keyword_init: true) do
      def initialize(text:, minutes:, heat: "hands", celsius: nil, attended: nil, longest: nil, part: nil)
        real = minutes.is_a?(Numeric) && minutes.positive?
        unless real
          raise InvalidInput, "a step takes at least a minute, got #{minutes.inspect} for '#{text.to_s[0, 40]}'"
        end
        raise InvalidInput, "heat is #{Step::HEATS.join(", ")}; got '#{heat}'" unless Step::HEATS.include?(heat)
        if heat == "oven" && celsius.nil?
          raise InvalidInput, "'#{text.to_s[0, 40]}' is in the oven: say how hot, such as 190"
        end

        attended = %w[hands hob].include?(heat) if attended.nil?
        super(
          text: text.to_s,
          minutes: minutes.ceil,
          heat: heat,
          celsius: celsius&.to_f,
          attended: attended,
          longest: longest&.round,
          part: part
        )
        freeze
      end

      def oven? = heat == "oven"
      def hob? = heat == "hob"
      # The same with other values.   @return [Step]
      def with(**changes) = Step.new(**to_h.merge(changes))
    end
    Step::HEATS = %w[oven hob hands rest].freeze
  end
end
