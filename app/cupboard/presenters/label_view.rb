module Restauro
  module Presenters
    # A label's text with the found words marked in place, and the finding in plain words.
    class LabelView
      FINDINGS = {
        "contains" => "Holds gluten",
        "may_contain" => "May hold gluten: ask",
        "none_found" => "Nothing found: that is no promise",
        "cannot_tell" => "Cannot tell: not read"
      }.freeze
      KINDS = {
        "contains" => "holds gluten",
        "may_contain" => "may hold it",
        "ask" => "ask",
        "fine" => "no gluten word",
        "claim" => "a claim"
      }.freeze

      attr_reader :verdict

      # @param text [String]   @param verdict [Labels::Verdict]
      def initialize(text, verdict)
        @text = text
        @verdict = verdict
      end

      def finding = FINDINGS.fetch(verdict.finding)

      # @return [String] HTML
      def marked
        at = 0
        pieces = verdict.marks.flat_map do |mark|
          before = ERB::Util.html_escape(@text[at...mark.start])
          at = mark.end
          word = ERB::Util.html_escape(@text[mark.start...mark.end])
          [before, "<mark class=\"mark-#{mark.kind}\">#{word}<small> #{KINDS.fetch(mark.kind)}</small></mark>"]
        end
        (pieces << ERB::Util.html_escape(@text[at..])).join
      end

      # Each word once, with what it is and why.   @return [Array<Labels::Mark>] the worst first
      def reasons
        order = KINDS.keys
        verdict
          .marks
          .uniq { |mark| [mark.text.downcase, mark.kind] }
          .sort_by { |mark| [order.index(mark.kind), mark.start] }
      end

      def kind(mark) = KINDS.fetch(mark.kind)
    end
  end
end
