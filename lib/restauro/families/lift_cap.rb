module Restauro
  module Families
    # No more baking powder than tastes of it, where self-raising flour and a spoon of it come together in a dough.
    module LiftCap
      POWDER = "baking_powder".freeze
      private_constant :POWDER

      module_function

      # @param pairs [Array] each wheat line with those in its place
      # @return [Array] the same, the last of the powder less or gone
      def of(pairs, catalogue, units)
        lines = pairs.flat_map(&:last).select(&:counted?)
        flour = lines.sum { |line| catalogue.fetch(line.ingredient).starchy? ? line.grams.value : 0.0 }
        powders = lines.select { |line| line.ingredient == POWDER }
        over = powders.sum { |line| line.grams.value } - Constants.fetch(:lift, :most_powder) * flour / 100
        return pairs if powders.empty? || flour.zero? || over < Constants.fetch(:lift, :least_cut_g)

        less = taken(powders, over)
        pairs.map { |wheat, ours| [wheat, ours.filter_map { |line| cut(line, less, catalogue, units) }] }
      end

      # @return [Hash{Recipes::Line => Float}] g that each is to lose, the last first
      def taken(powders, over)
        powders.reverse.each_with_object({}.compare_by_identity) do |line, less|
          less[line] = [line.grams.value, over - less.values.sum].min
        end
      end

      # @return [Recipes::Line, nil] what is left of it
      def cut(line, less, catalogue, units)
        gone = less.fetch(line, 0.0)
        return line if gone.zero?

        grams = line.grams.value - gone
        return if grams < Constants.fetch(:lift, :least_cut_g)

        Recipes::WeighedLine.of(catalogue.fetch(POWDER), grams, role: line.role, part: line.part, units: units)
          .with(warnings: [*line.warnings, warning(catalogue)])
      end

      # @return [Warning]
      def warning(catalogue)
        most = Constants.fetch(:lift, :most_powder)
        powder = catalogue.fetch(POWDER).say
        Warning.new(code: :lift_cut, text: "more #{powder} than #{most} g to 100 g of flour tastes of it: cut to that")
      end
    end
  end
end
