# The notebook's list and its search with many entries: seconds a page takes to be made.   bench/run notebook
require_relative "../app/web"
require "rack/mock"
require "tmpdir"

module Bench
  module Notebook
    module_function

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

    def run
      cluster = Restauro::Database::Cluster.new(File.join(Dir.tmpdir, "restauro-notebook-#{Process.uid}"), durable: false)
      database = Restauro::Database.connect(cluster.start, connections: 3)
      services = Restauro::Services.on(database)
      web = Restauro::Web.with(services, secret: "b" * 64)
      database.transaction(rollback: :always) do
        entry = Restauro::Demo.fields(Restauro::Demo.data.fetch("notebook")[3], services)
        id = services.kept_swaps.add(**entry)
        row = database[:kept_swaps].first(id: id)
        [200, 10_000].each do |count|
          have = database[:kept_swaps].count
          (have...count).each_slice(500) { |slice| database[:kept_swaps].multi_insert(slice.map { |n| row.except(:id, :uid).merge(title: "Sauce #{n}", updated_at: Time.now - n) }) }
          ["/notebook", "/notebook?q=maize", "/notebook?q=nothing-like-it", "/notebook?page=#{count / 50}"].each do |path|
            times = Array.new(5) {
              began = now
              Rack::MockRequest.new(web).get(path, "HTTP_HOST" => "localhost").then { |answer| raise "#{path}: #{answer.status}" unless answer.ok? }
              now - began
            }
            puts format("%6d entries  %-32s %4.0f ms", count, path, 1000 * times.min)
          end
        end
      end
    ensure
      cluster&.stop
    end
  end
end
Bench::Notebook.run
