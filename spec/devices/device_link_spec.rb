require_relative "../support/counter_top"

RSpec.describe Restauro::DeviceLink do
  waited =
    lambda do |seconds = 8, &found|
      deadline = Process.clock_gettime(Process::CLOCK_MONOTONIC) + seconds
      until (result = found.call) || Process.clock_gettime(Process::CLOCK_MONOTONIC) > deadline
        sleep 0.05
      end
      result
    end

  around do |example|
    @counter = CounterTop.counter
    example.run
  ensure
    @counter.stop
  end

  it "hears the scale, and passes commands on" do
    expect(waited.call { @counter.scale.here? }).to be true
    CounterTop.clear
    expect(@counter.scale.command("do" => "pour", "grams" => 80)).to be true
    expect(
      waited.call { (found = @counter.scale.latest) && found["stable"] && found["grams"].between?(78, 82) }
    ).to be true
  end

  it "tells the pages what it hears" do
    reader, writer = Socket.pair(:UNIX, :STREAM)
    @counter.hub.join(writer)
    waited.call { @counter.scale.here? }
    CounterTop.clear
    @counter.scale.command("do" => "pour", "grams" => 80)
    waited.call { (found = @counter.scale.latest) && found["stable"] && found["grams"].between?(78, 82) }
    expect(reader.read_nonblock(60_000)).to match(/retry: 1000.*event: scale\ndata: \{.*"here":true\}/m)
  end

  it "says that a scale is gone when it falls silent, and that it is back" do
    waited.call { @counter.scale.here? }
    CounterTop.tell("scale", do: "drop_out", seconds: 3)
    expect(waited.call { !@counter.scale.here? }).to be true
    expect(waited.call { @counter.scale.here? }).to be true
  end

  it "says that a scale is gone when it dies, and that another is back for it" do
    waited.call { @counter.scale.here? }
    Process.kill("KILL", CounterTop.stand_ins.pid("scale"))
    expect(waited.call { !@counter.scale.here? }).to be true
    expect(waited.call(15) { @counter.scale.here? }).to be true
  end

  it "drops a page that is gone, and goes on for the others" do
    gone, left = Array.new(2) { Socket.pair(:UNIX, :STREAM) }
    [gone, left].each { |_, writer| @counter.hub.join(writer) }
    gone.first.close
    expect(waited.call { @counter.hub.pages == 1 }).to be true
    expect(waited.call { left.first.read_nonblock(9000, exception: false).to_s.include?("scale") }).to be true
  end
end
