module Restauro
  # Two tries of a dish side by side: what went in, what was done, what was chosen, what that should have done by the
  # model and what it did.
  class TwoTries
    CHOICES =
      Presenters::Picks::FIELDS
        .flat_map { |pick, fields| fields.map { |field| [field, Presenters::Picks::LABELS.fetch(pick)] } }
        .to_h
        .freeze

    attr_reader :first, :second

    # @param first, second [Database::KeptSwap] the earlier first
    def initialize(first, second)
      @first, @second = [first, second].sort_by { |kept| [kept.created_at, kept.id] }
    end

    # Every ingredient of ours with its grams in each, the changed first.
    # @return [Array<Array(String, Float or nil, Float or nil)>]
    def lines
      before, after = [first, second].map { |kept| grams(kept) }
      (before.keys | after.keys)
        .map { |name| [name, before[name], after[name]] }
        .sort_by { |_, a, b| same?(a, b) ? 1 : 0 }
    end

    def same?(one, other) = one && other && (one - other).abs <= 0.02 * [one, other].max

    # Steps that only one of them has.   @return [Array(Array<String>, Array<String>)]
    def steps
      before, after = [first, second].map { |kept| kept.snapshot["method"].to_a.map { |step| step["text"].to_s } }
      [before - after, after - before]
    end

    # What was chosen otherwise.   @return [Array<Array(String, String, String)>]
    def choices
      CHOICES.keys.uniq.filter_map do |field|
        one, other = [first, second].map { |kept| kept.choices[field].to_s }
        if one != other
          [CHOICES[field], one.empty? ? "as it was" : one.tr("_", " "), other.empty? ? "as it was" : other.tr("_", " ")]
        end
      end
    end

    # By the model, in words; what was said at the table stands beside it.
    def should = change(*[first, second].map { |kept| target(kept) })
    def did = [first, second].map do |kept|
      [kept.snapshot.dig("made", "texture"), kept.marks["all"]].compact
        .join(", ")
        .then { |words| words.empty? ? "not said" : words }
    end

    private

    def grams(kept)
      lines =
        kept.snapshot["rows"]
          .to_a
          .flat_map { |row| row["ours"].to_a }
          .select { |line| line["ingredient"] && line["grams"] }
      lines.group_by { |line| line["name"] }.transform_values { |same| same.sum { |line| line["grams"] } }
    end

    def target(kept) = kept.snapshot["target"].to_h

    def change(before, after)
      one, other = [before, after].map { |target| target["flour_equivalents"] || target["ratio"] }
      unless one && other && before.key?("ratio") == after.key?("ratio")
        return "The two are not of one kind: the model has nothing to say."
      end
      return "As thick, or as wet, as before: what changed is how it gets there." if same?(one, other)

      thicker = before.key?("ratio") ? other < one : other > one
      words = before.key?("ratio") ? %w[drier wetter] : %w[thicker thinner]
      "The second should be #{thicker ? words.first : words.last}: it #{after["does"]}, where the first #{before["does"]}."
    end
  end
end
