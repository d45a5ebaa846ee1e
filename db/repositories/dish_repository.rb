module Restauro
  module Database
    # Dishes being made, and what was confirmed of each.
    class DishRepository
      Row =
        Value.of(
          :id, :family, :title, :inputs, :choices, :plan, :snapshot, :data_version, :kept_swap_id, :created_at,
          :finished_at
        )
      JSON_COLUMNS = %i[inputs choices plan snapshot].freeze
      MOST_EVENTS = 5000
      MOST_OPEN = 8

      # Somebody else confirmed something first.
      class Stale < StandardError
      end

      # @param clock [#call] the time now
      def initialize(database, clock:)
        @database = database
        @clock = clock
      end

      # @return [Integer] its id
      def add(**fields)
        json = JSON_COLUMNS.to_h { |name| [name, Sequel.pg_json(fields.fetch(name))] }
        @database[:dishes].insert(fields.merge(json, created_at: @clock.call))
      end

      # @raise [NotFound]
      def fetch(id)
        row = @database[:dishes].first(id: id) or
          raise NotFound, "no dish #{id} is being made; it may have been put away"
        Row.new(**row, **JSON_COLUMNS.to_h { |name| [name, row[name].to_hash] })
      end

      # Those that are not finished, the latest first.   @return [Array<Row>]
      def open =
        @database[:dishes].where(finished_at: nil).reverse(:id).limit(MOST_OPEN).select_map(:id).map { |id| fetch(id) }
      # No longer on the stove, and not in the notebook.
      def put_away(id) = @database[:dishes].where(id: id, finished_at: nil).update(finished_at: @clock.call)

      # @return [Making::Dish]
      def state(row) = Making::Dish.of(Making::Plan.from_data(row.plan), events(row.id))

      # @return [Array<Making::Dish::Event>] in order
      def events(id)
        @database[:dish_events]
          .where(dish_id: id)
          .order(:number)
          .limit(MOST_EVENTS)
          .map { |row| Making::Dish::Event.new(row[:kind], row[:at].to_f, row[:data].to_hash) }
      end

      # Adds what happened, one after another, all or none.
      # @param version [Integer] how many events the page knew
      # @param happened [Array<Array(String, Hash)>] kind and data
      # @raise [Stale] when more has happened since
      def confirm(id, version, happened)
        now = @clock.call
        @database.transaction do
          happened.each_with_index do |(kind, data), index|
            @database[:dish_events].insert(
              dish_id: id,
              number: version + index + 1,
              kind: kind,
              data: Sequel.pg_json(data),
              at: now
            )
          end
          @database[:dishes].where(id: id).update(finished_at: now) if happened.any? { |kind, _| kind == "finished" }
        end
      rescue Sequel::UniqueConstraintViolation
        raise Stale
      end

      def link(id, kept_swap_id) = @database[:dishes].where(id: id).update(kept_swap_id: kept_swap_id)

      # What a probe showed.   @param seconds [Float] since it was put in
      def read(id, seconds, celsius) = @database[:dish_readings].insert(dish_id: id, seconds: seconds, celsius: celsius)
      # @return [Array<Array(Float, Float)>] minutes and C
      def readings(id) =
        @database[:dish_readings]
          .where(dish_id: id)
          .order(:seconds)
          .select_map(%i[seconds celsius])
          .map { |s, c| [s / 60, c] }
      def forget_readings(id) = @database[:dish_readings].where(dish_id: id).delete

      def photograph(id, bytes)
        @database[:dish_photos].insert_conflict(target: :dish_id, update: {image: Sequel.blob(bytes)}).insert(
          dish_id: id,
          image: Sequel.blob(bytes)
        )
      end

      # @return [String, nil] bytes of a JPEG
      def photo(id) = @database[:dish_photos].where(dish_id: id).get(:image)
      # Of the dish that became this entry of the notebook.   @return [Integer, nil]
      def photographed(kept_swap_id)
        @database[:dishes]
          .where(kept_swap_id: kept_swap_id, id: @database[:dish_photos].select(:dish_id))
          .reverse(:id)
          .get(:id)
      end
    end
  end
end
