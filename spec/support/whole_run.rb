# bin/test: every example, in three processes at once: the core and the pages; the browser and the database in two
# shares. Each has a database of its own.
# The first's report is printed as it comes, the others' after it.
require "tempfile"

root = File.expand_path("../..", __dir__)
files = Dir["#{root}/spec/**/*_spec.rb"].map { |file| file.delete_prefix("#{root}/") }
browser, rest = files.partition { |file| file.match?(%r{\Aspec/(?:system|db|devices)/}) }
shares = [[], []]
browser
  .sort_by { |file| -File.size(file) }
  .each { |file| shares.min_by { |share| share.sum { |one| File.size(one) } } << file }

running =
  shares.each_with_index.map do |share, index|
    report = Tempfile.new("share")
    [
      Process.spawn(
        {"SPEC_SHARE" => index.to_s},
        "bundle",
        "exec",
        "rspec",
        *ARGV,
        *share,
        out: report.path,
        err: %i[child out]
      ),
      report
    ]
  end
good = [system("bundle", "exec", "rspec", *ARGV, *rest)]
running.each do |pid, report|
  good << Process.wait2(pid).last.success?
  puts "", "Beside that:", File.read(report.path)
end
exit good.all?
