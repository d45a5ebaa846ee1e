# frozen_string_literal: true

module Restauro
  module Dishes
    # The sentences of a method, as far as what they say of oven and stove belongs together.
    module SaidSentences
      BAKES, TURNS, FILLED_THEN, BLIND, STOVE_THEN_BAKE, ROASTED, DOUGH_OF_ROOTS, FRIES, SIMMERS,
        BOILS, RESTS, BAKED_IN_FAT =
        DataFiles.words("dishes/words.yml")
          .values_at(:bakes, :turns, :filled_then, :blind, :stove_then_bake, :roasted_beforehand,
                     :dough_turned, :fries_for, :simmers, :boils_in_water, :rests_for, :baked_in_fat)
      # Where one thing that is done ends and the next begins; "simmer until thick, about 5 minutes" is one.
      CLAUSE, TIME_ALONE = DataFiles.words("dishes/words.yml").values_at(:next_clause, :time_alone)

      # "Bake for 30", "180 for 35-40": nobody bakes for hours, or for so many who eat.
      BARE_MINUTES = /\bfor\s+(?:about\s+)?\d{1,3}(?:\s*(?:-|–|to)\s*\d{1,3})?(?=\s*(?:[.,;]|\z))/i
      # Gnocchi, and what is filled and boiled.
      BOILED = Regexp.union(DOUGH_OF_ROOTS, DataFiles.words("families/dough/shapes.yml").fetch(:filled))
      DEGREES = /\d{3}\s*°?\s*[CF]\b|gas (?:mark )?\d/i
      private_constant :TIME_ALONE, :BARE_MINUTES, :DEGREES, :BOILED, :CLAUSE

      private

      # @param texts [Array<String>] the words of a recipe   @return [Array<String>]
      def sentences(texts)
        all = texts.flat_map { |text| Recipes::Sentences.of(text) }.map { |text| fried_by_baking(text) }
                   .flat_map { |text| stove_first(text) }.flat_map { |text| apart(text) }
        turns_joined(all.map { |text| with_minutes(text) })
      end

      def with_minutes(text)
        text.match?(BAKES) || text.match?(Recipes::Outline::DEGREES_FOR) ? text.sub(BARE_MINUTES, '\0 min') : text
      end

      # German bakes in fat what others fry: "in reichlich Butterschmalz backen".
      def fried_by_baking(text) = text.gsub(BAKED_IN_FAT) { |said| said.sub(/backen\b/i, "braten") }

      # "Stew the meat for 2 hours, then bake at 200C for 30 minutes" is two.   @return [Array<String>]
      def stove_first(text)
        stove, bake = text.match(STOVE_THEN_BAKE)&.captures
        # Degrees before the bake are those of the fat.
        apart = stove && !stove.match?(BAKES) && (stove.match?(FRIES) || !OvenSaid.of(stove))
        apart ? [stove, bake] : [text]
      end

      # "Cook the flour for 1 minute, stir in the stock and simmer for 2 hours" is two, and so is "rest it 20 minutes,
      # fry it 3": a time is said of one thing.   @return [Array<String>]
      def apart(text)
        clauses = text.split(CLAUSE).slice_when { |_, clause| !clause.match?(TIME_ALONE) }.map(&:join)
        timed = clauses.each_index.select { |at| Recipes::TimeSaid.of(clauses[at]).any? }
        cuts = timed.each_cons(2).filter_map { |before, at| before if turns?(clauses[before], clauses[at]) }
        return [text] if cuts.empty?

        pieces(clauses, cuts)
      end

      # What is done in a clause is another thing than in the one before it.
      def turns?(before, clause)
        kind = done(clause)
        !kind.nil? && kind != done(before)
      end

      def done(clause) = [SIMMERS, FRIES, BOILS, RESTS, BAKES].find { |words| clause.match?(words) }

      def pieces(clauses, cuts)
        from = 0
        [*cuts, clauses.length - 1].map { |to| clauses[from..to].join.tap { from = to + 1 } }
      end

      # Of an oven, then: no fat is spoken of.
      def degrees_alone?(text) = OvenSaid.with_unit(text).match?(DEGREES) && !text.match?(FRIES)

      # What comes before the last heat: after it, what stands is cooked.
      def before_its_heat(sentences) =
        sentences.take(sentences.rindex { |text| text.match?(FRIES) || text.match?(BAKES) }.to_i.succ)

      # "Bake at 220C for 15 minutes. (Brush it with egg.) Reduce to 180C and bake for 45." is one bake.
      def turns_joined(sentences)
        sentences.each_with_object([]) do |text, kept|
          at = text.match?(TURNS) && baked_before(kept)
          at ? kept[at] = "#{kept[at]} #{text}" : kept << text
        end
      end

      # @return [Integer, nil] where what goes on in another oven was put into its first
      def baked_before(kept)
        last = [1, 2].find { |back| kept[-back]&.match?(BAKES) } or return
        kept.length - last if !kept[-last].match?(BLIND) && kept.last(last - 1).all? { |one| Recipes::TimeSaid.of(one).empty? }
      end

      def blind(sentences) = clauses(sentences).grep(BLIND)
      def clauses(sentences) = sentences.flat_map { |text| text.match?(BLIND) ? text.split(/[,;]|\bthen\b/) : [text] }

      # What is said of the filled crust before what is said of the blind one: "bake blind at 190, fill, bake at 170".
      def filled_first(sentences)
        sentences = fills_joined(sentences)
        sentences = sentences.partition { |text| text.match?(FILLED_THEN) && Recipes::TimeSaid.of(text).any? }.flatten
        return sentences if sentences.none? { |text| text.match?(BLIND) }

        clauses(sentences).partition { |text| !text.match?(BLIND) }.flatten
      end

      # In an oven too, before what is laid on it has its own time there.
      # @param baking [Array<String>] see filled_first   @return [Array(Float, String), nil] min, and where it says so
      def stewed_first(baking)
        lid, *others = baking
        return unless lid&.match?(FILLED_THEN) && lid.match?(BAKES)

        others.grep(BAKES).filter_map do |text|
          minutes = Recipes::TimeSaid.of(text).max
          [minutes, text] if minutes.to_f >= Constants.fetch(:dishes, :oven_stew_minutes)
        end.first
      end

      # "Drop the dough over it. (Sprinkle with sugar.) Bake for 30 minutes." is one, behind the fruit's own bake.
      def fills_joined(sentences)
        sentences.each_with_object([]) do |text, kept|
          filled = kept.last(2).index { |one| one.match?(FILLED_THEN) } if text.match?(BAKES)
          at = filled && (kept.length - kept.last(2).length + filled)
          after = at && kept.drop(at).all? { |one| Recipes::TimeSaid.of(one).empty? }
          after &&= kept.take(at).any? { |one| one.match?(BAKES) && Recipes::TimeSaid.of(one).any? }
          after ? kept[at..] = [[*kept.drop(at), text].join(" ")] : kept << text
        end
      end

      # Vegetables that are roasted before the dish they lie in is baked, or before they are mashed for a dough.
      def without_roasted(sentences, title)
        rings = Crisped.baked(sentences)
        rest = sentences.reject.with_index do |text, at|
          (text.match?(ROASTED) || text.equal?(rings)) &&
            (title.match?(BOILED) || sentences.drop(at + 1).any? { |one| baked_on?(one) })
        end
        rest == sentences || rest.any? { |text| baked_on?(text) } ? rest : rest.reject { |text| heats_alone?(text) }
      end

      # An oven that was heated for the roasting.
      def heats_alone?(text) = text.match?(OvenSaid::PREHEATS) && Recipes::TimeSaid.of(text).empty?

      # In an oven and for a time of its own.
      def baked_on?(text) = text.match?(BAKES) && OvenSaid.of(text) && Recipes::TimeSaid.of(text).any?
    end
  end
end
