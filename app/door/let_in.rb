module Restauro
  # The phones and screens that were let in with this start's passcode: each can be put out again. A new start has a new
  # passcode and lets nobody in.
  class LetIn
    MOST = 100
    # id · what it calls itself · address · since, last Time
    Device = Struct.new(:id, :agent, :address, :since, :last, keyword_init: true) do
      # What a person would call it.
      def name
        kind =
          {/iPhone|Android.+Mobile/ => "a phone", /iPad|Android|Tablet/ => "a tablet"}.find do |words, _|
              words.match?(agent)
            end
            &.last
        kind || "a computer"
      end
    end

    # @param clock [#call] the time now
    def initialize(clock: Time.method(:now))
      @clock = clock
      @devices = {}
      @lock = Mutex.new
    end

    # @return [String] its id
    def let_in(agent, address)
      device =
        Device.new(
          id: SecureRandom.hex(12),
          agent: agent[0, 200],
          address: address,
          since: @clock.call,
          last: @clock.call
        )
      @lock.synchronize do
        @devices.shift if @devices.length >= MOST
        @devices[device.id] = device
      end
      device.id
    end

    # Whether it may still come in.
    def seen(id) = @lock.synchronize { @devices[id]&.tap { |device| device.last = @clock.call } } ? true : false
    def put_out(id) = @lock.synchronize { @devices.delete(id) }
    def list = @lock.synchronize { @devices.values.map(&:dup) }
  end
end
