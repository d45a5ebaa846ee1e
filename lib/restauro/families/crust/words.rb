module Restauro
  module Families
    class Crust
      # Grams, sizes and names as a step says them. Needs @catalogue.
      module Words
        private

        def say(line) = @catalogue.fetch(line.ingredient).say
        def list(lines) = Companions.named(lines, @catalogue)
        def grams(line) =
          "#{Recipes::WeighedLine.tenths(line.grams.value.round(line.grams.value < 20 ? 1 : 0))} g #{say(line)}"
        def tenths(value) = Recipes::WeighedLine.tenths(value.round(1))
        def size(sides) =
          sides
            .map { |side| tenths(side) }
            .uniq
            .then { |cm| cm.length == 1 ? "#{cm.first} cm across" : "#{cm.join(" x ")} cm" }
        def constant(name) = Constants.fetch(:crust, name)
      end
    end
  end
end
