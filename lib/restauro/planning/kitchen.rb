# frozen_string_literal: true

module Restauro
  module Planning
    # What a kitchen has: rings, ovens (with a fan or without), trays that one oven holds, pairs of hands.
    Kitchen = Struct.new(:burners, :ovens, :shelves, :cooks, :fan, keyword_init: true) do
      def initialize(burners: 3, ovens: 1, shelves: 2, cooks: 1, fan: false)
        {rings: burners, ovens: ovens, trays: shelves, "pairs of hands": cooks}.each do |what, count|
          next if count.is_a?(Integer) && count.between?(what == :ovens ? 0 : 1, 8)

          raise InvalidInput, "a kitchen has 1 to 8 #{what}, got #{count.inspect}"
        end
        super
        freeze
      end

      # What the oven's dial is set to.
      def set(celsius) = Restauro::Kitchen::OvenTemperature.new(celsius: celsius, fan: fan).say
    end
  end
end
