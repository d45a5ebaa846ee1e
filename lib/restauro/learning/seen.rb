# frozen_string_literal: true

module Restauro
  module Learning
    # One thing that was seen.   shares Hash of unknown => how much hangs on it · log_ratio · how key of ERRORS
    #   packs Hash of ingredient key => which pack it was of
    Seen = Struct.new(:shares, :log_ratio, :how, :packs, keyword_init: true) do
      # @param data [Hash] string keys
      def self.of(data)
        new(
          shares: data["shares"].transform_values(&:to_f),
          log_ratio: data["log_ratio"].to_f,
          how: data["how"],
          packs: data["packs"].to_h
        )
      end

      def initialize(packs: {}, **)
        super
        freeze
      end

      # One standard deviation of its logarithm.   @return [Float]
      def error = Constants.fetch(:learning, Seen::ERRORS.fetch(how))
    end

    Seen::ERRORS = {
      "plate_test" => :seen_plate_test,
      "spoon" => :seen_spoon,
      "eaten" => :seen_eaten,
      "oven" => :seen_oven,
      "hob" => :seen_hob,
      "boil" => :seen_boil,
      "grams" => :seen_grams,
      "weighed" => :seen_weighed,
      "liking" => :seen_liking,
      "thermometer" => :seen_thermometer,
      "side" => :seen_side,
      "stretch" => :seen_stretch
    }.freeze
  end
end
