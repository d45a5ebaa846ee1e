# frozen_string_literal: true

module Restauro
  module Dishes
    # Vegetables, what goes into them and the sauce over them, in one list: what stands ahead of the butter and flour is
    # theirs.   Needs @recipe, part and made_with_flour.
    module HollowedInList
      private

      # @return [Array<Grouping::Group>, nil]
      def hollowed(group)
        host = Hollowed.host(@recipe, group.lines) if group.label.nil?
        inside, sauce, over = host && made_with_flour(group.lines)
        return unless inside&.include?(host)

        [part(nil, inside), part("Sauce", sauce), part(nil, over)].reject { |one| one.lines.empty? }
      end
    end
  end
end
