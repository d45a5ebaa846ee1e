# COVERAGE=1 bin/test FILE...: how many lines of each folder were run, printed at the end; coverage/index.html has them
# one by one.
require "simplecov"

SimpleCov.start do
  enable_coverage :branch
  root File.expand_path("../..", __dir__)
  add_filter %w[/spec/ /bench/ /vendor/ /docs/]
  at_exit do
    by_folder =
      SimpleCov.result.files.group_by do |file|
        file.project_filename[%r{\A/(lib/restauro/[^/.]+|app/[^/.]+|db)}, 1] || "lib"
      end
    by_folder.sort.each do |folder, files|
      lines = files.sum { |file| file.covered_lines.length + file.missed_lines.length }
      puts format(
        "%-26s %5.1f %% of %d lines",
             folder,
             100.0 * files.sum { |file| file.covered_lines.length } / [lines, 1].max,
             lines
      )
    end
  end
end
