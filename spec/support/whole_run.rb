# bin/test: every example, in two processes at once: the core, which needs nothing, beside what has a database and a browser. The second's report is printed as it
# comes, the first's after it.
require "tempfile"

root = File.expand_path("../..", __dir__)
files = Dir["#{root}/spec/**/*_spec.rb"].map { |file| file.delete_prefix("#{root}/") }
with_database, core = files.partition { |file| file.match?(%r{\Aspec/(?:db|web|system|devices)/}) }

report = Tempfile.new("core")
beside = Process.spawn("bundle", "exec", "rspec", *ARGV, *core, out: report.path, err: %i[child out])
here = system("bundle", "exec", "rspec", *ARGV, *with_database)
core_good = Process.wait2(beside).last.success?
puts "", "The core, beside that:", File.read(report.path)
exit here && core_good
