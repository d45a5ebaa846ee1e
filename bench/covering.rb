# Which example runs which line of the core: one run of its specs with the line counts taken before and after each. Loaded by rspec itself
# (bench/mutation.rb), it writes a file that says, of every line, the examples that run it, and how long each takes.
require "coverage"
Coverage.start(lines: true)
require "json"

RSpec.configure do |config|
  root = File.expand_path("..", __dir__)
  lib = File.join(Dir.pwd, "lib", "restauro")
  lines = Hash.new { |all, file| all[file] = Hash.new { |of, line| of[line] = [] } }
  examples = []
  counts = -> { Coverage.peek_result.select { |file, _| file.start_with?(lib) }.transform_values { |found| found[:lines] } }

  config.around do |example|
    before = counts.call
    started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    example.run
    number = examples.push([example.id, Process.clock_gettime(Process::CLOCK_MONOTONIC) - started]).length - 1
    counts.call.each do |file, now|
      was = before[file]
      now.each_with_index { |count, index| lines[file.delete_prefix("#{Dir.pwd}/")][index + 1] << number if count&.positive? && count != was&.[](index) }
    end
  end

  config.after(:suite) { File.write(ENV.fetch("COVERING"), JSON.generate(examples: examples, lines: lines)) }
  raise "no core in #{root}" unless File.directory?(lib)
end
