module Restauro
  module Recipes
    # Reads a whole recipe in any format: { or [ is JSON-LD, < is HTML holding JSON-LD, anything else plain text.
    class Reader
      # @param catalogue [Catalogue]   @param system [String]   @param gluten_words [GlutenWords]
      def initialize(catalogue, system: "us", gluten_words: GlutenWords.load)
        @catalogue = catalogue
        @system = system
        @line_reader = LineReader.new(catalogue, system: system)
        @gluten_words = gluten_words
        @outline = Outline.new(@line_reader)
        @readings = [
          StepLiquid.new(@line_reader), SameVolume.new(@line_reader, catalogue),
          Squeezed.new(@line_reader), PanJuices.new(@line_reader), Served.new(catalogue), FriedByName,
          SlicedByName, RolledUp, ButterInside, LiesIn,
          Infused, PotWater, GrainWater, CookedGrain, CrackedIn, BoiledEggs, PartedEggs, Poached,
          TakenOff.new(@line_reader), OwnBroth.new(@line_reader), Divided.new(@line_reader), RestOver,
          KeptInPan.new(@line_reader), InDumplings.new(catalogue), InTheirOwnJuice.new(catalogue), PanFat, ToDredge,
          LeftInTheDish.new(@line_reader), BrushedOn, CutByStep, FriedFor.new(DataFiles.yaml("ingredients/kinds.yml"))
        ].freeze
        freeze
      end

      # @param text [String] UTF-8   @param corrections [Array<Correction>]   @return [Recipe]   @raise [InvalidInput]
      def read(text, corrections: [])
        raise InvalidInput, "the recipe is empty; paste its ingredient lines, one a line" if text.strip.empty?

        entries = Afterwards.without(entries(text))
        listed = entries.count { |entry| entry.kind == :ingredient }
        if listed > Tidy::MOST_INGREDIENTS
          raise InvalidInput, Tidy.too_much("#{listed} ingredient lines", Tidy::MOST_INGREDIENTS)
        end

        read = put_in_order(told_apart(entries.flat_map { |entry| entry_lines(entry) }))
        lines = with_gluten(corrected(read, corrections))
        return Recipe.new(lines: lines, system: @system) if lines.any? { |l| !l.words? && l.understood }

        raise InvalidInput, NothingRead.words(text, lines)
      end

      # One line alone.   @return [Line]   @raise [InvalidInput] an impossible amount
      def line(text) = with_gluten([@line_reader.read(text)]).first

      private

      def entries(text)
        case text.lstrip[0]
        when "{", "["
          listed(JsonLd.read(text))
        when "<"
          Html.read(text).then { |found| found.is_a?(String) ? @outline.read(found) : listed(found) }
        else
          @outline.read(text)
        end
      end

      # Equal lines are two things.
      def told_apart(lines)
        seen = Hash.new(-1)
        lines.map { |line| line.with(occurrence: seen[line.text] += 1) }
      end

      # What a line means only beside the others, and by what the steps do with it.
      def put_in_order(lines) = @readings.reduce(lines) { |found, reading| reading.of(found) }

      # A list that says itself what is an ingredient and what a step; its headings are told as in any text.
      def listed(found)
        title = [found.name, found.yields.to_s].reject(&:empty?).map { |text| Outline::Entry.new(text, :title) }
        steps = found.steps.map { |step| Outline::Entry.new(Tidy.in_full(step), :step) }
        title + @outline.ingredients(found.ingredients) + steps
      end

      # One line for each thing; a self-raising flour is two.
      def entry_lines(entry)
        kind = {source: entry.source || entry.text, number: entry.number || 0, part: entry.part}
        return [Line.new(text: entry.text, role: entry.kind.to_s, **kind)] unless entry.kind == :ingredient

        SelfRaising.parts(
          @line_reader.read(entry.text, part: entry.part, bulleted: entry.bulleted).with(**kind),
          @catalogue,
          @system
        )
      end

      def corrected(lines, corrections)
        by_place = corrections.to_h { |c| [[c.text, c.occurrence], c] }
        seen = Hash.new(-1)
        lines.map do |line|
          correction = by_place[[line.text, seen[line.text] += 1]]
          correction ? @line_reader.correct(line, correction) : line
        end
      end

      # Ingredient lines are always marked, one that is not understood for any word of the label reader's too; a step
      # only for a word that no ingredient line holds; a title names the dish, and is never an ingredient.
      def with_gluten(lines)
        finds = lines.map { |line| line.role == "title" ? [] : found_in(line) }
        listed = lines.zip(finds).reject { |line, _| line.words? }.flat_map { |_, found| found.map(&:word) }
        lines
          .zip(finds)
          .map do |line, found|
            found = found.reject { |find| listed.any? { |word| word.include?(find.word) } } if line.words?
            marks = found.empty? ? of_its_kind(line) : [gluten_warning(found.first, line)]
            marked = line.warnings.map(&:code)
            marks.all? { |mark| marked.include?(mark.code) } ? line : line.with(warnings: line.warnings + marks)
          end
      end

      # What the catalogue knows of the thing, where no word on the line says it: a plant drink, a spice mix. Flour
      # needs no mark: it is what goes.
      def of_its_kind(line)
        label = DataFiles.yaml("ingredients/kinds.yml").dig(line.kind, "label") unless line.words? || line.ingredient
        return [gluten_warning(GlutenWords::Find.new(line.name_text, "check", label), line)] if label

        ingredient = line.words? || line.ingredient.nil? ? nil : @catalogue.find_key(line.ingredient)
        ingredient && ingredient.gluten != "free" && !ingredient.starchy? ? Labels.marks(ingredient, line.text) : []
      end

      def found_in(line)
        found = @gluten_words.find(line.text)
        return found if line.words? || line.understood || found.first&.finding == "contains"

        [@gluten_words.anywhere(line.text), *found].compact
      end

      def gluten_warning(find, line)
        code = find.finding == "contains" ? :gluten_in_line : :check_label
        Warning.new(code: code, line: line.text, text: "#{find.word}: #{find.why}")
      end
    end
  end
end
