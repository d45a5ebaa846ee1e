module Restauro
  module Heat
    # The piece that a recipe's own lines tell of: "8 slices celeriac, 10 mm", "4 cod fillets, 18 mm thick".
    module PieceLine
      KIND = /\b(#{Piece::SHAPES.keys.join("|")})s?\b(?! steak)/i
      THICK = /(\d+(?:[.,]\d+)?)[[:space:]]*-?[[:space:]]*(mm|cm)\b/i
      MEASURE = DataFiles.words("heat/words.yml").fetch(:measure)
      COUNT = /\A\s*(\d{1,3})[[:space:]]+(?:\([^)]*\)[[:space:]]+)?
        (?!#{MEASURE}|x\b|×)(?:\p{L}+[[:space:]]+){0,2}(?:\p{L}+)\b/ix
      WEIGHT = /\A\s*(\d+(?:[.,]\d+)?)[[:space:]]*(k?g|(?:kilo)?gram(?:me)?s?|kilos?)\b/i
      # Cut up before it is coated; to bits, however many there were before.
      TO_BITS, FLORETS, FLOWERS, CUT_UP_BIRD, HALVED =
        DataFiles.words("heat/words.yml").values_at(:cut_to_bits, :in_florets, :flowers, :cut_up_bird, :halved_flat)
      CUT = /\b(?:cut|sliced|divided)\s+(?:\p{L}+\s+){0,2}?in(?:to)?\s+(\d{1,3})\b
        (?!\s*-?\s*(?:mm|cm|inch|in\b|"|”|\/))/ix
      EACH_CUT = /\beach\b[^.]{0,20}\b(?:cut|sliced|divided)\b/i
      CUT_UP = DataFiles.words("heat/words.yml").fetch(:cut_up)
      BITES = /\b(?:pieces|chunks|dice[ds]?|cubed)\b/i
      INCHES = /(\d+(?:\.\d+)?(?:\s+\d+\/\d+|\/\d+)?|\d*\s?[½¼¾])\s*-?\s*(?:inch(?:es)?\b|["”])/i
      FILLER = /\([^)]*\)|#{THICK}|#{KIND}|\d[\d.]*(?:\s*k?g\b)?|[.()-]|\b(?:of|in|cut|into|thick|or|about|the)\b|,.*/i

      module_function

      # Its own words, and how a step cuts it.   @param line [Recipes::Line]   @return [String]
      def words(line) = [line.text, line.cut].compact.join(", ")

      # @param recipe [Recipes::Recipe]   @return [Piece, nil]
      def piece(recipe, catalogue)
        line = told(recipe) or return
        text = metric(words(line))
        name = text.gsub(FILLER, "").split.join(" ")
        Piece.parse(
          [name.empty? ? "piece" : name, shape(text) || ("cube" if text.match?(BITES)),
           text[THICK]].compact.join(" "), catalogue
        )
      rescue InvalidInput
        nil
      end

      # What it is cut into, behind its name, before what it is: fillets in strips are strips.   @return [String, nil]
      def shape(text) = text[/,.*/].to_s[KIND, 1] || text[KIND, 1]

      # @return [Integer, nil] how many, where the line counts them
      def count(recipe) = (told(recipe) || counted(recipe))&.then { |line| how_many(line) }
      # @return [Integer, nil] how many pieces a line counts
      def how_many(line)
        found = cut_in(line) || (line.bare_text[COUNT, 1] unless cut_up?(line))&.to_i
        return found * 2 if found && line.by_the_piece? && words(line).match?(HALVED)

        found && found < 3 && words(line).match?(CUT_UP_BIRD) ? found * pieces_of_a_bird : found
      end
      # "2 breasts, each cut into 4" are eight.   @return [Integer, nil]
      def cut_in(line)
        found = words(line)[CUT, 1]&.to_i
        found && words(line).match?(EACH_CUT) ? found * (line.bare_text[COUNT, 1] || 1).to_i : found
      end

      # @return [Integer] of one that is cut up
      def pieces_of_a_bird = Constants.fetch(:heat, :pieces_of_a_bird).round
      # Two aubergines in slices are more than two pieces: their weight tells how many.
      def cut_up?(line)
        return words(line).match?(TO_BITS) if line.by_the_piece?

        words(line).match?(CUT_UP) || whole_vegetable?(line)
      end
      # An onion, a celeriac: nobody coats it whole, but for its flower.
      def whole_vegetable?(line)
        return false if words(line).match?(FLOWERS)
        return true if words(line).match?(FLORETS) && !words(line).match?(KIND)

        row = Food.row_of(line)
        !row.nil? && row["key"].start_with?("raw_") && %w[slice ring].include?(row["shape"]) &&
          !words(line).match?(KIND)
      end

      # @return [Float, nil] g of one, where the line counts and weighs them, or they are sold by the piece
      def each_g(recipe)
        line = told(recipe) || counted(recipe) or return
        count = how_many(line)
        return unless line.grams && count&.positive?

        whole = line.by_the_piece? || words(line).match?(FLOWERS)
        line.grams.value / count if whole || words(line).match?(Numbers::WEIGHED)
      end

      # @return [Recipes::Line, nil] the first that counts a known food
      def counted(recipe)
        recipe.ingredients.find do |line|
          counts = line.bare_text.match?(COUNT) || words(line).match?(CUT)
          %w[other cheese].include?(line.role) && counts && Food.row_of(line)
        end
      end

      # @return [Float, nil] g, where the line weighs them, be the food known or not
      def grams(recipe)
        match = told(recipe)&.bare_text&.match(WEIGHT) or return
        Float(match[1].tr(",", ".")) * (match[2].match?(/k/i) ? 1000 : 1)
      end

      # @return [Recipes::Line, nil] the first that says how thick
      def told(recipe) = recipe.ingredients.find { |line| line.role == "other" && metric(words(line)).match?(THICK) }

      # What a step says of a length, by patterns that hold THICK.
      # @param recipe [Recipes::Recipe]   @param patterns [Array<Regexp>]   @return [Float, nil] mm, inches read too
      def told_mm(recipe, *patterns)
        texts = recipe.steps.map { |line| metric(line.text) }
        found = texts.lazy.filter_map { |text| patterns.lazy.filter_map { |words| words.match(text) }.first }.first
        figure, unit = found&.captures&.compact
        figure && (figure.tr(",", ".").to_f * (unit.casecmp?("cm") ? 10 : 1))
      end

      # "1/2 inch" as 13 mm.   @return [String]
      def metric(text) =
        text.gsub(INCHES) do
          "#{(Numbers.value(Numbers.plain(Regexp.last_match(1)).strip) * Constants.fetch(:heat, :inch_mm)).round} mm"
        end
    end
  end
end
