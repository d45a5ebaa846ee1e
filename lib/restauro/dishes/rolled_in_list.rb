# frozen_string_literal: true

module Restauro
  module Dishes
    # Tubes, shells and tortillas in one list with what goes in them and the sauce over them: cannelloni,
    # enchiladas.
    #   Needs @recipe, @title, part and flour?.
    module RolledInList
      ROLLED = DataFiles.words("dishes/words.yml").fetch(:rolled_sheets)
      AROUND = %w[wheat_pasta_sheets gf_pasta_sheets wheat_pasta gf_pasta wheat_tortilla gf_tortilla].freeze
      OVER = DataFiles.words("dishes/words.yml").fetch(:over_it)
      private_constant :AROUND, :OVER

      private

      # What stands ahead of the butter and flour goes in; cheese behind the milk goes on top.
      # @return [Array<Grouping::Group>, nil]
      def rolled(group)
        return if group.label || !@title.match?(ROLLED) || !Said.of(@recipe).baked

        table, rest = group.lines.partition { |line| line.kind == "table" }
        around, lines = rest.partition { |line| AROUND.include?(line.ingredient) }
        inside, sauce, over = made_with_flour(lines) || tomatoes_over(lines)
        return if around.empty? || inside.nil?

        name = "Tortillas" if around.all? { |line| line.ingredient.end_with?("tortilla") }
        [part("Filling", inside), part(name, around), part("Sauce", sauce), part(nil, over), part("To serve", table)]
          .reject { |one| one.lines.empty? }
      end

      # @return [Array(Array, Array, Array), nil] what goes in, the sauce, cheese over it
      def made_with_flour(lines)
        from = lines.each_cons(2).find_index { |pair| pair.map(&:role).sort == %w[fat flour] }
        sauce = from ? lines[from..] : []
        return if from.nil? || from.zero? || sauce.none? { |line| line.role == "liquid" }

        cheese = sauce.reverse.take_while { |line| line.role == "cheese" }.reverse
        [lines[0...from], sauce - cheese, cheese]
      end

      # Tomatoes or a bought sauce, where nothing has flour in it.   @return [Array(Array, Array, Array), nil]
      def tomatoes_over(lines)
        return if lines.any? { |line| flour?(line) }

        sauce = lines.select { |line| line.role == "liquid" }
        over = lines.select { |line| line.role == "cheese" && line.text.match?(OVER) }
        [lines - sauce - over, sauce, over] if sauce.any? && (lines - sauce - over).any?
      end
    end
  end
end
