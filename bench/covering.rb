# Which lines of the core one spec file runs, and how long it takes. Loaded by rspec itself (bench/mutation.rb), before the core.
require "coverage"
Coverage.start(lines: true, methods: true)
require "json"

started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
RSpec.configure do |config|
  config.after(:suite) do
    here = "#{Dir.pwd}/"
    # A gem whose class takes `hash` for a method of its own cannot be counted: what such a file runs is not known.
    counted = begin
      Coverage.peek_result
    rescue ArgumentError
      {}
    end
    lines = counted.select { |file, _| file.start_with?("#{here}lib/restauro") }.to_h do |file, found|
      # A method of one line has been run where it was called, not where it was defined.
      short = found[:methods].select { |key, _| key[2] == key[4] }
      called = short.select { |_, count| count.positive? }.keys.map { |key| key[2] }
      run = found[:lines].each_index.select { |index| found[:lines][index]&.positive? }.map { |index| index + 1 }
      [file.delete_prefix(here), (run - short.keys.map { |key| key[2] }) | called]
    end
    File.write(ENV.fetch("COVERING"), JSON.generate(seconds: Process.clock_gettime(Process::CLOCK_MONOTONIC) - started, lines: lines))
  end
end
