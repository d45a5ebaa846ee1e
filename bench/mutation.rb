# What the specs would not notice: one small change at a time in a folder of the core, and on a copy the spec files that run the changed line. Run: bench/run mutation [FOLDER] [COUNT] [SEED]
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
    SPECS = Dir["#{ROOT}/spec/**/*_spec.rb"].map { |path| path.delete_prefix("#{ROOT}/") }.grep_v(%r{\Aspec/(?:db|web|system|devices|(?:core|docs)_spec)}).sort.freeze
    # Whole dishes' answers as they were, and what every dish is held to.
    DISHES = %w[spec/dishes/answers_spec.rb spec/dishes/corpus_spec.rb].freeze
    # So many seconds of spec files for one change: the folder's own quick ones, whole dishes, then the quickest of those that run its line.
    ENOUGH_S = 300.0
    QUICK_S = 10.0
    OTHERS = {"<" => "<=", "<=" => "<", ">" => ">=", ">=" => ">", "==" => "!=", "&&" => "||", "||" => "&&", "+" => "-", "-" => "+", "*" => "/", "true" => "false", "false" => "true",
              "any?" => "none?", "all?" => "none?", "none?" => "any?", "min" => "max", "max" => "min", "first" => "last", "last" => "first", "select" => "reject", "reject" => "select",
              "min_by" => "max_by", "max_by" => "min_by", "positive?" => "negative?", "if" => "unless", "unless" => "if"}.freeze
    # file below lib/restauro · line, column · before, after
    Change = Struct.new(:file, :line, :column, :before, :after)

    # @param covering [Hash] spec file => what it runs and how long it takes
    def initialize(folder, count, seed, covering)
      @folder = folder
      @covering = covering
      @changes = all_changes.sample(count, random: Random.new(seed))
      abort "there is nothing below lib/restauro/#{folder}" if files.empty?
    end

    def run = Dir.mktmpdir { |directory| report(work(Array.new(Etc.nprocessors) { |index| copy(File.join(directory, index.to_s)) })) }

    # Each of the core's spec files run once, kept for as long as neither core nor specs change.   @return [Hash]
    def self.covering
      kept = File.join(ROOT, "tmp", "covering.json")
      newest = Dir["#{ROOT}/{lib,spec,data,bench}/**/*.*"].map { |file| File.mtime(file) }.max
      return JSON.parse(File.read(kept)) if File.exist?(kept) && File.mtime(kept) > newest

      warn "which spec file runs which line: each once"
      queue = SPECS.dup
      found = Array.new(Etc.nprocessors) { Thread.new { covered(queue) } }.map(&:value).reduce(:merge)
      FileUtils.mkdir_p(File.dirname(kept))
      File.write(kept, JSON.generate(found))
      found
    end

    def self.covered(queue)
      found = {}
      while (spec = queue.shift)
        Dir.mktmpdir do |directory|
          path = File.join(directory, "covering.json")
          environment = {"BUNDLE_GEMFILE" => File.join(ROOT, "Gemfile"), "COVERING" => path}
          system(environment, "bundle", "exec", "rspec", "-r", "./bench/covering", spec, chdir: ROOT, out: File::NULL) or abort "#{spec} fails unchanged"
          found[spec] = JSON.parse(File.read(path))
        end
      end
      found
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
      specs = specs_of(change)
      specs.empty? || alive?(path, specs, 4 * specs.sum { |spec| @covering.fetch(spec)["seconds"] } + 20)
    ensure
      FileUtils.cp(File.join(ROOT, change.file), file)
    end

    # The spec files that run the line: a line inside an expression by the line that begins it.
    def specs_of(change)
      near = change.line.downto([change.line - 12, 1].max).lazy.map { |line| @covering.select { |_, found| found["lines"].fetch(change.file, []).include?(line) }.keys }
      specs = near.find(&:any?) || []
      specs.sort_by { |spec| [turn(spec, change), @covering.fetch(spec)["seconds"]] }
           .each_with_object([]) { |spec, kept| kept << spec if (kept + [spec]).sum { |one| @covering.fetch(one)["seconds"] } < ENOUGH_S || kept.empty? }
    end

    # The folder's own first, where they are quick; then whole dishes.
    def turn(spec, change)
      return 1 + DISHES.index(spec) if DISHES.include?(spec)

      own = change.file.delete_prefix("lib/restauro/").split("/").first(change.file.include?("families/") ? 2 : 1).join("/")
      near = spec.start_with?("spec/#{own}") || (own.start_with?("families") && spec.match?(%r{\Aspec/families/\w+_spec}))
      near && @covering.fetch(spec)["seconds"] < QUICK_S ? 0 : 3
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
