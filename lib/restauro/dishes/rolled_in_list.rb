# frozen_string_literal: true

module Restauro
  module Dishes
    # Tubes, shells and tortillas in one list with what goes in them and the white sauce over them: cannelloni,
    # enchiladas.
    #   Needs @recipe, @title and part.
    module RolledInList
      ROLLED = DataFiles.words("dishes/words.yml").fetch(:rolled_sheets)
      AROUND = %w[wheat_pasta_sheets gf_pasta_sheets wheat_pasta gf_pasta wheat_tortilla gf_tortilla].freeze
      private_constant :ROLLED, :AROUND

      private

      # What stands ahead of the butter and flour goes in; cheese behind the milk goes on top.
      # @return [Array<Grouping::Group>, nil]
      def rolled(group)
        return if group.label || !@title.match?(ROLLED) || !Said.of(@recipe).baked

        around, lines = group.lines.partition { |line| AROUND.include?(line.ingredient) }
        from = lines.each_cons(2).find_index { |pair| pair.map(&:role).sort == %w[fat flour] }
        return if around.empty? || from.nil? || from.zero?

        sauce = lines[from..]
        cheese = sauce.reverse.take_while { |line| line.role == "cheese" }.reverse
        return if sauce.none? { |line| line.role == "liquid" }

        name = "Tortillas" if around.all? { |line| line.ingredient.end_with?("tortilla") }
        [part("Filling", lines[0...from]), part(name, around), part("Sauce", sauce - cheese), part(nil, cheese)]
          .reject { |one| one.lines.empty? }
      end
    end
  end
end
