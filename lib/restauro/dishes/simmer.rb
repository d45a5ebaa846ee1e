# frozen_string_literal: true

module Restauro
  module Dishes
    # A time on the stove, and what the sentences before it speak of: the mince's half hour is not the sauce's.
    #   minutes min · text the sentence that says it · about the words since the time before it, in lower case
    Simmer = Value.of(:minutes, :text, :about) do
      # How many of a part's things it names, and the part itself.   @param part [Part]   @return [Integer]
      def names(part)
        things = part.lines.reject(&:words?).map { |line| line.name_text.to_s }
        [part.name.to_s, *things].count { |name| Simmer.stems(name).any? { |stem| about.include?(stem) } }
      end

      # @param part [Part]   @param others [Array<Part>]
      # @return [Boolean] whether it is said of this part, and less of every other
      def of?(part, others) = others.all? { |other| names(other) < names(part) }
    end

    class << Simmer
      MANNER = DataFiles.words("dishes/words.yml").fetch(:cut_or_bought)
      private_constant :MANNER

      # @param texts [Array<String>] the words of a recipe, a step each   @param timed [Array<String>] sentences of them
      #   with a time on the stove
      # @return [Array<Simmer>]
      def all(texts, timed)
        timed.map do |text|
          whole = texts.find { |words| words.include?(text) }.to_s
          before = whole.split(text, 2).first.to_s
          since = before.split(/(?<=[.;!])\s+/).reverse.take_while { |sentence| TimeSaid.of(sentence).empty? }
          new(minutes: TimeSaid.of(text).first, text: text, about: [*since, text].join(" ").downcase)
        end.freeze
      end

      # What a name is known by in a sentence: "chopped tomatoes" by "tomato".   @return [Array<String>]
      def stems(name) =
        name.downcase.gsub(MANNER, "").scan(/\p{L}{4,}/).map { |word| word.sub(/(?<=\p{L}{3})e?s\z/, "") }
    end
  end
end
