# Thirty thousand requests that no page sends, over a throwaway database. Run: bench/run fuzz [COUNT] [SEED]
# Prints what was answered with a 5xx or took over two seconds; exit 1 then.
require "tmpdir"
require_relative "fuzzing"

cluster = Restauro::Database::Cluster.new(File.join(Dir.tmpdir, "restauro-fuzz-#{Process.uid}"), durable: false)
begin
  count, seed = Integer(ARGV[0] || 30_000), Integer(ARGV[1] || 1)
  services = Restauro::Services.on(Restauro::Database.connect(cluster.start, connections: 5))
  Restauro::Demo.fill(services) if services.kept_swaps.latest(1).empty?
  fuzzing = Restauro::Fuzzing.new(Restauro::Web.with(services, secret: "f" * 64), seed: seed)
  faults = fuzzing.run(count)
  faults.first(20).each { |fault| puts fault.to_h }
  puts "#{count} requests over #{fuzzing.routes.length} routes, seed #{seed}: #{faults.count { |fault| fault.status >= 500 }} with a 5xx, " \
       "#{faults.count { |fault| fault.status < 500 }} over #{Restauro::Fuzzing::SLOWEST_S} s"
  exit 1 if faults.any?
ensure
  cluster.stop
end
