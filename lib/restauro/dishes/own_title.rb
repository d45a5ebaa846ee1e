# frozen_string_literal: true

module Restauro
  module Dishes
    # The name of a dish without what has a heading of its own: "Gnocchi with cheese sauce", over a list headed "Cheese
    # sauce", are gnocchi.
    module OwnTitle
      JOINED, FOR = DataFiles.words("dishes/words.yml").values_at(:joined_by, :for_the_part)
      private_constant :JOINED, :FOR

      module_function

      # @param title [String, nil]   @param labels [Array<String, nil>] the headings of a recipe   @return [String, nil]
      def of(title, labels)
        names = labels.filter_map { |label| label&.sub(FOR, "") }.reject(&:empty?)
        names.reduce(title) { |left, name| left&.sub(behind(Regexp.escape(name)), "") }
      end

      # The last "with" that a name stands behind, to the end.
      def behind(name) = /(?<=\p{L})\s+#{JOINED}(?!.*#{JOINED}.*#{name}).*#{name}.*/i
      private_class_method :behind
    end
  end
end
