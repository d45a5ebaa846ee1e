# What the specs would not notice: one small change at a time in a folder of the core, and on a copy the examples that run the changed line. Run: bench/run mutation [FOLDER] [COUNT] [SEED]
# A change that no spec notices survives; survivors are listed, to be killed by a spec or shown to change nothing. The scores stand in docs/mutation.md.
require "etc"
require "fileutils"
require "json"
require "ripper"
require "tmpdir"

module Restauro
  # Operators that people mistake, put one for another.
  class Mutation
    ROOT = File.expand_path("..", __dir__)
    SPECS = (Dir["#{ROOT}/spec/{*_spec.rb,*/}"].map { |path| path.delete_prefix("#{ROOT}/").delete_suffix("/") } -
             %w[spec/db spec/web spec/system spec/support spec/reference spec/devices spec/core_spec.rb spec/docs_spec.rb]).freeze
    # So many seconds of examples for one change: the quickest of those that run its line.
    ENOUGH_S = 25.0
    OTHERS = {"<" => "<=", "<=" => "<", ">" => ">=", ">=" => ">", "==" => "!=", "&&" => "||", "||" => "&&", "+" => "-", "-" => "+", "*" => "/", "true" => "false", "false" => "true",
              "any?" => "none?", "all?" => "none?", "none?" => "any?", "min" => "max", "max" => "min", "first" => "last", "last" => "first", "select" => "reject", "reject" => "select",
              "min_by" => "max_by", "max_by" => "min_by", "positive?" => "negative?", "if" => "unless", "unless" => "if"}.freeze
    # file below lib/restauro · line, column · before, after
    Change = Struct.new(:file, :line, :column, :before, :after)

    # @param covering [Hash] lines of each file with the examples that run them, and how long each example takes
    def initialize(folder, count, seed, covering)
      @folder = folder
      @examples, @lines = covering.values_at("examples", "lines")
      @changes = all_changes.sample(count, random: Random.new(seed))
      abort "there is nothing below lib/restauro/#{folder}" if files.empty?
    end

    def run = Dir.mktmpdir { |directory| report(work(Array.new(Etc.nprocessors) { |index| copy(File.join(directory, index.to_s)) })) }

    # One run of all the core's specs, kept for as long as neither core nor specs change.   @return [Hash]
    def self.covering
      kept = File.join(ROOT, "tmp", "covering.json")
      newest = Dir["#{ROOT}/{lib,spec,data,bench}/**/*.*"].map { |file| File.mtime(file) }.max
      unless File.exist?(kept) && File.mtime(kept) > newest
        FileUtils.mkdir_p(File.dirname(kept))
        warn "which example runs which line: one run of the specs"
        environment = {"BUNDLE_GEMFILE" => File.join(ROOT, "Gemfile"), "COVERING" => kept}
        system(environment, "bundle", "exec", "rspec", "-r", "./bench/covering", *SPECS, chdir: ROOT, out: File::NULL) or abort "the specs fail unchanged"
      end
      JSON.parse(File.read(kept))
    end

    private

    def files = ["#{ROOT}/lib/restauro/#{@folder}.rb", *Dir["#{ROOT}/lib/restauro/#{@folder}/**/*.rb"]].select { |file| File.exist?(file) }

    def all_changes
      files.flat_map do |file|
        Ripper.lex(File.read(file)).filter_map do |(line, column), kind, text, _|
          next unless %i[on_op on_kw on_ident].include?(kind) && OTHERS.key?(text)

          Change.new(file.delete_prefix("#{ROOT}/"), line, column, text, OTHERS.fetch(text))
        end
      end.select { |change| parses?(change) }
    end

    def parses?(change)
      warnings, $VERBOSE = $VERBOSE, nil
      RubyVM::InstructionSequence.compile(changed(change)) && true
    rescue SyntaxError
      false
    ensure
      $VERBOSE = warnings
    end

    def changed(change)
      lines = File.readlines(File.join(ROOT, change.file), encoding: "UTF-8")
      bytes = lines[change.line - 1].b
      bytes[change.column, change.before.bytesize] = change.after.b
      lines[change.line - 1] = bytes.force_encoding("UTF-8")
      lines.join
    end

    def copy(path)
      FileUtils.mkdir_p(path)
      %w[lib spec docs db].each { |folder| FileUtils.cp_r(File.join(ROOT, folder), path) }
      %w[data bin app bench devices .rspec].each { |name| FileUtils.ln_s(File.join(ROOT, name), path) if File.exist?(File.join(ROOT, name)) }
      path
    end

    # @return [Array<Change>] that no spec noticed
    def work(copies)
      queue, survivors, lock = @changes.dup, [], Mutex.new
      copies.map do |path|
        Thread.new do
          while (change = lock.synchronize { queue.shift })
            survived = try(path, change)
            lock.synchronize { survivors << change } if survived
          end
        end
      end.each(&:join)
      survivors
    end

    def try(path, change)
      file = File.join(path, change.file)
      File.write(file, changed(change))
      examples = examples_of(change)
      examples.empty? || alive?(path, examples.map(&:first), 4 * examples.sum(&:last) + 20)
    ensure
      FileUtils.cp(File.join(ROOT, change.file), file)
    end

    # The quickest examples that run the line: a line inside an expression by the line that begins it, one of a class's body by all of its file.
    def examples_of(change)
      of_file = @lines.fetch(change.file, {})
      numbers = change.line.downto([change.line - 12, 1].max).lazy.map { |line| of_file[line.to_s] }.find { |found| found&.any? } || of_file.values.flatten.uniq
      numbers.map { |number| @examples[number] }.sort_by(&:last).each_with_object([]) { |one, kept| kept << one if kept.sum(&:last) + one.last < ENOUGH_S }
    end

    # Whether every spec passes; one that runs for ever has been noticed.
    def alive?(path, specs, limit_s)
      pid = spawn({"BUNDLE_GEMFILE" => File.join(ROOT, "Gemfile")}, "bundle", "exec", "rspec", "--fail-fast", *specs, chdir: path, out: File::NULL, err: File::NULL, pgroup: true)
      waiter = Process.detach(pid)
      return waiter.value.success? if waiter.join(limit_s)

      Process.kill("KILL", -pid)
      waiter.join
      false
    end

    def report(survivors)
      killed = @changes.length - survivors.length
      puts format("%-16s %3d of %3d changes noticed, %.0f %%", @folder, killed, @changes.length, 100.0 * killed / @changes.length)
      survivors.sort_by { |change| [change.file, change.line] }.each do |change|
        puts "  #{change.file}:#{change.line}: #{change.before} for #{change.after}: #{File.readlines(File.join(ROOT, change.file))[change.line - 1].strip[0, 110]}"
      end
    end
  end
end

folders = ARGV[0] && ARGV[0] != "all" ? [ARGV[0]] : %w[safety diets labels cupboard hydration learning heat physics recipes lift shaping dishes families]
covering = Restauro::Mutation.covering
folders.each { |folder| Restauro::Mutation.new(folder, Integer(ARGV[1] || 40), Integer(ARGV[2] || 1), covering).run }
