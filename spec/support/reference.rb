require "csv"

# Tables of published values in spec/reference, and the core made once for all specs (it is frozen).
module Reference
  DIRECTORY = File.expand_path("../reference", __dir__)

  module Tables
    # Rows of spec/reference/NAME.csv with their numbers as floats.
    def reference_rows(name)
      CSV.read(
        File.join(DIRECTORY, "#{name}.csv"),
        headers: true,
        converters: :numeric,
        header_converters: :symbol
      ).map(&:to_h)
    end
  end

  module Helpers
    CATALOGUE = Restauro::Catalogue.load
    READERS = Hash.new { |all, system| all[system] = Restauro::Recipes::Reader.new(CATALOGUE, system: system) }

    def catalogue = CATALOGUE
    def sauce = Restauro::Families.fetch("sauce", CATALOGUE)
    def read(text, system: "us", **more) = READERS[system].read(text, **more)
    def line(text, system: "us") = read("1 cup water\n#{text}", system: system).lines.last
    def predict(text, **choices) = sauce.predict(read(text), sauce.options(**choices))
    # A whole dish: read into parts, solved.   @return [Restauro::Dishes::Answer]
    def answer(text, system: "us", family: nil, **choices)
      dish = Restauro::Dishes::Partition.of(read(text, system: system), CATALOGUE, family: family)
      Restauro::Dishes::Solver.call(
        dish,
        Restauro::Dishes::Choices.new(choices, catalogue: CATALOGUE),
        catalogue: CATALOGUE
      )
    end

    def swap(text, **choices) = sauce.swap(read(text), sauce.options(**choices))

    # Missing tools are a failure on CI, and a word elsewhere.
    def need(command, found)
      return if found
      raise "#{command} is not installed: run bin/test" if ENV["CI"]

      skip "#{command} is not installed: run bin/test"
    end

    # What GNU units says.   @example units("uscup", "ml") # => 236.588
    def units(from, to)
      need("units", system("which units >/dev/null 2>&1"))
      Float(IO.popen(["units", "-t", from, to], &:read))
    end
  end
end
