# frozen_string_literal: true

module Restauro
  module Recipes
    # The things on one line: "50 g butter, 50 g flour", "2 eggs plus 1 yolk", "butter and flour, 50 g each".
    class Several
      include NotedLists
      include MoreOfIt

      COAT, TO_DIP, HOW_CUT = DataFiles.words("recipes/words.yml").values_at(:all_to_coat, :to_dip, :how_cut)
      AND_ELSEWHERE = /(?:und|et|e|y|och|og|en|i|ja)/i
      TO_TASTE = /(?:salt|pepper|nutmeg)\b/i
      MEASURE = %r{\d+(?:[/.]\d+)?\s?(?:g|kg|oz|lb|ml|cl|dl|l|pts?|pints?|tbsp|tsp|sticks?|cups?|c|t)\b}i
      # "1 tsp cornflour mixed with 1 tbsp water".
      STIRRED = /(?:,?\s+(?:mixed|stirred|blended|whisked|slaked|dissolved|mashed|loosened|combined|let\ down))?/i
      # Between two things: a comma, a stroke, a word for and; a full stop before salt; nothing but the next measure,
      # where it is not one to choose.
      JOINT = %r{
        \s*[,;]\s+(?!#{HOW_CUT})(?:plus\s+|and\s+)? |
        \s+(?:/|#{AND_ELSEWHERE})\s+(?=\d) |
        \.\s+(?=#{TO_TASTE}) |
        (?<=[\p{L})])\s+(?=\d{1,2}\s+(?:eggs?|yolks?|whites?)\b) |
        (?<=\p{L})(?<!grated)(?<!ground)(?<!fresh)(?<!freshly)(?<!whole)(?<!with)(?<!and)(?<!of)
          (?<!pinch)(?<!dash)(?<!grating)(?<!scrape)(?<!touch)(?<!little)(?<!bit)\s+
          (?=(?:nutmeg|salt\s+(?:and|&)\s+pepper)\s*\z) |
        (?<=[\p{L})])(?<!\bx)(?<!\dx)(?<!\bor)(?<!\boder)(?<!\bou)(?<!\bof)\s+(?=#{MEASURE}\.?\s+\p{L}) |
        #{STIRRED}\s+(?:and|plus|with|in|into|to|\+|&)\s+
          (?=[\d½⅓¼⅔¾⅛]|an?\b|one\b|two\b|three\b|four\b|half\b)
      }ix
      EACH = /\A\W*(?<first>[[:alpha:]][^,\d]*?)\s+(?:and|&)\s+(?<second>[^,\d]+?)[,:]?\s+(?<amount>[\d½¼¾⅓⅔][^,]*?)\s+(?:of\s+)?each\s*\z/i
      EACH_FIRST = /\A\W*(?<amount>[\d½¼¾⅓⅔][^,]*?)\s+each\s+(?:of\s+)?(?<first>[[:alpha:]][^,]*?)\s+(?:and|&)\s+(?<second>[^,\d]+)\z/i
      # What people say before they say what.
      LEAD = /\A\W*(?:(?:you|we|i)(?:['’]ll|\ will)?\s+(?:need|used?|take|want)|take|for\ this(?:\ you\ need)?|ingredients(?:\ are)?)\b
        \s*:?\s*(?=[\d½⅓¼⅔¾⅛])/ix
      # "100 g flour, 1 egg, 250 ml milk; for 8 sausages".
      FOR_SO_MANY = /\Afor\s+(?=\d)/i
      private_constant :TO_DIP, :HOW_CUT, :AND_ELSEWHERE, :TO_TASTE, :MEASURE
      LEAVES = %w[herb infuse].freeze
      TURNED_IN = %w[flour crumb].freeze
      private_constant :LEAVES, :TURNED_IN
      MOST = 40
      LISTED = 3

      # @param line_reader [LineReader] asked whether words are a thing with its amount
      def initialize(line_reader)
        @line_reader = line_reader
        freeze
      end

      # @param text [String]   @return [Array<String>] the text itself where it holds one thing
      def split(text)
        bare = unpacked(text.sub(LEAD, ""))
        coat(bare) || stroked(bare) || each(bare) || names(bare) || behind(bare) || listed(bare).then { |found| found.length > 1 ? found : [text] }
      end

      private

      # "Flour, egg and breadcrumbs to coat": three dishes, none with its amount.
      def coat(text)
        names = text[COAT, 1]&.split(/\s*,\s*|\s+and\s+/i)&.map(&:strip)&.reject(&:empty?) or return
        names.map { |name| "#{name}, to coat" } if names.length > 1 && names.all? { |name| @line_reader.known_name?(name) }
      end

      # "Flour, 2 eggs, breadcrumbs": begun with a thing of no amount, each a thing of its own.
      def names(text)
        text = text.sub(TO_DIP, "")
        found = text.split(/\s*,\s*(?:and\s+)?/)
        return if found.length < 2 || found.length > MOST || text.include?(";") || amounted?(found.first)

        found if found.all? { |piece| bare_name?(piece) || coat_of_it?(piece) || (counted?(piece) && amounted?(piece)) }
      end

      def counted?(piece) = piece.match?(/\A\W*[\d½⅓¼⅔¾⅛]/)

      # "breadcrumbs to coat", "Semmelbrösel zum Panieren".
      def coat_of_it?(piece) = piece.split.length <= 4 && !piece.match?(/\d/) && @line_reader.known_name?(piece)

      def each(text)
        match = EACH.match(text) || EACH_FIRST.match(text) or return
        found = [match[:first], match[:second]].map { |name| "#{match[:amount]} #{name.strip}" }
        found if found.all? { |thing| @line_reader.thing?(thing) }
      end

      # Every piece that is a thing of its own begins one; the rest belongs to the thing before it.
      def listed(text)
        pieces = pieces(text)
        return [text] if pieces.length > MOST

        found = pieces.each_with_object([]) do |(joint, piece), things|
          last = piece.equal?(pieces.last.last)
          piece = again(things.last, piece)
          own?(things, joint, piece, last: last) ? things << piece.dup : things[-1] += joint + piece
        end
        found.length > 1 ? brushed(found).flat_map { |thing| each(thing) || [thing] } : [text]
      end

      # Whether a piece begins a thing; what is spared for the board stays with what it is spared of.
      def own?(things, joint, piece, last:)
        return true if things.empty?
        return false if piece.match?(SPARE)

        begins?(things, piece) || (joint.include?(";") && @line_reader.known_name?(piece)) ||
          (last && things.length >= LISTED && bare_name?(piece))
      end

      # With its amount, or at the end of a list where none is needed.
      def begins?(things, piece)
        return true if amounted?(piece) && amounted?(things.last)
        # "... nutmeg, 1 egg": "salt, 1 tsp" is one.
        return true if @line_reader.thing?(piece) && (things.length > 1 ? bare?(things.last) : known?(things.last))

        amounted?(things.first) && (seasons?(piece) || fries?(piece) || of_no_amount?(piece))
      end

      def amounted?(piece) = @line_reader.thing?(piece) || @line_reader.measured?(piece)

      # "50 g butter, 50 g flour, 600 ml milk, nutmeg": at the end of a list, a thing to taste has no amount.
      def seasons?(piece) = piece.split.length <= 3 && !piece.match?(/\d/) && @line_reader.seasoning?(piece)

      # A leaf, and flour or crumbs to turn something in; "a clove" is one, and an onion stuck with it.
      def of_no_amount?(piece)
        return false unless piece.split.length <= 2 && !piece.match?(/\d|\A\W*an?\b/i) && @line_reader.known_name?(piece)

        line = @line_reader.read(piece)
        LEAVES.include?(line.kind) || TURNED_IN.include?(line.role)
      end

      # "Pan juices, 2 tbsp flour".
      def known?(piece) = !piece.match?(/\d/) && @line_reader.known_name?(piece)
      def bare?(piece) = seasons?(piece) || of_no_amount?(piece)

      # At the end of a list of things, one more without its amount: "125 g almonds, 1 egg, flaked almonds".
      def bare_name?(piece) = piece.split.length <= 2 && !piece.match?(/\d/) && @line_reader.known_name?(piece)

      # "250 ml milk, oil for frying".
      def fries?(piece) = piece.match?(Line::TO_FRY_IN) && @line_reader.known_name?(piece)

      # Cut at the joints, but never inside brackets.   @return [Array<Array(String, String)>] joint and piece
      def pieces(text)
        masked = text.gsub(/\([^)]*\)/) { |bracket| "(" + "x" * (bracket.length - 2) + ")" }
        from, joint, pieces = 0, "", []
        masked.to_enum(:scan, JOINT).map { Regexp.last_match.offset(0) }.each do |start, finish|
          pieces << [joint, text[from...start].sub(FOR_SO_MANY, "")]
          joint, from = text[start...finish], finish
        end
        pieces << [joint, text[from..].sub(FOR_SO_MANY, "")]
      end
    end
  end
end
