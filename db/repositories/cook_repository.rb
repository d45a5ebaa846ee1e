module Restauro
  module Database
    # What was cooked of the kept swaps, and what that took from the cupboard.
    class CookRepository
      # taken Array of {"name", "grams"}
      Cook = Value.of(:id, :taken, :cooked_at)

      def initialize(database, packs:, clock:)
        @database = database
        @packs = packs
        @clock = clock
      end

      # @return [Array<Cook>] latest first
      def of(kept_swap_id)
        rows = @database[:cooks].where(kept_swap_id: kept_swap_id).order(Sequel.desc(:id))
        rows.map { |row| Cook.new(id: row[:id], taken: row[:taken].to_a, cooked_at: row[:cooked_at]) }
      end

      # Notes a cook and takes its amounts off the packs, both or neither.   @param needs [Hash] ingredient key => g
      def add(kept_swap_id, needs)
        @database.transaction do
          taken = @packs.shelf.taken(needs)
          @packs.take(taken)
          names = @packs.list.to_h { |kept| [kept.pack.id, kept.pack.ingredient.say] }
          @database[:cooks].insert(
            kept_swap_id: kept_swap_id,
            cooked_at: @clock.call,
            taken: Sequel.pg_json(taken.map { |id, grams| {"name" => names[id], "grams" => grams.round(1)} })
          )
        end
      end
    end
  end
end
