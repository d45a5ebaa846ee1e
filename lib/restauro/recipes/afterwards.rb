# frozen_string_literal: true

module Restauro
  module Recipes
    # What a method tells beside itself: how to keep, freeze and warm up what is left, and how it is done another time
    # or in another appliance. None of it is done now; and what lies on paper is in no crust.
    module Afterwards
      NOTED, TOLD, ANOTHER_WAY, SECTION, KEPT_WARM, OWN_HEAT, PAPER, BRACKETS, BEHIND =
        DataFiles.words("recipes/afterwards.yml")
          .values_at(:noted, :told, :another_way, :section, :kept_warm, :own_low_heat, :lined_with_paper,
                     :or_in_brackets, :or_behind)
      SENTENCE = /[.!]\s*\z/
      private_constant :SENTENCE, :NOTED, :TOLD, :ANOTHER_WAY, :SECTION, :KEPT_WARM, :OWN_HEAT, :PAPER, :BRACKETS,
                       :BEHIND

      module_function

      # @param lines [Array<String>] of a whole text   @param last [Integer] the last of them that is listed
      # @return [Array<String>] without those that are notes: a heading such as "Storage" ends the method
      def lines(lines, last)
        ends = lines.each_index.find { |at| at > last && SECTION.match?(lines[at]) } || lines.length
        lines.take(ends).reject.with_index { |line, at| at.positive? && note?(line) }
      end

      def note?(line) =
        NOTED.match?(line) || (SENTENCE.match?(line) && Sentences.of(line).all? { |text| TOLD.match?(text) })

      # @param entries [Array<Outline::Entry>]   @return [Array<Outline::Entry>] of the dish that is made now
      def without(entries)
        first = entries.index { |entry| entry.kind == :step }
        entries.each_with_index.filter_map { |entry, at| entry.kind == :step ? told(entry, first: at == first) : entry }
      end

      # @param first [Boolean] whether it is the first step   @return [Outline::Entry, nil] nil where nothing is left
      def told(entry, first:)
        return if NOTED.match?(entry.text)

        sentences = Sentences.of(entry.text)
        now = sentences.grep_v(TOLD).reject { |text| ANOTHER_WAY.match?(text) && !(first && text == sentences.first) }
        kept = now.map { |text| one_way(cooled(text)).sub(PAPER, 'use \1') }.grep(/[[:alnum:]]/)
        kept == sentences ? entry : (Outline::Entry.new(kept.join(" "), *entry.to_a.drop(1)) if kept.any?)
      end

      # "Fry for 8 minutes, or bake at 200C for 25": the first.
      def one_way(sentence)
        text = sentence.gsub(BRACKETS, "")
        before = text[BEHIND] && text.split(BEHIND, 2).first
        before && TimeSaid.of(before).any? ? text.sub(BEHIND, "") : text
      end

      # "Fry 3 minutes a side, keep warm in a low oven (100C)" without its oven.
      def cooled(sentence) = OWN_HEAT.match?(sentence) ? sentence : sentence.gsub(KEPT_WARM, "")
    end
  end
end
