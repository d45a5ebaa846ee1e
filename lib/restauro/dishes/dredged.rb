# frozen_string_literal: true

module Restauro
  module Dishes
    # Escalopes turned in flour and fried, and what is poured into their pan: the flour coats, it thickens no sauce.
    class Dredged
      include LineKinds

      TO_DREDGE, TITLE, GRAVY =
        DataFiles.words("dishes/words.yml").values_at(:to_dredge, :dredged_title, :thick_in_its_pan)
      BY_STEP, IN_THE_PAN, BOILED_DOWN, THE_REST =
        DataFiles.words("dishes/words.yml")
          .values_at(:dredged_by_step, :flour_in_the_pan, :boiled_down, :rest_of_the_flour)
      # What the piece with its flour is called.
      NAME = "Coating"
      # And what is poured into its pan.
      SAUCE = "Pan sauce"
      PIECES = %w[poultry quick_meat fish].freeze
      # What eggs are beaten with.
      THINS = /\A(?:water|\w*milk|\w+_cream)\z/
      private_constant :THINS, :BY_STEP, :IN_THE_PAN, :BOILED_DOWN, :THE_REST

      # Whether a part is such a sauce.   @param name [String, nil] of the part
      def self.pan_sauce?(name) = name.to_s.start_with?(SAUCE)

      # Pieces with the flour they are dredged in and the fat they are fried in, under no heading of a sauce, and not to
      # be stewed.   @param lines [Array<Recipes::Line>] of one list   @param recipe [Recipes::Recipe] of the dish
      def self.alone?(lines, recipe)
        flours = lines.select { |line| line.role == "flour" }
        flours.any? && flours.all? { |line| line.own_text.match?(TO_DREDGE) } &&
          lines.any? { |line| PIECES.include?(line.kind) } && lines.any? { |line| line.role == "fat" } &&
          !Recipes::Braised.said?(recipe.lines)
      end

      # @param catalogue [Catalogue]   @param recipe [Recipes::Recipe] of the dish
      def initialize(catalogue, recipe)
        @catalogue = catalogue
        @title = recipe.title.to_s
        @steps = recipe.steps.map(&:text)
        @braised = Recipes::Braised.said?(recipe.lines)
        @pinned = Families::Breading::Pinned.of(recipe)
        freeze
      end

      # @param lines [Array<Recipes::Line>] of one list
      # @return [Array(Array, Array), nil] what is coated with its flour, and the sauce
      def split(lines)
        flour = lines.select { |line| flour?(line) }
        return if @title.match?(GRAVY) || @braised
        return unless flour.one? && lines.any? { |line| piece?(line) } && dredges?(flour.first, lines)

        coat = lines.select do |line|
          coats?(line) || @pinned.include?(line) || line.equal?(frying_fat(lines)) || beaten_in?(line, lines)
        end
        sauce = lines - coat
        [coat, sauce] if sauce.any? { |line| line.role == "liquid" } && lines.none? { |line| another?(line) }
      end

      private

      def dredges?(flour, lines) =
        flour.own_text.match?(TO_DREDGE) || @title.match?(TITLE) || (by_step?(lines) && left_thin?(flour, lines))

      # Pieces are turned in it, and no step stirs any of it into the pan.
      def by_step?(lines) =
        @steps.any?(BY_STEP) && @steps.none? { |text| text.match?(IN_THE_PAN) || text.match?(THE_REST) } &&
          lines.none? { |line| line.kind == "whole_meat" }

      # What is poured is boiled down, or too little for the flour to be all in it.
      def left_thin?(flour, lines)
        poured = lines.sum { |line| line.role == "liquid" ? line.grams&.value.to_f : 0.0 }
        @steps.any?(BOILED_DOWN) ||
          poured < Constants.fetch(:breading, :dredged_sauce_times) * flour.grams&.value.to_f
      end

      # Crumbs, what lifts a batter, or a sheet of pastry: flour is for another thing then.
      def another?(line) = %w[crumb lift].include?(line.role) || group_of(line) == "pastry"
      def piece?(line) = PIECES.include?(line.kind)
      def coats?(line) =
        piece?(line) || flour?(line) || line.role == "egg" || Families::Breading::Bath.in?(line, @steps)

      # A spoon or two of milk or water behind the eggs.
      def beaten_in?(line, lines)
        before = lines.take_while { |one| !one.equal?(line) }.last
        line.ingredient.to_s.match?(THINS) && before&.role == "egg" && line.grams &&
          line.grams.value <= Constants.fetch(:breading, :squeezed_in_g)
      end

      # Oil, where there is butter too for the sauce; else the first.
      def frying_fat(lines)
        fats = lines.select { |line| line.role == "fat" }
        fats.find { |line| line.ingredient.end_with?("oil") } || fats.first
      end
    end
  end
end
