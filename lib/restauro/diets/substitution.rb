module Restauro
  module Diets
    # A line left out and what takes its place.   line the recipe's own · lines in its place, empty when nothing fits ·
    # costs in words
    Substitution = Value.of(:line, :lines, :costs) { def found? = lines.any? }
  end
end
