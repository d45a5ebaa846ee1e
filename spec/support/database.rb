require_relative "../../db/database"

# One throwaway cluster for each process of a run, under tmp/; every example in it is rolled back.
module TestDatabase
  CLOCK_START = Time.utc(2026, 11, 1, 9)

  module_function

  def connection
    @connection ||=
      begin
        cluster = Restauro::Database::Cluster.new(directory, durable: false)
        options = cluster.start
        at_exit { cluster.stop }
        Restauro::Database.connect(options, connections: 8)
      end
  end

  # As root the server runs as another user, who must be able to reach the directory.
  def directory =
    File.join(Restauro::ROOT, "tmp", ["spec", Process.uid, ENV.fetch("SPEC_SHARE", nil)].compact.join("-"))
end

RSpec.configure do |config|
  config.around(:each, :db) do |example|
    TestDatabase.connection.transaction(rollback: :always, auto_savepoint: true) { example.run }
  end
end
