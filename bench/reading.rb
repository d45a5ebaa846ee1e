# How reading grows: seconds of the same thing once, twice, four times as long, as ratios. A ratio near two is linear.
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "restauro"
require "json"

catalogue = Restauro::Catalogue.load
reader = Restauro::Recipes::Reader.new(catalogue, system: "uk")
labels = Restauro::Labels::Reader.new

seconds = lambda do |&work|
  start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  begin
    work.call
  rescue Restauro::InvalidInput
    nil
  end
  Process.clock_gettime(Process::CLOCK_MONOTONIC) - start
end
best = ->(&work) { Array.new(3) { seconds.call(&work) }.min }

grown = {
  "ingredient lines" => [[100, 200, 400], ->(n) { reader.read(Array.new(n) { |i| "#{i + 1} g flour" }.join("\n")) }],
  "lines of a page" => [[450, 900, 1800], ->(n) { reader.read("100 g flour\nMethod\n#{Array.new(n) { |i| "Turn the page #{i}" }.join("\n")}") }],
  "10,000 lines, refused" => [[10_000], ->(n) { reader.read(Array.new(n) { |i| "#{i + 1} g flour" }.join("\n")) }],
  "a line of words" => [[900, 1800, 3600], ->(n) { reader.read("100 g flour\n#{("flour " * n)[0, n]}") }],
  "JSON-LD of <" => [[10_000, 20_000, 40_000], ->(n) { reader.read(JSON.generate("@type" => "Recipe", "recipeIngredient" => ["100 g flour", "<" * n])) }],
  "a label" => [[5_000, 10_000, 20_000], ->(n) { labels.read(("wheat, rice " * n)[0, n], sold_in: "us") }]
}
grown.each do |name, (sizes, work)|
  times = sizes.map { |size| best.call { work.call(size) } }
  ratios = times.each_cons(2).map { |one, two| format("x%.1f", two / one) }
  puts format("%-24s %7.0f ms at %d   %s", name, 1000 * times.last, sizes.last, ratios.join(" "))
end
