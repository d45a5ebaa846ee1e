require "highs"

# A meal as a mixed-integer program, by big-M over the pairs that collide: an optimum that owes nothing to the search.
# Rings and trays are taken as plenty.
module HighsTable
  BIG = 5000

  module_function

  # @param problem [Restauro::Planning::Problem]   @return [Integer] the least cost
  def optimum(problem)
    steps = problem.length
    pairs = collisions(problem)
    span = steps # index of the span's own variable
    count = steps + 1 + pairs.length
    cost = Array.new(count, 0.0)
    offset = 0.0
    problem.lasts.each_with_index do |last, dish|
      cost[last] -= 20.0 * problem.weights[dish]
      offset -= 20.0 * problem.weights[dish] * problem.minutes[last]
    end
    cost[span] = 1.0
    rows = differences(problem, span) + orders(problem, pairs, steps + 1)
    lower, upper = bounds(problem, pairs.length)
    model = build(cost, lower, upper, rows, steps, pairs.length, offset)
    model.solve.fetch(:obj_value).round
  end

  def collisions(problem)
    resources = Restauro::Planning::Resources.new(problem)
    (0...problem.length)
      .to_a
      .combination(2)
      .filter_map do |one, other|
        gap = resources.gap(one, other)
        [one, other, gap] if gap.positive? || (problem.steps[one].attended && problem.steps[other].attended)
      end
  end

  # [coefficients {column => value}, low, high]
  def differences(problem, span)
    problem.arcs.map { |arc| [{arc.to => 1.0, arc.from => -1.0}, arc.least, 1e30] } +
      problem.firsts.map { |first| [{span => 1.0, first => 1.0}, 0.0, 1e30] }
  end

  def orders(problem, pairs, from)
    pairs.each_with_index.flat_map do |(one, other, gap), index|
      [
        [{other => 1.0, one => -1.0, from + index => BIG.to_f}, problem.minutes[one] + gap, 1e30],
        [{one => 1.0, other => -1.0, from + index => -BIG.to_f}, problem.minutes[other] + gap - BIG, 1e30]
      ]
    end
  end

  def bounds(problem, binaries)
    lower, upper = Array.new(problem.length, -2000.0), problem.minutes.map { |minutes| -minutes.to_f }
    problem.lasts.each_with_index { |last, dish| lower[last] = -(problem.holds[dish] + problem.minutes[last]).to_f }
    [lower + [0.0] + [0.0] * binaries, upper + [4000.0] + [1.0] * binaries]
  end

  def build(cost, lower, upper, rows, steps, binaries, offset)
    starts, index, value = [], [], []
    rows.each do |coefficients, _, _|
      starts << index.length
      coefficients.sort.each { |column, number| index << column and value << number }
    end
    Highs.mip(
      sense: :minimize,
      col_cost: cost,
      col_lower: lower,
      col_upper: upper,
      row_lower: rows.map { |row| row[1].to_f },
      row_upper: rows.map { |row| row[2].to_f },
      a_format: :rowwise,
      a_start: starts,
      a_index: index,
      a_value: value,
      offset: offset,
      integrality: [0] * (steps + 1) + [1] * binaries
    )
  end
end
