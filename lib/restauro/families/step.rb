module Restauro
  module Families
    # A step of a method.   text · minutes Float or nil · look_for what to see · caution where it can hurt
    Step = Struct.new(:text, :minutes, :look_for, :caution, keyword_init: true) do
      def initialize(text:, minutes: nil, look_for: nil, caution: nil)
        super
        freeze
      end
    end
  end
end
