module Restauro
  # What an entry of the notebook is found by and how it stands in a list, from its snapshot: worked out once, when it
  # is written.
  module EntryDigest
    MOST_WORDS = 8000

    module_function

    # @param snapshot [Hash] symbol or string keys   @return [Hash] words String, line Hash or nil
    def of(snapshot)
      snapshot = SwapSnapshot.from_json(JSON.parse(JSON.generate(snapshot)))
      {words: words(snapshot), line: line(snapshot)}
    end

    # Names of all that goes in, wheat's and ours, as written and as they are called; who it was made for.
    def words(snapshot)
      lines = snapshot[:rows].to_a.flat_map { |row| [row[:wheat], *row[:ours]] }
      names =
        lines.flat_map { |line| [line[:name], line[:text]] } + snapshot[:thickeners].to_a.map { |line| line[:name] }
      [*names, *snapshot.dig(:diet, :who)].compact.map { |text| text.to_s.strip }.uniq.join("\n")[0, MOST_WORDS]
    end

    # nil where it cannot be drawn, which keeps nobody from the rest of the list.
    def line(snapshot)
      Presenters.view(snapshot, pull: false).entry_line
    rescue StandardError => e
      warn "notebook entry: #{e.class}: #{e.message.to_s[0, 200]}"
      nil
    end
  end
end
