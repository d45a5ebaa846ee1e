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
      MOST = 40
      private_constant :GROUP, :ENDS_IN_AMOUNT, :MOST

      private

      # "trinity (1 onion, 1 bell pepper, 2 celery)" among other things: what is in the brackets.
      def unpacked(text)
        text.gsub(GROUP) do |group|
          inside = Regexp.last_match(1)
          inside.split(/\s*,\s*/).all? { |piece| @line_reader.thing?(piece) } ? inside : group
        end
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
