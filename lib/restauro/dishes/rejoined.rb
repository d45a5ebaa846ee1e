# frozen_string_literal: true

module Restauro
  module Dishes
    # Groups that make one formula only together: "For the roux" and "For the rest", a slurry and its pot.
    #   Needs @catalogue and what LineKinds gives.
    module Rejoined
      KNEADED = DataFiles.words("dishes/words.yml").fetch(:thickener_heading)
      THICKENED = DataFiles.words("dishes/words.yml").fetch(:thickened_heading)
      REST = DataFiles.words("dishes/words.yml").fetch(:rest_heading)
      COAT = DataFiles.words("dishes/words.yml").fetch(:plain_heading)
      # What is spooned beside it wets nothing.
      SPOONED = DataFiles.words("dishes/words.yml").fetch(:spooned_beside)
      COATS = %w[flour starch thickener egg liquid crumb fat seasoning].freeze
      # Whole as they are.
      APART = [RiceBalls::NAME, TurnedInSauce::NAME].freeze
      # Wet enough by its egg and what is grated into it, as its name says.
      WHOLE = DataFiles.words("families/words.yml").fetch(:batter)
      private_constant :WHOLE, :SPOONED, :APART, :KNEADED, :THICKENED, :REST, :COAT, :COATS

      private

      # A flour without any water, and water without any flour, are one formula in two groups.
      def together(groups)
        crusty = groups.any? { |group| group.label.to_s.match?(Grouping::CRUSTY) }
        groups.each_with_object([]) do |group, kept|
          next kept[-1] = coated(kept.last, group) if coats?(group, kept.last)

          index, label = home(group, kept, crusty)
          index ? kept[index] = Grouping::Group.new(label, kept[index].lines + group.lines) : kept.push(group)
        end
      end

      # @return [Array(Integer, String), nil] which of those kept it belongs to, and what both are called
      def home(group, kept, crusty)
        return if [group.label, kept.last&.label].intersect?(APART) || dumplings_on_a_pot?(group, kept)

        return coat_of(kept) if group.lines.all?(&:to_fry_in?) && coat_of(kept)

        dry, last = kept.rindex { |other| lacks_water?(other) }, kept.last
        return dry, kept[dry].label if dry && !crusty && waters?(group, kept[dry])
        return unless last

        pot = kept.rindex { |other| watered?(group, other) } if slurry?(group)
        return pot, kept[pot].label || group.label if pot

        return kept.length - 1, last.label if lone_water?(last, group) || group.label.to_s.match?(KNEADED)

        [kept.length - 1, last.label || group.label] if lacks_water?(group) && watered?(group, last)
      end

      # A coat under a heading of its own, for cakes that have crumbs in them.
      def coats?(group, cakes)
        cakes && Families::Breading::Bound.titled?(@recipe.title.to_s) && group.label.to_s.match?(COAT) &&
          cakes.lines.any? { |line| line.role == "crumb" } && group.lines.any? { |line| line.role == "crumb" } &&
          group.lines.all? { |line| COATS.include?(line.role) }
      end

      def coated(cakes, coat)
        bound = Families::Breading::Bound
        mixed = cakes.lines.map { |line| bound.binder?(line) ? bound.bound_in(line) : line }
        Grouping::Group.new(cakes.label, mixed + coat.lines)
      end

      # They have water of their own, though it is not written down; the soup is what they cook on.
      def dumplings_on_a_pot?(group, kept) =
        group.label.to_s.match?(OneList::DUMPLINGS) && lifted?(group) && kept.any? { |other| wet?(other.lines) }

      def lifted?(group) = group.lines.any? { |line| line.role == "lift" }

      # Oil to fry in, by itself, is for the last thing that flour or crumbs go on.
      # @return [Array(Integer, String), nil] as in #home
      def coat_of(kept) =
        kept.rindex { |other| other.lines.any? { |line| flour?(line) || line.role == "crumb" } }
            &.then { |index| [index, kept[index].label] }

      # Water without flour, for a flour that is there.
      def waters?(group, dry) =
        group.lines.none? { |line| flour?(line) } && water?(group.lines) &&
          [Recipes::Parts::FILLING, SPOONED].none? { |words| group.label.to_s.match?(words) } && !under?(dry, group)

      # A flour for the water that is there.
      def watered?(group, last) =
        last.lines.none? { |line| flour?(line) } && wet?(last.lines) && !group.label.to_s.match?(Grouping::CRUSTY) &&
          !under?(group, last)

      # Fruit under a crumble gives it no water.
      def under?(dry, fruit) =
        fruit.lines.any? { |line| fruit?(line) } && fruit.lines.none? { |line| line.role == "liquid" } &&
          4 * grams(dry.lines) { |line| line.role == "fat" } > grams(dry.lines) { |line| flour?(line) }

      # Flour there, no water, and no coat or crumble that wants none.
      def lacks_water?(group)
        return true if slurry?(group)
        return false if Dredged.alone?(group.lines, @recipe) || group.label.to_s.match?(WHOLE)

        group.lines.any? { |line| flour?(line) } && !water?(group.lines) && group.lines.none? { |line| root?(line) } &&
          group.lines.none? { |line| line.role == "crumb" } && !group.label.to_s.match?(Grouping::CRUSTY) &&
          ![Dredged::NAME, InLayers::COATED].include?(group.label)
      end

      # "Gravy: 3 tbsp flour, 60 ml cold water" thickens what the meat was cooked in.
      def slurry?(group)
        flour = grams(group.lines) { |line| flour?(line) }
        water = grams(group.lines) { |line| line.ingredient == "water" }
        flour.positive? && water.positive? && water < Constants.fetch(:dishes, :slurry_water_times) * flour &&
          thickens?(group) && group.lines.none? { |line| %w[fat egg crumb].include?(line.role) } &&
          group.lines.none? { |line| line.role == "liquid" && line.ingredient != "water" }
      end

      def thickens?(group) = [group.label.to_s, *group.lines.map(&:text)].any?(THICKENED)

      # The rest of a sauce under a heading of its own: "Liquid", "The rest".
      def lone_water?(last, group) =
        group.label.to_s.match?(REST) && last.lines.any? { |line| flour?(line) } &&
          group.lines.none? { |line| flour?(line) }
    end
  end
end
