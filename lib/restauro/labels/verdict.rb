module Restauro
  module Labels
    # What was found on a label: one plain finding, the marks in the text, what the pack claims, and what to do.
    #   finding one of FINDINGS · marks Array of Mark in the text's order · claims Array of keys · advice String
    Verdict = Struct.new(:finding, :marks, :claims, :advice, keyword_init: true) do
      def initialize(finding:, marks:, claims:, advice:)
        super(finding: finding, marks: marks.dup.freeze, claims: claims.dup.freeze, advice: advice)
        freeze
      end

      # The same with other values.   @return [Verdict]
      def with(**changes) = Verdict.new(**to_a_hash, **changes)
      def to_a_hash = members.zip(to_a).to_h
      private :to_a_hash

      # @return [Hash] plain values
      def to_h = {finding: finding, marks: marks.map(&:to_h), claims: claims, advice: advice}
    end
  end
end
