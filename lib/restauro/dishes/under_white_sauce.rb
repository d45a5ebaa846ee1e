# frozen_string_literal: true

module Restauro
  module Dishes
    # Vegetables, and meat that is cooked, under a sauce in one list with them: cauliflower cheese, chicken divan.
    #   Needs @title, @recipe, part, pieces, flour? and milky?.
    module UnderWhiteSauce
      WHITE_SAUCE = DataFiles.words("dishes/words.yml").fetch(:under_white_sauce)
      SOUP = DataFiles.words("families/sauce/words.yml").fetch(:soup)
      LAID_BY_NAME, LAID_BY_STEP = DataFiles.words("dishes/words.yml").values_at(:laid_by_name, :laid_by_step)
      LAID = Regexp.union(LAID_BY_STEP, WrappedInHam::WORDS)
      MEATS = %w[poultry whole_meat quick_meat fish].freeze
      private_constant :LAID_BY_NAME, :LAID_BY_STEP, :LAID, :MEATS, :SOUP, :WHITE_SAUCE

      private

      # Cauliflower, broccoli under a white sauce.   @return [Array<Group>, nil]
      def under_white_sauce(group)
        named = (group.label || @title).match?(WHITE_SAUCE)
        return if @title.match?(SOUP) || !(named || (group.label.nil? && laid_under?))

        drained, sauce = group.lines.partition { |line| Plain.drained?(line) }
        ready, sauce = sauce.partition { |line| ready_meat?(line) } if laid_under?
        return if drained.empty? || sauce.none? { |line| flour?(line) } || !(milky?(sauce) || laid_under?)

        [part(drained.first.text[Plain::DRAINED].capitalize, drained), (part("Meat", ready) if ready&.any?),
         *pieces(part(nil, sauce))].compact
      end

      # "Arrange the broccoli in a dish, the chicken on it; pour the sauce over."
      def laid_under? =
        @title.match?(LAID_BY_NAME) || @recipe.steps.any? { |line| line.text.match?(LAID) }

      def ready_meat?(line) =
        line.kind == "ready_meat" || (MEATS.include?(line.kind) && line.text.match?(Families::CompanionKinds::READY))
    end
  end
end
