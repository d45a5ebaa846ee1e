module Restauro
  module Making
    # A step of the plan.   text · minutes planned or nil · look_for · caution · heat oven, hob or hands · uses ids of
    # the items in it kind of Families::Step, part of the dish; nil in a plan kept before those were known
    PlannedStep = Struct.new(:text, :minutes, :look_for, :caution, :heat, :uses, :kind, :part, keyword_init: true) do
      def initialize(uses: [], kind: nil, part: nil, **more)
        super(uses: uses.dup.freeze, kind: kind, part: part, **more)
        freeze
      end

      # The same with other values.   @return [PlannedStep]
      def with(**changes) = PlannedStep.new(**to_h.merge(changes))
      def timed? = minutes&.positive?
    end
  end
end
