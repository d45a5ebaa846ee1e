# Work beside the server: toy workers that echo, sleep and die stand for recipes that do.
require_relative "../support/web"

RSpec.describe Restauro::Workers::Pool do
  wire = Restauro::Workers::Wire
  toy =
    lambda do |path|
      socket = UNIXSocket.new(path)
      wire.send(socket, Process.pid)
      config = wire.receive(socket)
      while (job = wire.receive(socket))
        sleep job[:sleep] if job[:sleep]
        exit!(1) if job[:die]
        wire.send(socket, [job[:say], config, Process.pid])
      end
    end

  def pool(size: 1, **limits)
    @pool =
      described_class.new(Restauro::Workers::Nursery.open(&@toy), size: size, config: {"house" => 7}, **limits).start
    wait_until { @pool.pids.length == size }
    @pool
  end

  def wait_until
    100.times { yield ? break : sleep(0.05) }
  end

  before { @toy = toy }
  after { @pool&.stop }

  it("answers, with what each worker was told first") do
    expect(pool.call({say: "done"}).first(2)).to eq ["done", {"house" => 7}]
  end

  it "works two out at once in two processes" do
    two = pool(size: 2)
    answers = Array.new(2) { |index| Thread.new { two.call({say: index, sleep: 0.4}) } }.map(&:value)
    expect(answers.map(&:last).uniq.length).to eq 2
  end

  it "ends what takes too long, says so, and goes on with a new process" do
    short = pool(limit_s: 0.5)
    first = short.pids
    expect(short.call({say: 1, sleep: 30})).to eq :late
    wait_until { short.pids.any? && short.pids != first }
    expect(short.call({say: "on"}).first).to eq "on"
  end

  it "says when a worker died at it, and goes on with a new one" do
    one = pool
    expect(one.call({die: true})).to eq :broken
    wait_until { one.pids.any? }
    expect(one.call({say: "on"}).first).to eq "on"
  end

  it "sends away what is too much" do
    full = pool(most_waiting: 1)
    # Long enough for a machine whose processor is lent out.
    busy = Thread.new { full.call({say: 1, sleep: 4}) }
    sleep 0.5
    waiting = Thread.new { full.call({say: 2}) }
    sleep 0.5
    expect([full.call({say: 3}), busy.value.first, waiting.value.first]).to eq [:busy, 1, 2]
  end

  it "of a form's changes works out the one at hand and the newest" do
    one = pool
    threads =
      (1..4).map { |number| Thread.new { one.call({say: number, sleep: 0.5}, key: "a form") }.tap { sleep 0.1 } }
    expect(threads.map(&:value).map { |answer| answer.is_a?(Array) ? answer.first : answer }).to eq [
      1,
      :stale,
      :stale,
      4
    ]
  end

  it "knows itself broken when no worker is left and none can come" do
    lone = pool
    lone.instance_variable_get(:@nursery).close
    expect([lone.call({die: true}), lone.call({say: 1})]).to eq %i[broken broken]
  end

  it "goes to a database that moved" do
    moved = pool
    moved.restart({"house" => 8})
    wait_until { moved.pids.any? }
    expect(moved.call({say: 1})[1]).to eq("house" => 8)
  end
end

RSpec.describe Restauro::Workers::HeavyWork, :web do
  # The pool's place is taken by the worker's own side of it: what would go over the socket does, as values.
  over_the_wire =
    lambda do |services|
      within = Restauro::Web.within(services, lan: false)
      Object.new.tap do |pool|
        pool.define_singleton_method(:asked) { @asked ||= [] }
        pool.define_singleton_method(:call) do |job, key: nil|
          asked << key
          Marshal.load(Marshal.dump(Restauro::Workers::Job.answered_by(within, Marshal.load(Marshal.dump(job)))))
        end
      end
    end

  attr_reader :app

  before do
    @pool = over_the_wire[WebHelpers::SERVICES]
    @app = Restauro::Web.with(WebHelpers::SERVICES, secret: "t" * 64, pool: @pool)
  end

  it "gives the same page as without, keeps the browser and its draft, and refuses a form of another" do
    send_form(
      "/swap",
      swap_fields(recipe: "Sauce\n40 g flour\n40 g butter\n500 ml milk"),
      {"HTTP_X_RESTAURO_LIVE" => "1", "HTTP_X_RESTAURO_FORM" => "f1"}
    )
    expect([last_response.status, text_of(".big").first, @pool.asked.last]).to match([200, /\d+ g/, "f1"])
    visit("/swap")
    expect(text_of("textarea[name=recipe]").first).to include("40 g flour")
    post "/swap", swap_fields.merge("authenticity_token" => "forged")
    expect(last_response.status).to eq 403
  end

  it "hands over what is not found, too" do
    send_form("/swap", swap_fields(recipe: "Sauce\n40 g flour\n40 g butter\n500 ml milk"))
    visit("/swap/ovens")
    expect([last_response.status, text_of(".problem").join]).to match([404, /no crust on the Swap page/])
  end

  {
    busy: [503, /try again in a moment/],
    late: [503, /took too long/],
    stale: [204, /\A\z/]
  }.each do |fate, (code, words)|
    it "says kindly that it is #{fate}" do
      send_form("/swap", swap_fields)
      @pool.define_singleton_method(:call) { |*, **| fate }
      send_form("/swap", swap_fields, {"HTTP_X_RESTAURO_LIVE" => "1"})
      expect([last_response.status, last_response.body]).to match([code, code == 204 ? "" : words])
    end
  end

  it "works it out here where the pool is broken" do
    send_form("/swap", swap_fields)
    @pool.define_singleton_method(:call) { |*, **| :broken }
    send_form("/swap", swap_fields, {"HTTP_X_RESTAURO_LIVE" => "1"})
    expect([last_response.status, text_of(".big").first]).to match([200, /\d+ g/])
  end

  it "leaves light pages and uploads where they are" do
    visit("/more")
    before = @pool.asked.length
    visit("/notebook")
    expect(@pool.asked.length).to eq before
  end
end
