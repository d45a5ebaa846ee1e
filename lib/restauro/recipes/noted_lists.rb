# frozen_string_literal: true

module Restauro
  module Recipes
    # Lists as people note them on one line: amounts behind their names, things in the brackets of a name.
    #   Needs @line_reader, amounted?, seasons? and bare_name?.
    module NotedLists
      GROUP = /(?<=, )\p{L}[\p{L} ]{2,24}\((\d[^()]*,[^()]*)\)/
      # "stock 2c", "milk 1/2 pint", "carrots (2)".
      ENDS_IN_AMOUNT = %r{\A[[:alpha:]][^\d,()]*\(\d[^()]*\)\z|
        \A[[:alpha:]][^\d,]*\s[\d½⅓¼⅔¾⅛][\d\s/.½⅓¼⅔¾⅛-]*[[:alpha:]]{0,8}\.?\z}ix
      STROKED = %r{\d[\d.,]*\s?[[:alpha:]]{1,5}(?:\s*/\s*\d[\d.,]*\s?[[:alpha:]]{1,5})+}
      # "350g/12oz" is one amount, said twice.
      METRIC, IMPERIAL = /(?:k?g|m?l)\s*\z/i, /(?:oz|lbs?|pts?|pints?)\s*\z/i
      MOST = 40
      private_constant :METRIC, :IMPERIAL, :STROKED, :GROUP, :ENDS_IN_AMOUNT, :MOST

      private

      # "trinity (1 onion, 1 bell pepper, 2 celery)" among other things: what is in the brackets.
      def unpacked(text)
        text.gsub(GROUP) do |group|
          inside = Regexp.last_match(1)
          inside.split(/\s*,\s*/).all? { |piece| @line_reader.thing?(piece) } ? inside : group
        end
      end

      # "200g/100g flour/butter, 3 tbsp water".   @return [Array<String>, nil]
      def stroked(text)
        each_of_it(text) || begin
          pieces = text.split(/\s*,\s+/)
          found = pieces.flat_map { |piece| each_of_it(piece) || [piece] }
          found if found.length > pieces.length && found.all? { |piece| amounted?(piece) || bare_name?(piece) }
        end
      end

      # "25g/25g/300ml butter flour milk", or the names first: an amount for each.   @return [Array<String>, nil]
      def each_of_it(text)
        amounts = text[STROKED]&.split("/") or return
        return if amounts.length == 2 && [METRIC, IMPERIAL].all? { |units| amounts.grep(units).one? }

        names = text.sub(STROKED, "").gsub(%r{[/,:&+]}, " ").split
        found = amounts.zip(names).map { |amount, name| "#{amount.strip} #{name}" }
        found if amounts.length == names.length && found.all? { |piece| @line_reader.thing?(piece) }
      end

      # "flour 3T, stock 2c, splash wine, salt": most with their amounts behind them.
      def behind(text)
        found = text.split(/\s*,\s*(?:and\s+)?/)
        return if found.length < 2 || found.length > MOST || text.include?(";")

        ended = found.count { |piece| piece.match?(ENDS_IN_AMOUNT) && @line_reader.thing?(piece) }
        found if ended > 1 && found.all? { |piece| amounted?(piece) || seasons?(piece) || bare_name?(piece) }
      end
    end
  end
end
