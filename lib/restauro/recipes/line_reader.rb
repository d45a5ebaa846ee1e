module Restauro
  module Recipes
    # Reads one ingredient line: how much, of what, in what role.
    class LineReader
      include LineQuestions
      include LineWarnings
      include PutRight
      include UnknownLines

      ROLES = {"flour" => "flour", "meal" => "flour", "blend" => "flour", "starch" => "starch", "binder" => "binder",
               "egg" => "egg", "liquid" => "liquid", "fat" => "fat", "puree" => "puree", "curd" => "cheese",
               "cheese" => "cheese", "leavener" => "lift", "seasoning" => "seasoning", "crumb" => "crumb"}.freeze
      SEASONED = /(?<=\w),?\s+(?:well\s+)?seasoned with\b.*/i
      GRAVY_OR = DataFiles.words("ingredients/words.yml").fetch(:gravy_or)
      STUDDED = DataFiles.words("ingredients/words.yml").fetch(:studded)
      TWO_CRUSTS = DataFiles.words("families/crust/words.yml").fetch(:two_shells)
      TOOL = DataFiles.words("recipes/words.yml").fetch(:tool)
      ONE_EGG = /\A\W*(?:an?\s+|one\s+|beaten\s+)?(?:egg|ei|œuf|oeuf|uovo|huevo|ovo|ägg|æg|jajko)\b
        \s*(?:[,(].*|to\ (?:glaze|brush|coat|bind).*)?\z/ix
      COUNTED_PEPPER = /\A\W*paprikas?\s*(?:[,(].*)?\z/i
      ZEST = /\b(?:zest(?:ed)?|rind|finely grated)\b(?!.*\bjuice)/i
      # "1/3 cup (76 g) butter": the weight is read, the name is what stands behind it.
      WEIGHT_AHEAD = /\A\s*\((?=[^)]*\d)[^)]*\)\s*(?=\p{L})/
      COOKED_EGG = /\b(?:hard|soft)[- ]?boiled|\bpoached\b/i
      # Beside or on top of what is made.
      EGG_ON_TOP = DataFiles.words("ingredients/words.yml").fetch(:egg_on_top)

      # @param catalogue [Catalogue]   @param system [String] us, metric, uk or au
      def initialize(catalogue, system: "us")
        units = KitchenUnits.of(system)
        @catalogue = catalogue
        @names = Names.new(catalogue, region: system)
        @amounts = AmountReader.new(units)
        @weigher = Weigher.new(units)
        @forms = Forms.new
        @did_you_mean = DidYouMean.new(@names.known)
        @free = FreeForm.new(catalogue)
        @most_grams = Constants.fetch(:uncertainty, :most_line_grams)
        freeze
      end

      # @param bulleted [Boolean] whether the recipe's lines begin with a dash for a bullet
      # @return [Line]   @raise [InvalidInput] an impossible quantity, naming the line
      def read(text, part: nil, bulleted: false)
        return Line.new(text: text, part: part, role: "step") if text.match?(TOOL)

        amount = amount_in(text, bulleted: bulleted)
        match = @names.match(name_in(text, amount), line: text)
        return not_understood(text, part, amount) unless match
        return bystander(text, part, amount, match) unless match.key && !text.match?(STUDDED)

        check(counted(text, part, amount, match))
      end

      # @return [String] of Line::ROLES
      def role_of(ingredient) = ingredient ? ROLES.fetch(ingredient.group, "other") : "other"

      private

      def amount_in(text, bulleted: false)
        bare = FatDepth.bare(text.sub(AmountReader::BULLET, ""))
        amount = @amounts.read(@forms.poured(bare), bulleted: bulleted)
        if amount&.terms&.any? { |term| term.number.value > @most_grams }
          raise InvalidInput, "no kitchen weighs that much: type a smaller amount"
        end

        amount
      rescue InvalidInput => e
        raise InvalidInput, "in the line '#{text.strip[0, 80]}': #{e.message}"
      end

      # "Flour seasoned with paprika" is flour; what a tin holds is tinned.
      def name_in(text, amount)
        # "4 cloves", of nothing: the spice.
        return "whole cloves" if amount && amount.rest.strip.empty? && text.match?(/\bcloves?\W*\z/i)
        # "2 Paprika", of no spoon: the vegetable.
        return "bell pepper" if amount && amount.terms.first.unit.nil? && amount.rest.match?(COUNTED_PEPPER)

        bare = amount&.rest&.sub(WEIGHT_AHEAD, "")&.sub(Line::FOR_THE_BOARD, "")
        bare ||= Numbers.plain(FatDepth.bare(text)).sub(AmountReader::BULLET, "")
        name = bare.sub(SEASONED, "").sub(GRAVY_OR, "")
        @forms.ground(@forms.tinned(name, text), text)
      end

      def counted(text, part, amount, match)
        ingredient = @catalogue.fetch(@free.of(@forms.meant(match.key, text), name_in(text, amount)))
        grams = weighed(amount, ingredient, text) || weighed(amount, @catalogue.fetch(match.key), text)
        if amount && grams.nil? && MEASURED_ROLES.include?(role_of(ingredient))
          return not_understood(text, part, amount)
        end

        role = role_of(ingredient)
        said = {text: text, part: part, grams: grams, amount_text: amount&.text,
                name_text: amount&.rest&.sub(WEIGHT_AHEAD, "")}
        return Line.new(**said, role: "other", kind: "table") if role == "egg" && EGG_ON_TOP.match?(text)
        return Line.new(**said, role: "other", kind: "cooked_egg") if role == "egg" && COOKED_EGG.match?(text)

        Line.new(**said, ingredient: ingredient.key, role: role,
                 warnings: asked(match, text) + no_amount(text, grams, role) + taken(ingredient, text) +
                   choice(text, amount))
      end

      # Of a lemon only its zest: it weighs next to nothing.
      def bystander(text, part, amount, match)
        return zest(text, part, amount) if match.bystander == "table" && text.match?(ZEST)

        piece_g = slices?(amount, match) ? nil : match.piece_g
        grams = amount && PieceWeight.of(@weigher.bystander_grams(amount, piece_g, match.bystander, text), text, match)
        Line.new(text: text, part: part, role: "other", grams: grams, amount_text: amount&.text,
                 name_text: amount&.rest, kind: match.bystander)
      end

      def zest(text, part, amount) =
        Line.new(text: text, part: part, role: "other", kind: "late",
                 amount_text: amount&.text, name_text: amount&.rest)

      # A pastry without an amount is one sheet of it, "egg" one egg.
      def weighed(amount, ingredient, text)
        return @weigher.grams(amount, ingredient, line: text) if amount
        return @weigher.piece(ingredient) if ingredient.group == "egg" && text.match?(ONE_EGG)
        return unless ingredient.group == "pastry"

        @weigher.piece(ingredient)&.*(text.match?(TWO_CRUSTS) ? 2 : 1)
      end

      # A slice of a vegetable is no whole one.
      def slices?(amount, match) =
        amount&.terms&.first&.unit&.key == "slice" && %w[soften simmer].include?(match.bystander)

      def check(line)
        return line unless line.grams && line.grams.value > @most_grams

        raise InvalidInput, "in the line '#{line.text.strip[0, 80]}': #{line.grams.value.round} g is more than a " \
                            "kitchen can hold; type an amount under #{(@most_grams / 1000).round} kg"
      end
    end
  end
end
