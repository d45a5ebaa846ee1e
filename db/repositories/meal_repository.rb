module Restauro
  module Database
    # Meals being cooked, and what happened in each.
    class MealRepository
      # day Date to eat · state Hash of the Table's page · plan Hash of Planning::PlanData · dishes Hash of place =>
      # dish number
      Row = Value.of(:id, :state, :plan, :dishes, :day, :created_at, :finished_at)
      JSON_COLUMNS = %i[state plan dishes].freeze

      # @param clock [#call] the time now
      def initialize(database, clock:)
        @database = database
        @clock = clock
      end

      def transaction(&block) = @database.transaction(&block)

      # @return [Integer] its id
      def add(day:, **fields)
        json = JSON_COLUMNS.to_h { |name| [name, Sequel.pg_json(fields.fetch(name))] }
        @database[:meals].insert(json.merge(day: day, created_at: @clock.call))
      end

      # @raise [NotFound]
      def fetch(id)
        row = @database[:meals].first(id: id) or
          raise NotFound, "no meal #{id} is being cooked; it may have been put away"
        Row.new(**row, **JSON_COLUMNS.to_h { |name| [name, row[name].to_hash] })
      end

      # The last that is not over.   @return [Row, nil]
      def open = @database[:meals].where(finished_at: nil).reverse(:id).get(:id)&.then { |id| fetch(id) }
      def finish(id) = @database[:meals].where(id: id, finished_at: nil).update(finished_at: @clock.call)

      # @return [Array<Array(String, Time, Hash)>] kind, when, data, in order
      def events(id) =
        @database[:meal_events]
          .where(meal_id: id)
          .order(:number)
          .map { |row| [row[:kind], row[:at], row[:data].to_hash] }

      # Adds what happened, all or none.
      # @param version [Integer] how many events the page knew
      # @raise [DishRepository::Stale]
      def confirm(id, version, happened)
        now = @clock.call
        @database.transaction(savepoint: true) do
          happened.each_with_index do |(kind, data), index|
            @database[:meal_events].insert(
              meal_id: id,
              number: version + index + 1,
              kind: kind,
              data: Sequel.pg_json(data),
              at: now
            )
          end
        end
      rescue Sequel::UniqueConstraintViolation
        raise DishRepository::Stale
      end
    end
  end
end
