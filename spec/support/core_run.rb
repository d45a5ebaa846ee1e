# bin/test --core: the core's examples on as many processors as there are, each with a share of the files, the largest
# first.
require "etc"

root = File.expand_path("../..", __dir__)
apart = %w[support reference system web db devices corpus]
files =
  Dir["#{root}/spec/**/*_spec.rb"].reject do |file|
    apart.include?(file.delete_prefix("#{root}/spec/").split("/").first)
  end
shares = Array.new([Etc.nprocessors, files.length].min) { [] }
files
  .sort_by { |file| -File.size(file) }
  .each { |file| shares.min_by { |share| share.sum { |one| File.size(one) } } << file }
began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
pids = shares.map { |share| Process.spawn("bundle", "exec", "rspec", *ARGV, *share) }
good = pids.map { |pid| Process.wait2(pid).last.success? }.all?
puts format(
  "%d files on %d processors: %s, %.0f s",
       files.length,
       shares.length,
       good ? "all good" : "something failed",
       Process.clock_gettime(Process::CLOCK_MONOTONIC) - began
)
exit good
