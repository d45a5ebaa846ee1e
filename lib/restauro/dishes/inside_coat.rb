# frozen_string_literal: true

module Restauro
  module Dishes
    # What a coat or a pancake goes around, beside what only goes over it.
    module InsideCoat
      module_function

      # @param part [Part]   @param host [Part] the coat   @param recipe [Recipes::Recipe]   @return [Boolean]
      def is?(part, host, recipe) = filled?(part, host, recipe) || baked_inside?(part, host, recipe)

      # Thin pancakes that go into the oven go there with their sauce in them, unless something else is.
      def baked_inside?(part, host, recipe)
        part.role == :sauce && host.family == "batter" && host.lines.none? { |line| line.role == "lift" } &&
          "#{host.name} #{recipe.title}".match?(Meetings::PANCAKES) && Said.of(recipe).baked &&
          recipe.ingredients.none? { |line| line.part.to_s.match?(Recipes::Parts::FILLING) }
      end

      # Croquettes of potato: what they are made of stands with their coat.
      def mashed?(coat) =
        coat.lines.any? { |line| line.role == "puree" || Families::Dough::Contents.mash(line.ingredient.to_s) }

      STUFFED = Regexp.union(DataFiles.words("families/breading/words.yml").fetch(:buttered),
                             DataFiles.words("heat/words.yml").fetch(:stuffed))
      private_constant :STUFFED

      # "Schnitzel mit Kartoffelsalat": the dish is with it, and stuffed with nothing.
      def beside?(part, recipe)
        !recipe.title.to_s.match?(STUFFED) && OwnTitle.names?(recipe.title, part.name)
      end

      SWEET = %w[honey syrup granulated_sugar brown_sugar].freeze
      STIRRED = %w[liquid seasoning fat].freeze
      SPOONED = %w[late herb].freeze
      MAYONNAISE = DataFiles.words("families/breading/words.yml").fetch(:beside)
      private_constant :SWEET, :STIRRED, :SPOONED, :MAYONNAISE

      # Out of bottles and jars, stirred: nobody fills anything with it.   @param part [Part]
      def dip?(part)
        part.lines.any? { |line| line.role == "liquid" || line.text.match?(MAYONNAISE) } &&
          part.lines.all? do |line|
            STIRRED.include?(line.role) || SPOONED.include?(line.kind) || SWEET.include?(line.ingredient)
          end
      end

      # Pancakes are filled with what is made for them, other batters only with what is called so.
      def filled?(part, host, recipe)
        return false if part.lines.all? { |line| line.kind == "table" }
        return true if part.name.to_s.match?(Recipes::Parts::FILLING)
        return false if dip?(part) || beside?(part, recipe)

        # What rises in the pan is too thick to be rolled up.
        return false if host.family == "batter" && host.lines.any? { |line| line.role == "lift" }

        part.role != :sauce && (host.family != "batter" || "#{host.name} #{recipe.title}".match?(Meetings::PANCAKES))
      end
    end
  end
end
