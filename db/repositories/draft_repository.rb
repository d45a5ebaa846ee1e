module Restauro
  module Database
    # What each browser was last typing.
    class DraftRepository
      KEPT_DAYS = 30
      # What can be taken back: so many changes, of drafts no larger than this.
      MOST_PAST = 30
      MOST_BYTES = 40_000
      # Letters typed one after another are one change.
      ONE_CHANGE_S = 1.5

      # @param clock [#call] the time now
      def initialize(database, clock:)
        @drafts = database[:drafts]
        @clock = clock
      end

      # @return [Hash, nil] string keys, as it was saved
      def find(session) = @drafts.where(session: session).get(:state)&.to_hash

      # @param state [Hash]
      def save(session, state)
        before = @drafts.where(session: session).first
        return if before && before[:state].to_hash == state

        put(session, state, past: before ? past_with(before) : [], future: [])
      end

      # The change before is taken back, or the one taken back made again.   @return [Boolean] whether there was one
      def undo(session) = turn(session, :past, :future)
      def redo(session) = turn(session, :future, :past)
      # @return [Array(Boolean, Boolean)] whether there is something to take back, and to make again
      def turns(session)
        row = @drafts.where(session: session).first or return false, false
        [row[:past].to_a.any?, row[:future].to_a.any?]
      end

      def forget_old = @drafts.where(Sequel[:updated_at] < @clock.call - KEPT_DAYS * 86_400).delete

      private

      def past_with(before)
        past = before[:past].to_a
        state = before[:state].to_hash
        if JSON.generate(state).bytesize > MOST_BYTES || (past.any? && @clock.call - before[:updated_at] < ONE_CHANGE_S)
          return past
        end

        [*past, state].last(MOST_PAST)
      end

      def turn(session, from, to)
        row = @drafts.where(session: session).first
        found = row && row[from].to_a
        return false if found.nil? || found.empty?

        put(session, found.last, from => found[0..-2], to => [*row[to].to_a, row[:state].to_hash].last(MOST_PAST))
        true
      end

      def put(session, state, past:, future:)
        row = {
          session: session,
          state: Sequel.pg_json(state),
          updated_at: @clock.call,
          past: Sequel.pg_json(past),
          future: Sequel.pg_json(future)
        }
        @drafts.insert_conflict(target: :session, update: row.slice(:state, :updated_at, :past, :future)).insert(row)
      end
    end
  end
end
