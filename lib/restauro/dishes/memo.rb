# frozen_string_literal: true

module Restauro
  module Dishes
    # Parts that were solved a moment ago, so that a change to one part does not solve the others again. Safe for
    # several threads; it holds the last few, and knows a part by all that its answer hangs on.
    class Memo
      # @param most [Integer] answers to hold
      def initialize(most = 48)
        @most = most
        @held = {}
        @lock = Mutex.new
      end

      # @param key [Array] compared by what is in it   @yield works it out   @return [PartAnswer]
      def fetch(key)
        found = @lock.synchronize { @held.key?(key) ? (@held[key] = @held.delete(key)) : nil }
        return found if found

        yield.tap { |fresh| @lock.synchronize { keep(key, fresh) } }
      end

      private

      def keep(key, fresh)
        @held[key] = fresh
        @held.shift while @held.length > @most
      end
    end
  end
end
