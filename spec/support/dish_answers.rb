require "yaml"

# The dishes of spec/reference/dishes.yml, each solved once for all specs, and its answer in words to be kept.
module DishAnswers
  DIRECTORY = File.join(Reference::DIRECTORY, "answers")
  CHOICES = {
    "oil" => ->(text) { Restauro::Heat::Frying.parse(text) },
    "oven" => ->(text) { Restauro::Kitchen::OvenTemperature.parse(text) },
    "without" => ->(text) { text.split(",") }
  }.freeze
  # Of each part; its lines stand above them.
  KEPT = %i[target school metrics wheat swap filling_swap alternatives refused].freeze
  LINES = %i[lines bakers_percentages].freeze
  MOST_LISTED = 12
  @answers = {}

  module_function

  # @return [Hash{String => Hash}] name => recipe, units, what is held of it
  def rows = YAML.load_file(File.join(Reference::DIRECTORY, "dishes.yml"))

  # @return [Restauro::Dishes::Answer]
  def answer(row)
    @answers[row] ||=
      begin
        chosen = row.fetch("with", {}).to_h { |name, text| [name.to_sym, CHOICES.fetch(name)[text]] }
        Class.new { extend Reference::Helpers }.answer(row["recipe"], system: row.fetch("units", "us"), **chosen)
      end
  end

  # The whole answer as a cook reads it, with the figures behind it: a line for each step and each kind of figure.
  def text(row)
    report = Restauro::Dishes::Report.new(Reference::Helpers::CATALOGUE).swap(answer(row))
    [report[:title], *report[:parts].flat_map { |part| part_lines(part) }, "", *method_lines(report), "",
     *report[:warnings].map { |warning| "! #{warning[:text]}" }, ""].join("\n")
  end

  def file(name) = File.join(DIRECTORY, "#{name.downcase.gsub(/[^a-z0-9]+/, "-").gsub(/\A-|-\z/, "")}.txt")

  def part_lines(part)
    ["", "#{part[:name] || "Dish"}: #{part[:family] || "plain"}",
     *(part.dig(:swap, :lines) || []).map { |line| "  #{line[:role]}: #{line[:text].strip}" },
     *figures(part).map { |name, found| "  #{name}: #{said(found)}" }]
  end

  def method_lines(report)
    report[:method].map do |step|
      head = [step[:kind], step[:minutes]&.then { |minutes| "#{minutes} min" }].compact.join(" ")
      ["#{head}: #{step[:text]}", step[:look_for], step[:caution]].compact.join(" // ")
    end
  end

  # Figures and words of a part by their kind, each kind on one line; its lines stand above them.
  def figures(part)
    part.slice(*KEPT).merge(swap: part[:swap]&.except(:metrics)).compact.transform_values do |found|
      found.is_a?(Hash) ? found.except(*LINES) : found
    end
  end

  # Numbers to four figures.
  def said(found)
    case found
    when Hash then found.compact.map { |key, value| "#{key} #{said(value)}" }.join(", ")
    when Array
      # Of a curve, how long it is and where it ends.
      return "#{found.length}, the last #{said(found.last)}" if found.length > MOST_LISTED

      found.map { |one| said(one) }.join("; ")
    when Float then format("%.4g", found)
    else found
    end
  end
end
