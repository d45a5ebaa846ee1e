module Restauro
  module Labels
    # Words one slip away from a word for gluten: the usual slips by name, longer words by counting.
    class Misspellings
      # start, end · meant the word it looks like · sure whether it is one of the usual slips
      Slip = Struct.new(:start, :end, :meant, :sure)

      def initialize(table: DataFiles.yaml("labels/phrases.yml").fetch("misspelt"))
        @known = table["known"]
        @known_pattern = Words.any(@known.keys)
        @targets = table["targets"]
        @shortest = table["shortest"]
        freeze
      end

      # @return [Array<Slip>]
      def in(text) = usual(text) + close(text)

      # Whether two words differ by one letter put in, left out, changed or swapped with its neighbour.
      def self.one_slip?(word, target)
        return false if word == target || (word.length - target.length).abs > 1

        same = word.chars.zip(target.chars).take_while { |a, b| a == b }.length
        rest, aim = word[same..], target[same..]
        rest[1..] == aim[1..] || rest == aim[1..] || rest[1..] == aim ||
          (rest[0, 2] == aim[0, 2].reverse && rest[2..] == aim[2..])
      end

      private

      def usual(text)
        text
          .to_enum(:scan, @known_pattern)
          .map { Regexp.last_match }
          .map do |match|
            Slip.new(match.begin(0), match.end(0), @known.fetch(match[0].downcase.squeeze(" "), "gluten"), true)
          end
      end

      def close(text)
        text
          .to_enum(:scan, /[[:alpha:]]{#{@shortest},}/)
          .map { Regexp.last_match }
          .filter_map do |match|
            meant = @targets.find { |target| Misspellings.one_slip?(match[0].downcase, target) }
            Slip.new(match.begin(0), match.end(0), meant, false) if meant && match[0].downcase != "barely"
          end
      end
    end
  end
end
