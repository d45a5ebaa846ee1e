module Restauro
  # Writes down what the probe shows for the dishes it is in: one reading in so many seconds. With no dish to follow it
  # does nothing at all.
  class ProbeRecorder
    EVERY_S = 5

    # @param dishes [Database::DishRepository]   @param link [DeviceLink] of the probe   @param clock [#call]
    def initialize(dishes, link, clock:)
      @dishes = dishes
      @clock = clock
      @since = {}
      @last = 0.0
      link.on_reading { |reading| record(reading["celsius"]) }
    end

    # @param id [Integer] of the dish that the probe is put into
    def follow(id, since: @clock.call.to_f)
      @dishes.forget_readings(id)
      @since = {id => since}
    end

    # After a new start: for whatever the probe was in.
    def resume
      row = @dishes.open.find { |open| @dishes.state(open).probe } or return
      @since = {row.id => @dishes.state(row).probe["since"]}
    end

    def leave(id) = @since = @since.reject { |dish, _| dish == id }

    private

    # A database that is away loses a reading, not the probe.
    def record(celsius)
      now = @clock.call.to_f
      return if @since.empty? || now - @last < EVERY_S

      @last = now
      @since.each { |id, since| @dishes.read(id, now - since, celsius) }
    rescue Sequel::DatabaseError, Sequel::PoolTimeout
      nil
    end
  end
end
