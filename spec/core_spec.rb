require "ripper"

require "open3"

RSpec.describe "The core" do
  root = Restauro::ROOT

  it "loads alone, on plain Ruby, without the web or the database" do
    script =
      "require 'restauro'; all = ->(m) { m.constants.each { |c| m.const_get(c) } }; all[Restauro]; " \
"[Restauro::Making, Restauro::Shaping, Restauro::Heat, Restauro::Families].each(&all); " \
        "%i[Sauce Batter Breading Dough Crust].each { |f| all[Restauro::Families.const_get(f)] }; " \
        "puts $LOADED_FEATURES.grep(/sinatra|sequel|rack|nokogiri|dry|pg/).reject { |f| f.include?('ruby/3') && " \
"f.end_with?('.so') && f.include?('openssl') }"
    out, status =
      Open3.capture2e(
        {"RUBYOPT" => "", "BUNDLE_GEMFILE" => nil},
        RbConfig.ruby,
        "-I#{root}/lib",
        "-e",
        script,
        chdir: "/"
      )
    expect([out, status.success?]).to eq ["", true]
  end

  it "mentions no web, database, clock or chance" do
    forbidden = /\b(Sinatra|Sequel|Rack|params|ENV|Time\.now|Date\.today|rand|SecureRandom)\b/
    hits =
      Dir["#{root}/lib/**/*.rb"].flat_map do |file|
        File.readlines(file).grep(forbidden).map { |hit| "#{File.basename(file)}: #{hit.strip}" }
      end
    expect(hits).to be_empty
  end

  # A figure of the trade stands in data/ with its source. What is left in code is arithmetic, a limit of what is typed,
  # or how near a solver goes.
  it "holds no decimal that is a figure of the trade", :long do
    arithmetic = %w[
      0.0
      0.5
      1.0
      1.5
      2.0
      3.0
      60.0
      100.0
      1000.0
      1.8
      2.54
      16.0
      48.0
      1e3
      1e6
      1e30
      1e-3
      1e-4
      1e-6
      1e-9
      1e-13
      0.1
      0.01
    ]
    solvers = {
      "heat/conduction/bessel.rb" => "where a root is looked for",
      "recipes/scale.rb" => "how far a recipe is scaled",
      "heat/frying.rb" => "litres that are typed",
      "families/sauce/rescue.rb" => "how near",
      "families/sauce/solver.rb" => "how near",
      "families/dough/writer.rb" => "what is worth a line",
      "making/rebalance.rb" => "a scale's step",
      "families/crust/picture.rb" => "how far a picture goes on",
      "families/dough/picture.rb" => "the same",
      "families/dough/declarations.rb" => "the same",
      "heat/section.rb" => "every half minute",
      "families/crust/sheet_steps.rb" => "more than rounding",
      "planning/ovens.rb" => "a knob's marks",
      "learning/kitchen.rb" => "never all water",
      "families/crust/filling_maker.rb" => "a trial's grams",
      "physics/mixture.rb" => "neutral",
      "families/sauce/picture.rb" => "a scale's end"
    }
    found =
      Dir["#{root}/lib/restauro/**/*.rb"].flat_map do |file|
        name = file.delete_prefix("#{root}/lib/restauro/")
        if solvers.key?(name)
          []
        else
          Ripper
            .lex(File.read(file))
            .select { |_, kind, text| kind == :on_float && !arithmetic.include?(text) }
            .map { |(line, _), _, text| "#{name}:#{line} #{text}" }
        end
      end
    expect(found).to eq []
  end

  it "keeps files and lines short" do
    long =
      Dir["#{root}/{lib,app,db}/**/*.rb"].select do |file|
        File.readlines(file).length > 150 || File.readlines(file).any? { |l| l.chomp.length > 150 }
      end
    expect(long.map { |file| file.delete_prefix(root) } - ["/db/cluster.rb"]).to be_empty
  end

  describe "its figures" do
    sources = Restauro::DataFiles.yaml("sources.yml")

    Dir["#{root}/data/constants/*.yml"].each do |file|
      table = File.basename(file, ".yml")
      it "in constants/#{table} have a number, a unit and a source that is listed" do
        Restauro::Constants
          .table(table)
          .each do |name, entry|
            expect(entry.value).to be_finite, name.to_s
            expect(entry.unit).to be_a(String).and(satisfy { |unit| !unit.empty? }), name.to_s
            expect(sources).to have_key(entry.source), "#{name}: #{entry.source}"
          end
      end
    end

    it "are all used: nothing stands in data/constants that no code names" do
      code = Dir["#{root}/{lib,app}/**/*.rb"].map { |file| File.read(file) }.join
      computed =
        /\A(?:
          watts_|power_|heaped|scant|edge_|egg_|slurry_water_|boost_spoons_|simmer_|hold_|roux_|stir_|bound_|full_|
          need_|most_(?:psyllium|xanthan|guar|flax|egg|dry|mash|pressed)|(?:rolled|filled|extruded)_mm|seconds_|
          (?:machine|pin)_sheet|(?:hot|cold)_filling_|(?:sheets|spooned|pushed|thumbed|strings)_mm|usual_
        )/x
      unused =
        Dir["#{root}/data/constants/*.yml"]
          .flat_map { |f| Restauro::Constants.table(File.basename(f, ".yml")).keys }
          .reject { |name| code.include?(name.to_s) || name.match?(computed) }
      expect(unused).to be_empty
    end

    it "of every ingredient name a listed source" do
      Restauro::Catalogue.load.each do |i|
        Restauro::Ingredient::FIGURES.each { |figure| expect(sources).to have_key(i.source(figure).to_s) }
      end
    end
  end
end
