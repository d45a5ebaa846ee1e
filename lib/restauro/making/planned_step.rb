module Restauro
  module Making
    # A step of the plan.   text · minutes planned or nil · look_for · caution · heat oven, hob or hands · uses ids of the items in it
    PlannedStep = Struct.new(:text, :minutes, :look_for, :caution, :heat, :uses, keyword_init: true) do
      def initialize(uses: [], **more)
        super(uses: uses.dup.freeze, **more)
        freeze
      end

      def with(**changes) = PlannedStep.new(**to_h.merge(changes))
      def timed? = minutes&.positive?
    end
  end
end
