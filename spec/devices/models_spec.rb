require_relative "../../devices/scale_model"
require_relative "../../devices/probe_model"

RSpec.describe "The stand-in scale" do
  scale = ->(**more) { Restauro::Devices::ScaleModel.new(chance: Random.new(7), **more) }
  # Readings five a second from one second to another.
  readings = ->(model, from, to) { ((from * 5)..(to * 5)).map { |step| model.reading(step / 5.0) } }

  it "sways, then settles on what was poured" do
    model = scale.call
    model.obey({"do" => "pour", "grams" => 130, "seconds" => 1}, 0.0)
    all = readings[model, 0, 5]
    expect([all[2][:stable], all.last[:stable], all.last[:grams]]).to match([false, true, be_within(1).of(130)])
  end

  it("shows whole steps of its resolution") do
    expect(
      [1.0, 0.1].map do |step|
        scale
          .call(resolution: step)
          .tap { |m| m.obey({"do" => "pour", "grams" => 12.34}, 0.0) }
          .then { |m| readings[m, 0, 6].last[:grams] }
      end
    ).to match([12.0, be_within(0.25).of(12.3)])
  end

  it "tares, and goes below nothing when it is lifted" do
    model = scale.call
    model.obey({"do" => "pour", "grams" => 200}, 0.0)
    readings[model, 0, 5]
    model.obey({"do" => "tare"}, 5.0)
    expect(readings[model, 5, 6].last[:grams]).to be_within(1).of(0)
    model.obey({"do" => "lift"}, 6.0)
    expect(readings[model, 6, 10].last[:grams]).to be_within(1).of(-200)
  end

  it("is overloaded past three kilos") do
    expect(
      scale
        .call
        .tap { |m| m.obey({"do" => "pour", "grams" => 3200}, 0.0) }
        .then { |m| readings[m, 0, 4].last.values_at(:grams, :overload) }
    ).to eq [nil, true]
  end
  it("falls silent and comes back") do
    expect(
      scale
        .call
        .tap { |m| m.obey({"do" => "drop_out", "seconds" => 2}, 0.0) }
        .then { |m| [m.reading(1.0), m.reading(2.5).class] }
    ).to eq [nil, Hash]
  end
  it("drifts a little, never far") do
    expect(readings[scale.call(resolution: 0.1), 0, 600].last[:grams].abs).to be_between(0.0, 1.5)
  end
  [{"do" => "jump"}, {"do" => "pour", "grams" => "much"}, {"do" => "resolution", "grams" => 5}].each do |command|
    it("says what is wrong with #{command}") { expect(scale.call.obey(command, 0.0)).to be_a(String) }
  end
end

RSpec.describe "The stand-in probe" do
  probe = -> { Restauro::Devices::ProbeModel.new(chance: Random.new(7)) }

  # By hand: after one lag of 4 s it has come 63.2 % of the way, from 21 to 81 C: 58.9.
  it("follows with its lag") do
    expect(
      probe
        .call
        .tap { |m| m.reading(0.0) && m.obey({"do" => "put", "celsius" => 81}, 0.0) }
        .then { |m| m.reading(4.0)[:celsius] }
    ).to be_within(0.3).of(58.9)
  end
  it("warms with what it is in") do
    expect(
      probe
        .call
        .tap { |m| m.obey({"do" => "heat", "celsius" => 100, "seconds" => 100}, 0.0) }
        .then { |m| (1..150).map { |s| m.reading(s.to_f)[:celsius] }.last }
    ).to be_within(0.5).of(100)
  end
end
