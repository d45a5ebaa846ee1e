# frozen_string_literal: true

module Restauro
  module Dishes
    # The name of a dish without what has a heading of its own: "Gnocchi with cheese sauce", over a list headed "Cheese
    # sauce", are gnocchi.
    module OwnTitle
      JOINED, AND, FOR = DataFiles.words("dishes/words.yml").values_at(:joined_by, :joined_as_equal, :for_the_part)
      private_constant :JOINED, :AND, :FOR

      module_function

      # @param title [String, nil]   @param labels [Array<String, nil>] the headings of a recipe   @return [String, nil]
      def of(title, labels)
        names = labels.filter_map { |label| label&.sub(FOR, "") }.reject(&:empty?)
        names.reduce(title) { |left, name| left&.sub(behind(Regexp.escape(name)), "") }
      end

      # "Leek quiche with pesto", "and pesto": by the name of a heading.   @param title [String, nil]
      # @param name [String, nil]
      def names?(title, name)
        name = name.to_s.downcase
        !name.empty? && title.to_s.downcase.match?(/(?:#{JOINED}|#{AND}).*#{Regexp.escape(name)}/)
      end

      # The last "with" that a name stands behind, to the end.
      def behind(name) = /(?<=\p{L})\s+#{JOINED}(?!.*#{JOINED}.*#{name}).*#{name}.*/i
      private_class_method :behind
    end
  end
end
