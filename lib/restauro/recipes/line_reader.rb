module Restauro
  module Recipes
    # Reads one ingredient line: how much, of what, in what role.
    class LineReader
      ROLES = {"flour" => "flour", "meal" => "flour", "blend" => "flour", "starch" => "starch", "binder" => "binder", "egg" => "egg",
               "liquid" => "liquid", "fat" => "fat", "puree" => "puree", "curd" => "cheese", "cheese" => "cheese",
               "leavener" => "lift", "seasoning" => "seasoning", "crumb" => "crumb"}.freeze
      SECOND = /(?:\bplus\b|\+|&|\band\b|\bwith\b)\s+(?=[\d½⅓¼⅔¾⅛]|\b(?:a|an|one|two|half)\b)/i
      MEASURED_ROLES = %w[flour starch liquid fat].freeze

      # @param catalogue [Catalogue]   @param system [String] us, metric, uk or au
      def initialize(catalogue, system: "us")
        units = KitchenUnits.of(system)
        @catalogue = catalogue
        @names = Names.new(catalogue, region: system)
        @amounts = AmountReader.new(units)
        @weigher = Weigher.new(units)
        @forms = Forms.new
        @most_grams = Constants.fetch(:uncertainty, :most_line_grams)
        freeze
      end

      # @param bulleted [Boolean] whether the recipe's lines begin with a dash for a bullet
      # @return [Line]   @raise [InvalidInput] an impossible quantity, naming the line
      def read(text, part: nil, bulleted: false)
        amount = amount_in(text, bulleted: bulleted)
        match = @names.match(name_in(text, amount), line: text)
        return not_understood(text, part, amount) unless match
        return bystander(text, part, amount, match) unless match.key

        check(counted(text, part, amount, match))
      end

      # Whether a line holds an amount or is just a known name: used to tell ingredients from prose.
      def amount?(text, bulleted: false) = !amount_in(text, bulleted: bulleted).nil?
      def known_name?(text) = !@names.match(text).nil?

      # The same line as the cook put it right.
      def correct(line, correction)
        ingredient = correction.ingredient ? @catalogue.fetch(correction.ingredient) : @catalogue.find_key(line.ingredient)
        return line.with(ingredient: nil, grams: nil, role: "other", warnings: [], corrected: true) if correction.left_out

        grams = correction.grams ? Estimate.new(value: correction.grams) : regrams(line, ingredient)
        role = correction.role || (correction.ingredient ? role_of(ingredient) : line.role)
        check(line.with(ingredient: ingredient&.key, grams: grams, role: role, understood: !ingredient.nil?, corrected: true,
                        warnings: no_amount(line.text, grams, role)))
      end

      def role_of(ingredient) = ingredient ? ROLES.fetch(ingredient.group, "other") : "other"

      private

      def amount_in(text, bulleted: false)
        @amounts.read(@forms.poured(text), bulleted: bulleted)
      rescue InvalidInput => e
        raise InvalidInput, "in the line '#{text.strip[0, 80]}': #{e.message}"
      end

      def name_in(text, amount) = amount ? amount.rest : Numbers.plain(text).sub(AmountReader::BULLET, "")

      def counted(text, part, amount, match)
        ingredient = @catalogue.fetch(gluten_free_form(@forms.meant(match.key, text), text))
        grams = amount && @weigher.grams(amount, ingredient, line: text)
        return not_understood(text, part, amount) if amount && grams.nil? && MEASURED_ROLES.include?(role_of(ingredient))

        role = role_of(ingredient)
        Line.new(text: text, part: part, ingredient: ingredient.key, grams: grams, role: role, amount_text: amount&.text,
                 name_text: amount&.rest,
                 warnings: asked(match, text) + no_amount(text, grams, role) + second_thing(text, amount))
      end

      # "gluten-free strong white flour" is a blend, whatever flour it stands in for.
      def gluten_free_form(key, text)
        flour = @catalogue.fetch(key)
        flour.group == "flour" && flour.contains_gluten? && GlutenWords::GLUTEN_FREE.match?(text) ? "blend_plain" : key
      end

      def bystander(text, part, amount, match)
        grams = amount && @weigher.bystander_grams(amount, match.piece_g)
        Line.new(text: text, part: part, role: "other", grams: grams, amount_text: amount&.text)
      end

      def not_understood(text, part, amount)
        warning = Warning.new(code: :line_not_understood, line: text,
                              text: "'#{text.strip[0, 80]}' was not understood and is not counted: put it right or leave it out")
        Line.new(text: text, part: part, role: "other", understood: false, amount_text: amount&.text, warnings: [warning])
      end

      def asked(match, text)
        return [] unless match.ambiguous

        [Warning.new(code: :ambiguous_ingredient, line: text, text: "#{match.ambiguous}; read as #{@catalogue.fetch(match.key).say}")]
      end

      # "2 eggs plus 1 yolk": a second amount of something, which one line cannot hold.
      def second_thing(text, amount)
        match = SECOND.match(amount&.rest.to_s) or return []
        _, after = Numbers.read(match.post_match)
        return [] unless after && known_name?(amount_in(match.post_match)&.rest.to_s)

        [Warning.new(code: :part_not_counted, line: text, text: "'#{match.post_match.strip[0, 60]}' in this line is not counted: " \
                                                                     "give it a line of its own")]
      end

      def no_amount(text, grams, role)
        return [] if grams || !MEASURED_ROLES.include?(role)

        [Warning.new(code: :no_amount, line: text, text: "'#{text.strip[0, 80]}' has no amount and is not counted: add grams, cups or spoons")]
      end

      def regrams(line, ingredient)
        return line.grams unless ingredient && line.ingredient != ingredient.key

        amount = amount_in(line.text, bulleted: line.text.match?(AmountReader::DASH_BULLET))
        amount && @weigher.grams(amount, ingredient, line: line.text)
      end

      def check(line)
        return line unless line.grams && line.grams.value > @most_grams

        raise InvalidInput, "in the line '#{line.text.strip[0, 80]}': #{line.grams.value.round} g is more than a kitchen can hold; " \
                            "type an amount under #{(@most_grams / 1000).round} kg"
      end
    end
  end
end
