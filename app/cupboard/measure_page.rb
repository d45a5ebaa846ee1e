module Restauro
  # Works out each line typed into the measures page: an oven's temperature, a pan (or one pan into another), or an
  # amount of something.
  class MeasurePage
    # text as typed · kind :oven, :pan, :line or :problem · value what was worked out
    Row = Value.of(:text, :kind, :value)

    attr_reader :rows

    # @param from, into [String] systems of units   @param tools [Array<Hash>, nil] the cook's drawer
    def initialize(text, from:, into:, tools:, services:)
      @convert =
        Kitchen::Convert.new(
          services.facts,
          services.reader(from),
          from: KitchenUnits.of(from),
          units: KitchenUnits.of(into),
          tools: tools || DataFiles.yaml("units/tools.yml")
        )
      @rows = text.lines.map(&:strip).reject(&:empty?).first(60).map { |line| row(line) }.freeze
    end

    private

    def row(line)
      pans = line.split(/\s+(?:in)?to\s+|\s*->\s*/i).map { |part| Kitchen::BakingPan.parse(part) }
      return Row.new(text: line, kind: :pan, value: pans) if pans.all?

      oven = Kitchen::OvenTemperature.parse(line)
      if oven
        Row.new(text: line, kind: :oven, value: oven)
      else
        Row.new(text: line, kind: :line, value: @convert.call(line))
      end
    rescue InvalidInput => e
      Row.new(text: line, kind: :problem, value: e.message)
    end
  end
end
