module Restauro
  # The fewest tools of a kitchen drawer that come nearest to a weight: "1 tbsp + 1/2 tsp", 3 % over.
  #   text String · error_pct Float, signed · tools Array of [tool in words, how many times it is filled]
  Measure = Struct.new(:text, :error_pct, :tools, keyword_init: true) do
    def initialize(**) = super.freeze

    # @param ingredient [Ingredient]   @param grams [Float] g   @param units [KitchenUnits]
    # @param tools [Array<Hash>] rows of data/units/tools.yml, or the cook's own
    # @return [Measure, nil] nil when no weight by volume is known, or under a quarter teaspoon
    def self.nearest(ingredient, grams, units, tools: nil)
      density = ingredient.density
      return unless density && grams.positive?
      return Measure::Pieces.nearest(ingredient, grams) if ingredient.piece_g

      (tools ? Measure::Drawer.new(units, tools: tools) : Measure::Drawer.of(units)).nearest(grams / density)
    end

    # How many times something is filled.
    def fillings = tools.sum(&:last)
  end

  # Eggs are counted, not spooned.
  module Measure::Pieces
    # @return [Measure] the one that comes nearest
    def self.nearest(ingredient, grams)
      count = [(grams / ingredient.piece_g).round, 1].max
      Measure.new(
        text: count.to_s,
        error_pct: 100 * (count * ingredient.piece_g / grams - 1),
        tools: [["piece", count]]
      )
    end
  end

  # The spoons and cups at hand, and which of them come to a volume.
  class Measure::Drawer
    # The standard drawer of a system, built once: it is frozen.
    def self.of(units) = (@of ||= {})[units.system] ||= new(units)

    # One more filling is worth this many per cent of error.
    FILLING_COST_PCT = 1.0
    MOST_CUPS = 12
    LARGEST_DENOMINATOR = 4

    def initialize(units, tools: DataFiles.yaml("units/tools.yml"))
      @tools =
        tools
          .map { |tool| [tool["count"], tool["unit"], Rational(tool["count"]).to_f * units.millilitres(tool["unit"])] }
          .sort_by { |tool| -tool.last }
      @sizes = @tools.map(&:last)
      freeze
    end

    # @param millilitres [Float]   @return [Measure, nil]
    def nearest(millilitres)
      smallest = @sizes.last or return
      return if millilitres < smallest / 2 || millilitres > MOST_CUPS * @sizes.first

      counts = candidates(millilitres).min_by { |candidate| cost(candidate, millilitres) }
      Measure.new(text: words(counts), error_pct: 100 * (volume(counts) / millilitres - 1), tools: filled(counts))
    end

    private

    # Greedy from each starting tool, and each of those rounded up at one tool: enough for spoons and cups.
    def candidates(millilitres)
      @sizes.each_index.flat_map { |start| greedy(millilitres, start) }.uniq.reject { |counts| counts.sum.zero? }
    end

    def greedy(millilitres, start)
      left = millilitres
      counts = @sizes.map { 0 }
      (start...@sizes.length).flat_map do |index|
        whole = (left / @sizes[index] + 1e-9).floor
        up = bumped(counts, index, whole + 1)
        counts = bumped(counts, index, whole)
        left -= whole * @sizes[index]
        [up, counts]
      end
    end

    def bumped(counts, index, count) = counts.dup.tap { |copy| copy[index] = count }
    def volume(counts) = counts.zip(@sizes).sum { |count, size| count * size }
    def cost(counts, millilitres) = 100 * (volume(counts) / millilitres - 1).abs + FILLING_COST_PCT * counts.sum

    def filled(counts)
      counts
        .each_with_index
        .reject { |count, _| count.zero? }
        .map { |count, i| ["#{number(Rational(@tools[i][0]))} #{@tools[i][1]}", count] }
    end

    # Cups of different sizes run together: "2 1/2 cups + 1 tbsp".
    def words(counts)
      %w[cup tbsp tsp]
        .flat_map { |unit| amounts_of(counts, unit).map { |n| "#{number(n)} #{unit}#{"s" if unit == "cup" && n > 1}" } }
        .join(" + ")
    end

    # One amount where it reads well, as 2 1/2 cups; a third and a quarter stay two.
    def amounts_of(counts, unit)
      total = amount_of(counts, unit)
      return [total].compact if total.nil? || total.denominator <= LARGEST_DENOMINATOR

      counts
        .each_with_index
        .select { |count, i| @tools[i][1] == unit && count.positive? }
        .map { |count, i| count * Rational(@tools[i][0]) }
    end

    def amount_of(counts, unit)
      total = counts.each_with_index.sum { |count, i| @tools[i][1] == unit ? count * Rational(@tools[i][0]) : 0r }
      total unless total.zero?
    end

    def number(amount)
      whole, part = amount.divmod(1)
      [(whole unless whole.zero?), (part unless part.zero?)].compact.join(" ")
    end
  end
end
