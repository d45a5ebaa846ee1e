module Restauro
  module Database
    # What each browser was last typing.
    class DraftRepository
      KEPT_DAYS = 30

      # @param clock [#call] the time now
      def initialize(database, clock:)
        @drafts = database[:drafts]
        @clock = clock
      end

      # @return [Hash, nil] string keys, as it was saved
      def find(session) = @drafts.where(session: session).get(:state)&.to_hash

      # @param state [Hash]
      def save(session, state)
        row = {session: session, state: Sequel.pg_json(state), updated_at: @clock.call}
        @drafts.insert_conflict(target: :session, update: row.slice(:state, :updated_at)).insert(row)
      end

      def forget_old = @drafts.where(Sequel[:updated_at] < @clock.call - KEPT_DAYS * 86_400).delete
    end
  end
end
