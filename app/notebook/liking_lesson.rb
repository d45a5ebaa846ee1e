module Restauro
  # A texture that was called right, beside what the wheat dish's would have been: of the house, or of one who ate.
  module LikingLesson
    module_function

    # @param worked [SwapPage]
    # @param texture [String] a spoon's grade or a rung of wetness
    # @param who [String, nil] nil for the house
    # @return [Array(Hash, String), nil] data of Learning::Seen and words; nil where it is no measure of this family
    def of(worked, texture, who: nil)
      value, does = measured(worked.family, texture)
      wheat = value && wheat(worked)
      return unless wheat&.positive?

      [
        Learning::Lessons.liking(worked.family.key, value, wheat, who: who),
        [who, "right when it #{does}"].compact.join(": ")
      ]
    end

    # Of an entry of the notebook, by the texture it came out with.
    def of_entry(kept, services, who:)
      texture = kept.snapshot.dig("made", "texture_key") or return
      of(SwapPage.new(SwapInput.new({**kept.inputs, **kept.choices}), services), texture, who: who)
    end

    # @return [Array(Float, String), nil] what it measures, and its words
    def measured(family, texture)
      grade = family.grades.find { |one| one.key == texture } and return grade.flour_equivalents, grade.does
      return unless family.choices.include?(:target)

      rung = Hydration::Rung.all.find { |one| one.key == texture }
      rung && [rung.middle.to_f, "is #{rung.name}"]
    end

    def wheat(worked) =
      worked.swap && (worked.family.grades.any? ? worked.swap.wheat.flour_equivalents : worked.swap.wheat.ratio)&.value
  end
end
