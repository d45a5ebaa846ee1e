require_relative "device_link"
require_relative "live_hub"

module Restauro
  # What stands on the counter: a scale, a probe, and the pages that follow them.
  Counter = Struct.new(:hub, :scale, :probe, keyword_init: true) do
    # @param scale, probe [Integer, nil] their ports on loopback
    def self.with(scale: nil, probe: nil)
      hub = LiveHub.new
      new(hub: hub, scale: DeviceLink.new("scale", scale, hub), probe: DeviceLink.new("probe", probe, hub))
    end

    def start
      [scale, probe].each(&:start)
      self
    end

    def stop = [scale, probe].each(&:stop)
  end
end
