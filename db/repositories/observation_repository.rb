module Restauro
  module Database
    # What was measured beside what was predicted. What belongs to an entry that is deleted does not count while it is.
    class ObservationRepository
      # kept_swap_id and title of its entry, or nil · data Hash · words · at Time
      Row = Value.of(:id, :kept_swap_id, :title, :data, :words, :at)
      # Older ones weigh next to nothing.
      MOST = 2000

      # @param clock [#call] the time now
      def initialize(database, clock:)
        @database = database
        @rows = database[:observations]
        @clock = clock
      end

      # @return [Array<Row>] oldest first
      def list
        counted
          .order(Sequel.desc(Sequel[:observations][:at]), Sequel.desc(Sequel[:observations][:id]))
          .limit(MOST)
          .select(Sequel[:observations][:id], :kept_swap_id, :data, Sequel[:observations][:words], :at, :title)
          .map { |row| Row.new(**row, data: row[:data].to_hash) }
          .reverse
      end

      def of(kept_swap_id) = @rows.where(kept_swap_id: kept_swap_id).order(:id).select_map(:words)

      # @param data [Hash]   @return [Integer] its id
      def add(data, words:, kept_swap_id: nil, at: @clock.call)
        @rows.insert(data: Sequel.pg_json(data), words: words, kept_swap_id: kept_swap_id, at: at)
      end

      # What one who ate called right of an entry.
      def forget_liking(kept_swap_id, who)
        of = @rows.where(kept_swap_id: kept_swap_id).where(Sequel.lit("data->>'how' = 'liking'"))
        of.where(Sequel.lit("coalesce(data->>'who', 'all') = ?", who)).delete
      end

      def forget(id) = @rows.where(id: id).delete

      # Changes when anything that counts does.
      def version
        id = Sequel[:observations][:id]
        counted
          .select(Sequel.function(:count, id).as(:count), Sequel.function(:sum, id).as(:sum))
          .first
          .values
          .map(&:to_i)
      end

      private

      def counted
        @rows.left_join(:kept_swaps, id: :kept_swap_id).where(Sequel[:kept_swaps][:deleted_at] => nil)
      end
    end
  end
end
