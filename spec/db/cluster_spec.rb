require "tmpdir"
require_relative "../../db/database"

# A cluster of its own in a directory of its own: made, found again, and back after a crash.
RSpec.describe Restauro::Database::Cluster, db: false do
  around do |example|
    directory = File.join(Restauro::ROOT, "tmp", "cluster-#{Process.pid}")
    @directory = directory
    example.run
  ensure
    FileUtils.rm_rf(directory)
  end

  def cluster = described_class.new(@directory, durable: false)
  def ask(options) =
    Sequel.connect(**options, database: "postgres", max_connections: 1) { |db| db.get(Sequel.lit("1")) }
  def postmaster = File.foreach(File.join(@directory, "data", "postmaster.pid")).first.to_i

  it "starts again after it was killed hard, and is found where it runs" do
    first = cluster
    expect(ask(first.start)).to eq 1
    killed = postmaster
    Process.kill("KILL", killed)
    Process.wait(killed)
    again = cluster
    expect(ask(again.start)).to eq 1
    expect(ask(cluster.start)).to eq 1
    again.stop
  end

  it "listens on loopback alone, to who has the password" do
    one = cluster
    options = one.start
    expect([options[:host], File.stat(File.join(@directory, "password")).mode & 0o777]).to eq ["127.0.0.1", 0o600]
    expect { Sequel.connect(**options, password: "wrong", database: "postgres", &:tables) }.to raise_error(
      Sequel::DatabaseConnectionError
    )
    one.stop
  end

  it "takes another port when its own is taken" do
    first = cluster
    first.start
    first.stop
    port = Integer(File.read(File.join(@directory, "port")))
    TCPServer.open("127.0.0.1", port) do
      second = cluster
      options = second.start
      expect([ask(options), options[:port]]).to match([1, satisfy { |now| now != port }])
      second.stop
    end
  end

  it "comes back by itself when it was killed, with all that was written" do
    kept = described_class.new(@directory)
    options = kept.start
    kept.keep
    Sequel.connect(**options, database: "postgres", max_connections: 1) do |db|
      db.create_table(:notes) { String :words } || db[:notes].insert(words: "kept")
    end
    Process.kill("KILL", postmaster)
    deadline = Process.clock_gettime(Process::CLOCK_MONOTONIC) + 20
    found =
      begin
        Sequel.connect(**options, database: "postgres", max_connections: 1) { |db| db[:notes].get(:words) }
      rescue Sequel::DatabaseError
        raise if Process.clock_gettime(Process::CLOCK_MONOTONIC) > deadline

        sleep 0.2
        retry
      end
    expect(found).to eq "kept"
  ensure
    kept&.stop
  end
end
