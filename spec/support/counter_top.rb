require "json"
require "socket"
require_relative "../../app/web"
require_relative "../../app/devices/stand_ins"

# The stand-in scale and probe, started once for the specs that need them, and hands to pour with.
module CounterTop
  module_function

  def stand_ins
    # One that dies stays away long enough for a page on a busy machine to be seen saying so.
    @stand_ins ||= Restauro::StandIns.new(again_s: 5.0).start.tap { |started| at_exit { started.stop } }
  end

  # A counter of its own for each example: its links end with it.
  def counter = Restauro::Counter.with(scale: stand_ins.ports["scale"], probe: stand_ins.ports["probe"]).start

  def tell(kind, **command)
    tries = 0
    begin
      TCPSocket.open("127.0.0.1", stand_ins.ports[kind]) { |socket| socket.puts(JSON.generate(command)) && sleep(0.05) }
    rescue Errno::ECONNREFUSED
      raise if (tries += 1) > 50

      sleep 0.1
      retry
    end
  end

  def clear
    tell("scale", do: "lift")
    tell("scale", do: "resolution", grams: 1)
    sleep 0.8
    tell("scale", do: "tare")
    tell("probe", do: "put", celsius: 20)
  end
end
