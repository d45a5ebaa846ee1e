module Restauro
  module Labels
    # A stretch of a label that matters.
    #   start, end  characters into the text, end exclusive · text as it stands there
    #   kind        contains, may_contain, ask, fine or claim · why  a few plain words
    Mark = Value.of(:start, :end, :text, :kind, :why) do
      def covers?(other) = start <= other.start && other.end <= self.end
      def with(**changes) = Mark.new(**to_h.merge(changes))
    end
  end
end
