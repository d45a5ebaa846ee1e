# frozen_string_literal: true

module Restauro
  module Recipes
    # "Stir in two thirds of the cheese ... scatter the rest over it": the one line is two, the second under a heading
    # of its own.
    class RestOver
      HEADING = "Topping"
      HEADED = /\A\W*topping\b/i
      STREWS, REST, BAKED =
        DataFiles.words("recipes/words.yml").values_at(:strews_the_rest, :the_rest, :baked_or_grilled)
      SHARES =
        DataFiles.yaml("recipes/shares.yml").map { |row| [DataFiles.pattern(row["words"]), Float(row["share"])] }.freeze
      # What may stand between the share and its name: "half of the grated".
      BETWEEN = DataFiles.words("recipes/words.yml").fetch(:between_share_and_name)
      AMOUNT = /(#{Numbers::ONE})\s*(\p{L}+)/i
      # Both amounts are read with it: which country's cup it is tells nothing of a share.
      UNITS = KitchenUnits.of("us")
      DEGREES = /\b\d{3}\s*°?\s*[CF]\b/
      private_constant :DEGREES, :AMOUNT, :HEADED, :STREWS, :REST, :BAKED, :SHARES, :BETWEEN, :UNITS

      # @param lines [Array<Line>] of a whole recipe   @return [Array<Line>]
      def self.of(lines)
        cheeses = lines.select { |line| line.role == "cheese" && line.grams }
        sentences = Sentences.of_steps(lines)
        return lines unless baked?(lines, sentences)

        cheeses.each do |cheese|
          name = Sentences.cheese(cheese, alone: cheeses.one?)
          share = share(name, sentences) || measured_share(name, sentences, cheese)
          return parted(lines, cheese, share) if share
        end
        lines
      end

      # By a word of it, also in the title, or by an oven's degrees alone.
      def self.baked?(lines, sentences) =
        [*lines.first(1).map(&:text), *sentences].any? { |text| text.match?(BAKED) || text.match?(DEGREES) }

      # The rest is said to be the rest, or the cheese is strewn after a share of it went in.
      # @param name [Regexp] of the cheese   @param sentences [Array<String>]
      # @return [Float, nil] of 1 that is stirred in
      def self.share(name, sentences)
        SHARES.each do |words, share|
          at = sentences.index { |text| text.match?(/#{words}#{BETWEEN}#{name}/i) } or next
          return share if strewn?(sentences, at, name)
        end
        nil
      end

      # "100 g of the cheese", of 150 grams: weighed as its line is.   @return [Float, nil]
      def self.measured_share(name, sentences, cheese)
        all = measured(cheese.amount_text.to_s) or return
        sentences.each_with_index do |text, at|
          some = measured(text[/#{AMOUNT}#{BETWEEN}#{name}/i].to_s)
          share = some.last / all.last if some&.first == all.first
          return share if share && share < 1 && strewn?(sentences, at, name)
        end
        nil
      end

      # @return [Array(Symbol, Float), nil] mass or volume, how much of it
      def self.measured(text)
        number, word = text.match(AMOUNT)&.captures
        unit, = word && UNITS.read(word)
        [unit.kind, Numbers.read(number).first.value.to_f * unit.amount] if unit&.mass? || unit&.volume?
      end

      def self.strewn?(sentences, at, name) =
        sentences.grep(STREWS).any? { |text| text.match?(/#{REST}[^.;]{0,40}#{name}/i) } ||
          sentences.drop(at + 1).any? { |text| text.match?(/#{STREWS}[^.;]{0,60}#{name}/i) }

      # At the end of the topping that there is, else behind what stands in the same list.
      def self.parted(lines, cheese, share)
        topping = lines.filter_map(&:part).find { |heading| heading.match?(HEADED) }
        last = lines.rindex { |line| !line.words? && line.part == (topping || cheese.part) }
        first = part(cheese, cheese.grams * share)
        rest = part(cheese, cheese.grams * (1 - share)).with(part: topping || HEADING)
        found = lines.map { |line| line.equal?(cheese) ? first : line }
        found.insert(last + 1, rest)
      end

      def self.part(line, grams)
        name = line.name_text.to_s.sub(/[,(].*/, "").strip
        line.with(text: "#{WeighedLine.tenths(grams.value.round(1))} g #{name}", grams: grams, amount_text: nil,
                  name_text: name)
      end
      private_class_method :baked?, :share, :measured_share, :measured, :strewn?, :parted, :part
    end
  end
end
