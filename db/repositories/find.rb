module Restauro
  module Database
    # What is looked for in the notebook.   words String in title, note, lines or flours · eater name · mark · month
    # "2026-11" · favourite
    Find = Value.of(:words, :eater, :mark, :month, :favourite) do
      def any? = to_h.values.any?

      # @param rows [Sequel::Dataset]   @return [Sequel::Dataset]
      def in(rows)
        words.to_s.split.each do |word|
          rows = rows.where(Sequel.|(*%i[title note words].map { |name| Sequel.ilike(name, like(rows, word)) }))
        end
        rows = rows.where(Sequel.lit("marks::jsonb ->> ? = ?", eater || "all", mark)) if mark && eater
        rows = rows.where(Sequel.lit("? in (select value from json_each_text(marks))", mark)) if mark && !eater
        if eater && !mark
          rows =
            rows.where(
              Sequel.ilike(:words, like(rows, eater)) | Sequel.lit("marks::jsonb -> ? is not null", eater)
            )
        end
        rows = rows.where(favourite: true) if favourite
        month ? rows.where(Sequel.lit("to_char(created_at, 'YYYY-MM') = ?", month)) : rows
      end

      private

      def like(rows, word) = "%#{rows.escape_like(word)}%"
    end
  end
end
