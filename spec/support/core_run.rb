# bin/test --core: the core's examples on as many processors as there are, each with a share of the files, by what they
# took the last time. Those marked long (over every school and diet, whole dishes, made-up meals) wait for the whole
# run, or for --all.
require "etc"
require "fileutils"
require "json"

root = File.expand_path("../..", __dir__)
apart = %w[support reference system web db devices]
files = Dir["#{root}/spec/**/*_spec.rb"].map { |file| file.delete_prefix("#{root}/") }
                                        .reject { |file| apart.include?(file.split("/")[1]) }
quick = !ARGV.delete("--all")
# Not even loaded where all of it is long.
long = ->(file) { File.foreach("#{root}/#{file}").grep(/^RSpec\.describe/).all? { |line| line.include?(":long") } }
files = files.reject(&long) if quick
times = "#{root}/tmp/core_times.json"
took = File.exist?(times) ? JSON.parse(File.read(times)) : {}
weigh = ->(file) { took.fetch(file, File.size("#{root}/#{file}") / 10_000.0) }
shares = Array.new([Etc.nprocessors, files.length].min) { [] }
files.sort_by { |file| -weigh[file] }.each { |file| shares.min_by { |share| share.sum(&weigh) } << file }

began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
FileUtils.mkdir_p("#{root}/tmp")
outs = shares.each_index.map { |index| "#{root}/tmp/core_#{index}.json" }
pids = shares.zip(outs).map do |share, out|
  formats = ["--format", "progress", "--format", "json", "--out", out]
  Process.spawn("bundle", "exec", "rspec", *formats, *(%w[--tag ~long] if quick), *ARGV, *share)
end
good = pids.map { |pid| Process.wait2(pid).last.success? }.all?
ran = outs.select { |out| File.exist?(out) }.flat_map { |out| JSON.parse(File.read(out))["examples"] }
ran.group_by { |one| one["file_path"].delete_prefix("./") }
   .transform_values { |examples| examples.sum { |one| one["run_time"].to_f } }
   .then { |found| File.write(times, JSON.generate(found)) if quick && ARGV.empty? }
seconds = Process.clock_gettime(Process::CLOCK_MONOTONIC) - began
words = good ? "all good" : "something failed"
puts format("%d files on %d processors: %s, %.0f s", files.length, shares.length, words, seconds)
exit good
