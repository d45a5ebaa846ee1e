# frozen_string_literal: true

module Restauro
  module Families
    # One act of a method, as data. Words are for the eye; nothing reads meaning back out of them.
    #   text · kind one of KINDS · minutes of one batch, both sides, or nil · batches · look_for what to see
    #   heat oven, hob, hands or rest · celsius C of oven or fat, or nil · attended whether it takes a pair of hands
    #   uses Array of Recipes::Line, the lines of our side that go in · hold_minutes the longest wait after it, or nil
    #   safety Array of keys of data/safety.yml · part name of the dish's part, or nil
    Step =
      Struct.new(
        :text, :kind, :minutes, :batches, :look_for, :heat, :celsius, :attended, :uses, :hold_minutes, :safety, :part,
        :said, keyword_init: true
      ) do
        # @param caution [String, nil] words beside what the safety keys say
        def initialize(
          text:,
          kind:,
          minutes: nil,
          batches: 1,
          look_for: nil,
          caution: nil,
          heat: Step::HEATS.fetch(kind),
          celsius: nil,
          attended: !Step::UNATTENDED.include?(kind),
          uses: [],
          hold_minutes: Step::HOLDS[kind],
          safety: [],
          part: nil
        )
          super(
            text: text,
            kind: kind,
            minutes: minutes,
            batches: batches,
            look_for: look_for,
            heat: heat,
            celsius: celsius,
            attended: attended,
            uses: uses.compact.freeze,
            hold_minutes: hold_minutes,
            safety: safety.compact.freeze,
            part: part,
            said: caution
          )
          freeze
        end

        # What can hurt, its own words first.   @return [String, nil]
        def caution
          words = [said, *safety.map { |key| Safety.words(key) }].compact
          words.empty? ? nil : words.join(" ")
        end

        # Whether an oven does the work of it.
        def bakes? = Step::BAKES.include?(kind)

        # The same with other values.   @return [Step]
        def with(**changes)
          said = changes.key?(:caution) ? changes[:caution] : self.said
          Step.new(**to_h.except(:said), caution: said, **changes.except(:caution))
        end
      end

    # What heats or holds a step of each kind; the kinds in the order of work.
    Step::HEATS = {
      "set_out" => "hands",
      "mix" => "hands",
      "shape" => "hands",
      "rest" => "rest",
      "chill" => "rest",
      "preheat" => "oven",
      "brown" => "hob",
      "simmer" => "hob",
      "boil" => "hob",
      "fry" => "hob",
      "prebake" => "oven",
      "bake" => "oven",
      "reduce" => "hob",
      "finish" => "hob",
      "serve" => "hands",
      "store" => "hands"
    }.freeze
    Step::KINDS = Step::HEATS.keys.freeze
    Step::BAKES = %w[bake prebake].freeze
    Step::UNATTENDED = %w[rest chill preheat prebake bake serve].freeze
    # How long what a step leaves may wait, where it is not as long as one likes.
    Step::HOLDS = {"fry" => 5, "boil" => 10, "simmer" => 30, "finish" => 30}.freeze
  end
end
