# frozen_string_literal: true

module Restauro
  module Dishes
    # What is floured and fried, and told to go on in its sauce: "return the chicken to the sauce and simmer for 10
    # minutes". Crumbs would come off in it.   Needs @dish, step and turned_in.
    module IntoTheSauce
      INTO = DataFiles.words("dishes/words.yml").fetch(:into_the_sauce)
      private_constant :INTO

      # The sentence that says so.   @param recipe [Recipes::Recipe]   @return [String, nil]
      def self.told(recipe) =
        recipe.steps.lazy.flat_map { |line| Recipes::Sentences.of(line.text) }.find { |text| text.match?(INTO) }

      # Pieces with no crumbs around them, and a sauce that is poured.
      # @param sauce [Part]   @param pieces [Part]   @param recipe [Recipes::Recipe] of the dish
      def self.goes_on?(sauce, pieces, recipe) =
        pieces.family == "breading" && sauce.lines.any? { |line| line.role == "liquid" } && !told(recipe).nil? &&
          Families::Breading::Bound.of(pieces.recipe).ingredients.none? { |line| line.role == "crumb" }

      # Any coat, in a sauce that it is only turned in.   @param sauce [Part]   @param pieces [Part]
      # @param recipe [Recipes::Recipe] of the dish
      def self.turned?(sauce, pieces, recipe) = pieces.role == :coat && TurnedInSauce.named?(sauce.name, recipe)

      private

      # @param from [PartAnswer] the sauce   @param to [PartAnswer] what is fried   @return [Families::Step, nil]
      def in_its_sauce(from, to)
        return turned_in(from) if IntoTheSauce.turned?(from.part, to.part, @dish.recipe)

        gone_on_in(from) if IntoTheSauce.goes_on?(from.part, to.part, @dish.recipe)
      end

      # @param sauce [PartAnswer]   @return [Families::Step]
      def gone_on_in(sauce)
        minutes = Recipes::TimeSaid.of(IntoTheSauce.told(@dish.recipe)).first
        step(kind: minutes ? "simmer" : "serve", minutes: minutes, part: sauce.name, heat: ("hob" if minutes),
             text: "Lay them in the #{sauce.name.downcase}, #{minutes ? "on low, turned once" : "hot through"}.",
             look_for: "a bubble here and there; the flour on them thickens it a little", safety: ["hot_hold"])
      end
    end
  end
end
