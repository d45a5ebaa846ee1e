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
      # A breast as it comes is thick; beaten flat or cut it is not.
      WHOLE = DataFiles.words("heat/words.yml").fetch(:whole_breast)
      # With something in its pocket, or rolled up around it.
      STUFFED = DataFiles.words("heat/words.yml").fetch(:stuffed)
      # Cut up before it is coated; to bits, however many there were before.
      THICK_FISH, CHUNKS, TO_BITS, FINGERS, FLORETS, FLOWERS, WING =
        DataFiles.words("heat/words.yml")
          .values_at(:thick_fish, :chunks, :cut_to_bits, :fingers, :in_florets, :flowers, :wing)
      # On the bone, as thick as a wrist.
      CUT_UP_BIRD = DataFiles.words("heat/words.yml").fetch(:cut_up_bird)
      JOINT = Regexp.union(DataFiles.words("heat/words.yml").fetch(:joint), CUT_UP_BIRD)
      BONED = DataFiles.words("heat/words.yml").fetch(:boned)
      THIN, HALVED = DataFiles.words("heat/words.yml").values_at(:thin, :halved_flat)
      CUT = /\b(?:cut|sliced|divided)\s+in(?:to)?\s+(\d{1,3})\b(?!\s*-?\s*(?:mm|cm|inch|in\b|"|”|\/))/i
      CUT_UP = DataFiles.words("heat/words.yml").fetch(:cut_up)
      BITES = /\b(?:pieces|chunks|dice[ds]?|cubed)\b/i
      INCHES = /(\d+(?:\.\d+)?(?:\s+\d+\/\d+|\/\d+)?|\d*\s?[½¼¾])\s*-?\s*(?:inch(?:es)?\b|["”])/i
      FILLER = /\([^)]*\)|#{THICK}|#{KIND}|\d[\d.]*(?:\s*k?g\b)?|[.()-]|\b(?:of|in|cut|into|thick|or|about|the)\b|,.*/i

      module_function

      # @param recipe [Recipes::Recipe]   @return [Piece, nil]
      def piece(recipe, catalogue)
        line = told(recipe) or return
        text = metric(line.text)
        name = text.gsub(FILLER, "").split.join(" ")
        Piece.parse(
          [name.empty? ? "piece" : name, text[KIND, 1] || ("cube" if text.match?(BITES)),
           text[THICK]].compact.join(" "), catalogue
        )
      rescue InvalidInput
        nil
      end

      # A piece as thick as its kind usually is, where nothing tells.
      # @param line [Recipes::Line]
      # @return [Piece, nil]
      def usual(line, catalogue)
        row = Food.row_of(line) or return
        said = line.text[KIND, 1]
        shape, thick = cut(line.text) || ball(row, said) || own(row, said) || whole(row, line.text, said)
        millimetres = thick.is_a?(Symbol) ? Constants.fetch(:heat, thick) : thick
        Piece.parse("#{row["word"]} #{shape} #{millimetres.round} mm", catalogue)
      end

      # "Chicken fillets, cubed" are cubes.   @return [Array(String, Symbol), nil] shape and how thick
      def cut(text)
        return ["cube", :usual_cube_mm] if text.match?(CHUNKS)

        ["stick", :usual_stick_mm] if text.match?(FINGERS)
      end

      # What is cooked already is rolled a mouthful small.   @return [Array(String, Symbol), nil] shape and how thick
      def ball(row, said) =
        ([said, row["safety"] == "reheat" ? :usual_small_ball_mm : :usual_ball_mm] if said&.casecmp?("ball"))

      # What is sold or shaped as thick as that, whatever its shape.   @return [Array(String, Float), nil] shape and mm
      def own(row, said)
        found = DataFiles.table("heat/own_thickness.csv").find { |own| own["word"] == row["word"] }
        found && [said || row["shape"], Float(found["thick_mm"])]
      end

      # As it comes.   @param row [Hash] of its food   @param said [String, nil] the shape that the line names
      # @return [Array(String, Symbol)] shape and how thick
      def whole(row, text, said)
        return [said || "stick", :usual_wing_mm] if text.match?(WING)

        thick = !text.match?(THIN)
        return [said || "stick", :usual_joint_mm] if thick && text.match?(JOINT) && !text.match?(BONED)

        fish = thick && row["shape"] == "fillet" && text.match?(THICK_FISH)
        return [said || row["shape"], :usual_thick_fish_mm] if fish

        whole = thick && text.match?(WHOLE)
        return [said || row["shape"], whole ? :usual_stuffed_mm : :usual_folded_mm] if text.match?(STUFFED)

        [said || row["shape"], whole ? :usual_breast_mm : :"usual_#{row["shape"]}_mm"]
      end

      # @return [Integer, nil] how many, where the line counts them
      def count(recipe) = (told(recipe) || counted(recipe))&.then { |line| how_many(line) }
      # @return [Integer, nil] how many pieces a line counts
      def how_many(line)
        found = (line.text[CUT, 1] || (line.bare_text[COUNT, 1] unless cut_up?(line)))&.to_i
        return found * 2 if found && line.by_the_piece? && line.text.match?(HALVED)

        found && found < 3 && line.text.match?(CUT_UP_BIRD) ? found * pieces_of_a_bird : found
      end
      # @return [Integer] of one that is cut up
      def pieces_of_a_bird = Constants.fetch(:heat, :pieces_of_a_bird).round
      # Two aubergines in slices are more than two pieces: their weight tells how many.
      def cut_up?(line)
        return line.text.match?(TO_BITS) if line.by_the_piece?

        line.text.match?(CUT_UP) || whole_vegetable?(line)
      end
      # An onion, a celeriac: nobody coats it whole, but for its flower.
      def whole_vegetable?(line)
        return false if line.text.match?(FLOWERS)
        return true if line.text.match?(FLORETS) && !line.text.match?(KIND)

        row = Food.row_of(line)
        !row.nil? && row["key"].start_with?("raw_") && %w[slice ring].include?(row["shape"]) && !line.text.match?(KIND)
      end

      # @return [Float, nil] g of one, where the line counts and weighs them, or they are sold by the piece
      def each_g(recipe)
        line = told(recipe) || counted(recipe) or return
        count = how_many(line)
        return unless line.grams && count&.positive?

        whole = line.by_the_piece? || line.text.match?(FLOWERS)
        line.grams.value / count if whole || line.text.match?(Numbers::WEIGHED)
      end

      # @return [Recipes::Line, nil] the first that counts a known food
      def counted(recipe)
        recipe.ingredients.find do |line|
          %w[other
             cheese].include?(line.role) && (line.bare_text.match?(COUNT) || line.text.match?(CUT)) && Food.row_of(line)
        end
      end

      # @return [Float, nil] g, where the line weighs them, be the food known or not
      def grams(recipe)
        match = told(recipe)&.bare_text&.match(WEIGHT) or return
        Float(match[1].tr(",", ".")) * (match[2].match?(/k/i) ? 1000 : 1)
      end

      # @return [Recipes::Line, nil] the first that says how thick
      def told(recipe) = recipe.ingredients.find { |line| line.role == "other" && metric(line.text).match?(THICK) }

      # "1/2 inch" as 13 mm.   @return [String]
      def metric(text) =
        text.gsub(INCHES) do
          "#{(Numbers.value(Numbers.plain(Regexp.last_match(1)).strip) * Constants.fetch(:heat, :inch_mm)).round} mm"
        end
    end
  end
end
