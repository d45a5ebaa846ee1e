# Which example runs which line of the core: one run of its specs with the line counts taken before and after each. Loaded by rspec itself
# (bench/mutation.rb), it writes a file that says, of every line, the examples that run it, and how long each takes.
require "coverage"
Coverage.start(lines: true, methods: true)
require "json"

RSpec.configure do |config|
  root = File.expand_path("..", __dir__)
  lib = File.join(Dir.pwd, "lib", "restauro")
  lines = Hash.new { |all, file| all[file] = Hash.new { |of, line| of[line] = [] } }
  examples = []
  # A method of one line counts no line of its own: it is known by its calls.
  counts = lambda do
    Coverage.peek_result.select { |file, _| file.start_with?(lib) }
  end
  ran = lambda do |before, now|
    was = before ? before[:lines] : []
    own = now[:lines].each_index.select { |index| now[:lines][index]&.positive? && now[:lines][index] != was[index] }.map { |index| index + 1 }
    called = now[:methods].select { |key, count| count.positive? && count != before&.dig(:methods, key) }.keys
    own | called.select { |key| key[2] == key[4] }.map { |key| key[2] }
  end

  config.around do |example|
    before = counts.call
    started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    example.run
    number = examples.push([example.id, Process.clock_gettime(Process::CLOCK_MONOTONIC) - started]).length - 1
    counts.call.each { |file, now| ran[before[file], now].each { |line| lines[file.delete_prefix("#{Dir.pwd}/")][line] << number } }
  end

  config.after(:suite) { File.write(ENV.fetch("COVERING"), JSON.generate(examples: examples, lines: lines)) }
  raise "no core in #{root}" unless File.directory?(lib)
end
