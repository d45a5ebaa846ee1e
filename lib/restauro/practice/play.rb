# frozen_string_literal: true

module Restauro
  module Practice
    # A lesson under way: what was done, and how long it has run.
    class Play
      # seconds from the start · what one of a lesson's tools, or "now" · with its value or nil
      Act = Struct.new(:seconds, :what, :with) do
        # @param data [Hash] as kept   @return [Act]
        def self.of(data) = new(Float(data["at"]), data["do"].to_s, data["with"])
      end
      KINDS = {"pan" => :Pan, "hands" => :Hands, "coat" => :Coat, "pot" => :Pot}.freeze

      attr_reader :lesson, :acts, :seconds

      # What is worked out once a lesson, and given to every play of it.   @return [Hash]
      def self.ground(lesson, catalogue)
        case lesson.kind
        when "pan"
          {book: Pan.book(lesson, catalogue)}
        when "coat"
          {sections: Coat.sections(lesson, catalogue)}
        else
          {}
        end
      end

      # @param acts [Array<Act>] in order   @param seconds [Float] how long it runs   @param ground see Play.ground
      def initialize(lesson, acts, seconds, catalogue, ground: Play.ground(lesson, catalogue))
        @lesson = lesson
        @acts = acts
        @seconds = seconds
        @model = Practice.const_get(KINDS.fetch(lesson.kind)).new(lesson, acts, now_at || seconds, catalogue, **ground)
      end

      # @return [Float, nil] s when it was called done
      def now_at = acts.find { |act| act.what == "now" }&.seconds
      def over? = !now_at.nil?
      # For drawing: numbers and short words.   @return [Hash]
      def scene = @model.scene
      # What is seen, for who does not see the picture.
      def words = @model.words
      # What can be done.   @return [Hash{String => String}] "heat:high" => words
      def tools = over? ? {} : @model.tools
      # @return [Verdict]
      def verdict = @model.verdict
    end
  end
end
