require "tmpdir"
require_relative "../../app/web"
require_relative "../../app/home"

RSpec.describe Restauro::Home do
  around { |example| Dir.mktmpdir { |directory| @directory = directory and example.run } }

  it "is one process's at a time, and says where that runs" do
    first = described_class.new(@directory)
    expect(first.take).to be true
    first.runs_at("http://127.0.0.1:9292")
    taken =
      IO.popen(
        [
          RbConfig.ruby,
          "-r",
          File.expand_path("../../app/home", __dir__),
          "-e",
          "home = Restauro::Home.new(ARGV[0]); puts home.take, home.elsewhere",
          @directory
        ],
        &:read
      )
    expect(taken).to match(%r{\Afalse\nRestauro runs already at http://127.0.0.1:9292; .*--port N})
  end
end

RSpec.describe Restauro::Archive::Nightly do
  it "writes one a day, whole, and keeps seven" do
    Dir.mktmpdir do |directory|
      day, made = [Time.utc(2026, 11, 1)], 0
      nightly = described_class.new(File.join(directory, "backups"), clock: -> { day.last }) { "archive #{made += 1}" }
      9.times { |n| 2.times { nightly.once } && day << Time.utc(2026, 11, n + 2) }
      expect(
        [
          made,
          nightly.archives.length,
          nightly.archives.first,
          Dir.children(File.join(directory, "backups")).grep(/part/)
        ]
      ).to eq [9, 7, "restauro-2026-11-03.tar.gz", []]
    end
  end
end

RSpec.describe Restauro::Database::Cluster do
  around do |example|
    Dir.mktmpdir do |directory|
      FileUtils.chmod(0o755, directory) and @directory = File.join(directory, "home") and example.run
    end
  end

  it "made by two at once is made once, and both find it" do
    found = Array.new(2) { described_class.new(@directory, durable: false) }
    made = found.map { |one| Thread.new { one.send(:made_once) } }.each(&:join)
    expect([made.length, File.exist?(File.join(@directory, "data", "PG_VERSION"))]).to eq [2, true]
  end

  it "keeps its port while an old backend dies, and the pool follows where it moves" do
    cluster = described_class.new(@directory, durable: false)
    options = cluster.start
    database = Restauro::Database.connect(options, connections: 2)
    pid = cluster.instance_variable_get(:@pid)
    postmaster = File.foreach(File.join(@directory, "data", "postmaster.pid")).first.to_i
    backend = database.get(Sequel.function(:pg_backend_pid))
    Process.kill("STOP", backend)
    Process.kill("KILL", postmaster)
    begin
      Process.wait(pid)
    rescue StandardError
      nil
    end
    letting_go =
      Thread.new do
        sleep(4) && Process.kill("KILL", backend)
      rescue StandardError
        nil
      end
    cluster.send(:revive)
    letting_go.join
    expect([cluster.connection[:port], database.get(1)]).to eq [options[:port], 1]
    File.write(File.join(@directory, "port"), "torn")
    cluster.stop
    moved = cluster.start
    Restauro::Database.follow(database, moved)
    expect([moved[:port] == options[:port], database.get(1)]).to eq [false, 1]
  ensure
    database&.disconnect
    cluster&.stop
  end

  it "says what to do where the password is gone" do
    cluster = described_class.new(@directory, durable: false)
    cluster.start
    cluster.stop
    File.write(File.join(@directory, "password"), "")
    expect { cluster.start }.to raise_error(described_class::Failed, /put that file back/)
  ensure
    cluster&.stop
  end

  it "a home of a later Restauro is left as it is" do
    cluster = described_class.new(@directory, durable: false)
    options = cluster.start
    database = Restauro::Database.connect(options, connections: 1)
    database[:schema_info].update(version: 9999)
    expect { Restauro::Database.connect(options, connections: 1) }.to raise_error(
      described_class::Failed,
      /later Restauro/
    )
  ensure
    database&.disconnect
    cluster&.stop
  end
end
