# frozen_string_literal: true

module Restauro
  module Dishes
    # Filled vegetables and rolled leaves that no oven sees: they are done in their sauce, lid on.
    #   Needs @dish, @answers and @in_oven.
    module SimmeredFilled
      private

      def filled_in_sauce? = !@in_oven && !filled.nil? && !its_sauce.nil?
      def filled = @answers.find { |part| part.part.family.nil? && Hollowed.host(@dish.recipe, part.lines) }
      def its_sauce = @answers.find { |part| part.part.role == :sauce }

      # @return [Families::Step]
      def simmered
        leaves = filled.lines.any? { |line| Hollowed.leaf?(line) }
        Families::Step.new(
          kind: "simmer", minutes: @dish.said.simmer_minutes || Constants.fetch(:making, :filled_minutes),
          look_for: "the middle of one hot through, what is around it soft", part: filled.name,
          safety: Hollowed.raw(filled),
          text: "#{leaves ? "Lay" : "Stand"} them side by side in a wide pan, the #{its_sauce.name.downcase} over " \
                "them; lid on, low."
        )
      end
    end
  end
end
