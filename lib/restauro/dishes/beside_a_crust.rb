# frozen_string_literal: true

module Restauro
  module Dishes
    # What is eaten with a pie or a quiche that has its filling, or with flatbreads: a salad, a dip, a pesto in the
    # title. Common practice.
    module BesideACrust
      SIDES = DataFiles.words("dishes/words.yml").fetch(:sides_by_name)
      # From a dry pan: nothing is baked on them.
      BREADS = DataFiles.words("families/crust/words.yml").fetch(:griddled)
      private_constant :SIDES, :BREADS

      module_function

      # @param part [Part]   @param parts [Array<Part>] all of the dish   @param host [Part] what the others are for
      # @param recipe [Recipes::Recipe]   @return [Boolean]
      def of?(part, parts, host, recipe)
        return false if host.role != :shell || filling?(part) || part.place != :main

        others, bread = parts - [part, host], recipe.title.to_s.match?(BREADS)
        return false if others.empty? && !bread

        part.name.to_s.match?(SIDES) || (bread && part.role == :sauce) ||
          ((bread || others.any? { |other| filling?(other) }) && OwnTitle.names?(recipe.title, part.name))
      end

      def filling?(part) = part.name.to_s.match?(Recipes::Parts::FILLING)
      private_class_method :filling?
    end
  end
end
