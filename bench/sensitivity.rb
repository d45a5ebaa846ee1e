# How much each figure that is from memory or our own model moves an answer: every one a tenth up and a tenth down, over dishes of every family; the largest
# change of a gram or a minute of the answer, in per cent. Figures that are read once when the code loads are not moved. Run: bench/run sensitivity
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "restauro"
include Restauro

DISHES = {
  "sauce" => ["Sauce\n40 g butter\n40 g plain flour\n500 ml milk", {}], "slurry" => ["Gravy\n30 g plain flour\n500 ml beef stock", {}],
  "batter" => ["Pancakes\n125 g plain flour\n300 ml milk\n2 eggs\n1 tsp baking powder", {}],
  "battered" => ["Battered celeriac\n120 g plain flour\n170 ml soda water\n8 slices celeriac, 10 mm", {oil: Heat::Frying.parse("180C")}],
  "coat" => ["Schnitzels\n8 slices celeriac, 10 mm\n60 g plain flour\n2 eggs\n120 g breadcrumbs", {oven: Kitchen::OvenTemperature.parse("200C")}],
  "gnocchi" => ["Gnocchi\n800 g riced potato\n200 g plain flour\n1 egg", {}], "pasta" => ["Tagliatelle\n300 g plain flour\n3 eggs", {}],
  "tart" => ["Leek tart\nPastry: 200 g plain flour, 100 g butter, 40 ml water\nFilling: 400 g leeks, 3 eggs, 200 ml double cream\nBake at 190C in a 23 cm round tin", {}]
}.freeze

catalogue = Catalogue.load
reader = Recipes::Reader.new(catalogue, system: "uk")
read = DISHES.transform_values { |text, choices| [Dishes::Partition.of(reader.read(text), catalogue), choices] }

figures = lambda do
  read.to_h do |name, (dish, choices)|
    answer = Dishes::Solver.call(dish, Dishes::Choices.new(choices, catalogue: catalogue), catalogue: catalogue)
    fresh = answer.lines.select { |line| line.added && line.grams }.map { |line| line.grams.value }
    [name, fresh + answer.steps.filter_map { |step| step.minutes if %w[boil bake prebake fry].include?(step.kind) }]
  rescue InvalidInput
    [name, []]
  end
end

moved = {}
Constants.singleton_class.prepend(Module.new { define_method(:fetch) { |table, name| super(table, name) * moved.fetch([table.to_sym, name.to_sym], 1.0) } })
plain = figures.call
change = lambda do |factor, key|
  moved.replace(key => factor)
  figures.call.flat_map { |name, found| found.length == plain[name].length ? found.zip(plain[name]).map { |new, old| [name, old.zero? ? 0 : 100 * (new - old).abs / old] } : [[name, 100.0]] }.max_by(&:last)
rescue StandardError
  ["all", 100.0]
end

guessed = Dir["#{ROOT}/data/constants/*.yml"].flat_map { |file| Constants.table(File.basename(file, ".yml")).map { |name, entry| [File.basename(file, ".yml").to_sym, name, entry] } }
                                              .select { |_, _, entry| %w[memory restauro_model].include?(entry.source) }
rows = guessed.map { |table, name, entry| [table, name, entry.source, *[0.9, 1.1].map { |factor| change.call(factor, [table, name]) }.max_by(&:last)] }
puts "#{guessed.length} figures from memory or of our own model; #{rows.count { |row| row.last < 1 }} move no answer here by a hundredth"
rows.sort_by { |row| -row.last }.first((ARGV.first || 30).to_i).each { |table, name, source, dish, per_cent| puts "| `#{table}.#{name}` | #{source} | #{dish} | #{per_cent.round} % |" }
