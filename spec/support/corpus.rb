# Scores the reader of recipe lines against spec/reference/recipe_lines.txt. Expected grams come from the catalogue's
# weights and
# from volumes written out here, not from the reader's own tables.
module Corpus
  DIRECTORY = File.expand_path("../reference", __dir__)
  TOLERANCE = 0.01
  # Millilitres, by system (NIST Handbook 44; imperial by definition).
  CUP = {"us" => 236.588, "metric" => 250.0, "uk" => 284.131, "au" => 250.0}.freeze
  TABLESPOON = {"us" => 14.7868, "metric" => 15.0, "uk" => 15.0, "au" => 20.0}.freeze
  TEASPOON = {"us" => 4.92892, "metric" => 5.0, "uk" => 5.0, "au" => 5.0}.freeze
  PINT = {"us" => 473.176, "metric" => 568.261, "uk" => 568.261, "au" => 568.261}.freeze
  FLUID_OUNCE = {"us" => 29.5735, "metric" => 28.4131, "uk" => 28.4131, "au" => 28.4131}.freeze
  GRAMS = {"g" => 1.0, "oz" => 28.3495, "lb" => 453.592, "stick" => 113.398}.freeze
  Score = Struct.new(:total, :right, :misses)

  module_function

  def rows(name)
    File
      .readlines(File.join(DIRECTORY, "#{name}.txt"), encoding: "UTF-8")
      .reject { |line| line.start_with?("#") }
      .map { |line| line.chomp.split(" | ", 5) }
  end

  # @param readers [Hash] system => Recipes::Reader
  def score(name, readers)
    misses = rows(name).filter_map { |row| miss(row, readers) }
    Score.new(rows(name).length, rows(name).length - misses.length, misses)
  end

  # @return [String, nil] what was read instead
  def miss((system, text, amount, ingredient, role), readers)
    line = readers[system].read("1 cup water\n#{text}\n1 cup water").lines[1]
    read = line.understood ? line.ingredient || "-" : "?"
    grams = expected_grams(system, amount, ingredient)
    right =
      read == ingredient && line.role == role &&
      (grams.nil? ? line.ingredient.nil? || line.grams.nil? || ingredient == "-" : close?(line.grams, grams))
    if right
      nil
    else
      "#{system}: '#{text}' read as #{read}, #{line.grams&.value&.round(2).inspect} g, #{line.role}; expected " \
"#{ingredient}, #{grams&.round(2).inspect} g, #{role}"
    end
  rescue Restauro::InvalidInput => e
    "#{system}: '#{text}' refused: #{e.message}"
  end

  def close?(estimate, grams) = !estimate.nil? && (estimate.value - grams).abs <= TOLERANCE * grams + 0.01

  def expected_grams(system, amount, key)
    return if amount == "-" || %w[- ?].include?(key)

    number, unit = amount.split
    number = number.to_f
    return number * GRAMS[unit] if GRAMS.key?(unit)

    ingredient = Reference::Helpers::CATALOGUE.fetch(key)
    return number * ingredient.piece_g if unit == "piece"

    per_millilitre = ingredient.cup_spooned_g ? ingredient.cup_spooned_g / 236.588 : ingredient.tbsp_g / 14.7868
    number * millilitres(unit, system) * per_millilitre
  end

  def millilitres(unit, system)
    {
      "ml" => 1.0,
      "cup" => CUP[system],
      "tbsp" => TABLESPOON[system],
      "tsp" => TEASPOON[system],
      "pint" => PINT[system],
      "floz" => FLUID_OUNCE[system]
    }.fetch(unit)
  end
end
