module Restauro
  module Families
    class Crust
      # A filling made gluten free and thick enough to hold: by the sauce family where it is thickened, with a starch
      # where fruit would run.
      #   pairs each line of the filling with those in its place · sauce Sauce::Swap or nil · added the new thickener's
      #   line or nil
      #   e what it comes to, or nil · warnings
      FillingSwap = Struct.new(:pairs, :sauce, :added, :e, :warnings, keyword_init: true) do
        def initialize(sauce: nil, added: nil, e: nil, warnings: [], **)
          super
          freeze
        end

        # Apples that are turned over lie in their own caramel: nothing binds their juice.   @param recipe [Recipes::Recipe]
        def self.caramel?(recipe) = recipe.lines.any? { |line| line.words? && line.text.match?(FillSteps::TATIN) }

        # Starch that is tossed with fruit in its own juice, or with raw meat, wants no water.   @return [Array] pairs
        def self.tossed(pairs) =
          pairs.map { |line, ours| [line, ours.reject { |one| one.ingredient == "water" && !one.equal?(line) }] }

        # @param recipe [Recipes::Recipe] with its parts marked: what goes in without a weight stays as it is written
        def self.of(filling, recipe, catalogue, options)
          if filling
            maker = FillingMaker.new(filling, catalogue, options)
            return caramel?(recipe) ? maker.as_it_is : maker.make
          end

          new(pairs: recipe.lines.select { |line| Parts.filling?(line) }.map { |line| [line, [line]] })
        end
      end
    end
  end
end
