# What the specs would not notice: one small change at a time in a folder of the core, its own specs run on a copy. Run: bench/run mutation [FOLDER] [COUNT] [SEED]
# A change that no spec notices survives; survivors are listed, to be killed by a spec or shown to change nothing. The scores stand in docs/mutation.md.
require "etc"
require "fileutils"
require "ripper"
require "tmpdir"

module Restauro
  # Operators that people mistake, put one for another.
  class Mutation
    ROOT = File.expand_path("..", __dir__)
    FOLDERS = {"safety" => %w[spec/safety_spec.rb spec/dishes/net_spec.rb], "diets" => %w[spec/diets spec/dishes/eaters_spec.rb], "labels" => %w[spec/labels], "cupboard" => %w[spec/cupboard],
               "hydration" => %w[spec/hydration spec/families/dough], "learning" => %w[spec/learning], "heat" => %w[spec/heat], "physics" => %w[spec/physics spec/families/sauce],
               "recipes" => %w[spec/recipes], "families/sauce" => %w[spec/families/sauce], "dishes" => %w[spec/dishes]}.freeze
    OTHERS = {"<" => "<=", "<=" => "<", ">" => ">=", ">=" => ">", "==" => "!=", "&&" => "||", "||" => "&&", "+" => "-", "-" => "+", "*" => "/", "true" => "false", "false" => "true",
              "any?" => "none?", "all?" => "none?", "none?" => "any?", "min" => "max", "max" => "min", "first" => "last", "last" => "first", "select" => "reject", "reject" => "select",
              "min_by" => "max_by", "max_by" => "min_by", "positive?" => "negative?", "if" => "unless", "unless" => "if"}.freeze
    # file below lib/restauro · line, column · before, after
    Change = Struct.new(:file, :line, :column, :before, :after)

    def initialize(folder, count, seed)
      @folder = folder
      @specs = FOLDERS.fetch(folder) { abort "folders are #{FOLDERS.keys.join(", ")}; got '#{folder}'" }
      @changes = all_changes.sample(count, random: Random.new(seed))
    end

    def run
      Dir.mktmpdir do |directory|
        copies = Array.new(Etc.nprocessors) { |index| copy(File.join(directory, index.to_s)) }
        took = timed { alive?(copies.first, 600) or abort "the specs of #{@folder} fail unchanged" }
        @limit_s = 4 * took + 10
        report(work(copies))
      end
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
      RubyVM::InstructionSequence.compile(changed(change)) && true
    rescue SyntaxError
      false
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
      alive?(path, @limit_s)
    ensure
      FileUtils.cp(File.join(ROOT, change.file), file)
    end

    # Whether every spec passes; one that runs for ever has been noticed.
    def alive?(path, limit_s)
      pid = spawn({"BUNDLE_GEMFILE" => File.join(ROOT, "Gemfile")}, "bundle", "exec", "rspec", "--fail-fast", *@specs, chdir: path, out: File::NULL, err: File::NULL, pgroup: true)
      waiter = Process.detach(pid)
      return waiter.value.success? if waiter.join(limit_s)

      Process.kill("KILL", -pid)
      waiter.join
      false
    end

    def timed
      started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      yield
      Process.clock_gettime(Process::CLOCK_MONOTONIC) - started
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

folders = ARGV[0] && ARGV[0] != "all" ? [ARGV[0]] : Restauro::Mutation::FOLDERS.keys
folders.each { |folder| Restauro::Mutation.new(folder, Integer(ARGV[1] || 40), Integer(ARGV[2] || 1)).run }
