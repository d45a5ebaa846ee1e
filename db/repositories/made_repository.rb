module Restauro
  module Database
    # What stands ready in the fridge: made ahead, or left over.
    class MadeRepository
      # kind key of data/planning/ahead.yml · dish, part "" where it is of none · grams or nil · made_on Date
      Made = Value.of(:id, :name, :kind, :dish, :part, :grams, :made_on) do
        def row = Planning::Ahead.rows.fetch(kind)
        def keeps_till = made_on + Integer(row["days"])
        def keeps?(today) = today <= keeps_till
        def cautions = row["safety"].map { |key| Safety.words(key) }
        def of?(dish, part) = self.dish == dish && self.part == part.to_s
      end

      # @param clock [#call] the time now
      def initialize(database, clock:)
        @rows = database[:made_ahead]
        @clock = clock
      end

      # @return [Array<Made>] what goes off first, first
      def list =
        @rows.order(:made_on, :id).map { |row| Made.new(**row.except(:created_at, :uid)) }.sort_by(&:keeps_till)
      def add(**fields) = @rows.insert(fields.merge(created_at: @clock.call))
      def gone(id) = @rows.where(id: id).delete
    end
  end
end
