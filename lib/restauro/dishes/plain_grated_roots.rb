# frozen_string_literal: true

module Restauro
  module Dishes
    # Potatoes grated and fried in one flat cake beside something else: rösti, hash browns (common practice).
    #   Needs @part, name and list.
    module PlainGratedRoots
      NAMED, FRIES = DataFiles.words("dishes/words.yml").values_at(:grated_and_fried, :fries_for)
      private_constant :NAMED, :FRIES

      private

      def grated?(lines)
        name.match?(NAMED) && lines.any? { |line| root?(line) } && lines.any? { |line| line.role == "fat" } &&
          lines.none? { |line| line.role == "egg" }
      end

      def grated(lines)
        roots, rest = lines.partition { |line| root?(line) }
        fats, with = rest.partition { |line| line.role == "fat" }
        raw = " and squeezed dry" unless roots.any? { |line| line.text.match?(Families::CompanionKinds::READY) }
        mixed = ", with #{list(with)}" if with.any?
        [Families::Step.new(kind: "fry", uses: lines, minutes: told_minutes || figure, safety: ["hot_oil"],
                            text: "#{name}: #{list(roots)}, grated coarsely#{raw}#{mixed}, pressed flat " \
                                  "in a wide pan in half of #{list(fats)}, on medium; turn it over with a plate, the " \
                                  "rest of the fat under it.",
                            look_for: "a brown crust on both sides, and soft inside")]
      end

      # Of the sentence that fries them.   @return [Float, nil]
      def told_minutes
        told = Recipes::Sentences.of_steps(@part.recipe.lines).find do |text|
          text.match?(FRIES) && @part.lines.any? { |line| root?(line) && Recipes::Sentences.name?(text, line) }
        end
        Recipes::TimeSaid.of(told).first if told
      end

      def root?(line) = line.ingredient == "raw_potato"
      def figure = Constants.fetch(:making, :grated_roots_minutes)
    end
  end
end
