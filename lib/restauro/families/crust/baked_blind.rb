module Restauro
  module Families
    class Crust
      # A crust that is baked before anything goes in: whether, and how long under weights and without. All minutes.
      #   Needs @crust, @filling, the sections base and set, raw_cups? and shell?.
      module BakedBlind
        OPEN = %w[rolled pressed thin base].freeze
        private_constant :OPEN

        # Whether it is baked before anything goes in.
        def prebaked? =
          !raw_cups? && !@crust.unbaked? && @crust.cover == "bottom" && (OPEN.include?(@crust.style.key) || shell?) &&
            !@filling&.raw_crust?
        def weighted? = prebaked? && %w[rolled sheet].include?(@crust.style.key)

        # Under paper and weights, until it has set; longer where the recipe says so.
        def weighted_minutes = [set_minutes, *(told.first if told.length > 1 && set_minutes)].compact.max

        # Bare: until it is dry; until it is golden where nothing follows; longer where the recipe says so.
        def bare_minutes
          return unless prebaked?

          said = told.one? ? told.first - weighted_minutes.to_f : told[1]
          [dried_minutes, said].compact.max
        end

        # @return [Float, nil] min under weights as reckoned
        def set_minutes = weighted? && set.done ? Constants.fetch(:crust, :weights_slow) * set.done : nil
        # As the recipe says it.   @return [Array<Float>] under weights and without, or in all; none where it says none
        def told = prebaked? ? @crust.options.blind_minutes.to_a : []

        # @return [Float, nil] min without weights as reckoned
        def dried_minutes
          return base.done if @crust.style.key == "base"
          return until_set([base.crisp, base.done].compact.max) unless weighted?

          @filling ? base.crisp : Constants.fetch(:crust, :golden_dry_times) * base.crisp
        end

        # Where the recipe says how long it bakes with what is on it, it goes on browning then.
        def until_set(minutes)
          said = @crust.options.bake_minutes
          return minutes unless minutes && said && @crust.style.key == "thin" && (@filling || @crust.options.crowned)

          [minutes, Constants.fetch(:crust, :set_share) * said].min
        end

        # Both together.
        def prebake_minutes = prebaked? ? [weighted_minutes, bare_minutes].compact.sum(0.0) : nil
      end
    end
  end
end
