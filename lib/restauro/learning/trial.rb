# frozen_string_literal: true

module Restauro
  module Learning
    # One thing that was measured.   shares Hash of unknown => how much of what was predicted hangs on it (several share
    # the blame)
    #   log_ratio ln(measured / predicted)   error one standard deviation of it
    Trial = Struct.new(:shares, :log_ratio, :error, keyword_init: true) do
      def initialize(**)
        super
        raise InvalidInput, "a trial measures something over 0" unless log_ratio.finite?

        freeze
      end
    end
  end
end
