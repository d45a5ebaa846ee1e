module Restauro
  module Families
    # Fat to cook in at the stove: heated, so much at a time that it stays hot, and back to its heat before the next.
    class Fat
      BUTTERS = %w[butter plant_butter ghee].freeze
      private_constant :BUTTERS

      # @param frying [Heat::Frying]   @param piece_g [Float, nil] g of one piece   @param count [Integer, nil] pieces
      def initialize(frying, piece_g, count)
        @frying = frying
        @piece_g = piece_g
        @count = count
        freeze
      end

      # @param uses [Array<Recipes::Line>] the recipe's own fat   @return [Step]
      def heat(uses: [])
        deep = "#{litres} of #{@frying.say}, the pan at most a third full,"
        return in_butter(uses) if @frying.shallow && uses.any? { |line| line.grams && butter?(line) }

        fat = @frying.shallow ? shallow(uses) : deep
        Step.new(kind: "preheat", heat: "hob", text: "Heat #{fat} to #{@frying.degrees}.",
                 minutes: Constants.fetch(:heat, :oil_heating_minutes), celsius: @frying.celsius,
                 uses: uses, look_for: "a drop of batter rises and bubbles at once", safety: ["hot_oil"])
      end

      # @return [Integer] one where all goes in at once, or nobody knows how many there are
      def batches = at_once && @count ? (@count / at_once.to_f).ceil.clamp(1, 99) : 1

      # How many at a time so that the oil stays hot, and how often.   @return [String]
      def words
        return "Fry in one layer with room between, half the minutes on each side" if @frying.shallow

        words = "Fry at most #{at_once == 1 ? "one piece" : "#{at_once} pieces"} at a time " \
                "(#{@frying.batch_g.round} g of food in #{litres} of oil)"
        @count && @count > at_once ? "#{words}: #{batches} batches" : words
      end

      # @return [Step]
      def drain
        Step.new(kind: "fry", text: "Drain on a rack; let the fat come back before the next batch.", hold_minutes: 5,
                 look_for: "back at #{@frying.degrees}: never under #{least}")
      end

      private

      # Butter says when it is hot, and its milk burns where oil would only begin (common practice).
      def in_butter(uses)
        alone = ", with a spoon of oil against burning" if uses.all? { |line| butter?(line) }
        Step.new(kind: "preheat", heat: "hob", minutes: Constants.fetch(:heat, :butter_heating_minutes), uses: uses,
                 text: "Melt #{listed(uses)} in a wide pan on medium#{alone}.",
                 look_for: "the foam dies down; brown specks are right, black ones are not", safety: ["hot_oil"])
      end

      def listed(fats) = Companions.list(fats.map { |line| "#{Companions.grams(line)}#{bare(line)}" })

      # The recipe's own, where it says how much; else as much as shallow fat usually is.
      def shallow(uses)
        own = uses.select(&:grams)
        return "#{depth_mm} mm of #{@frying.say} in a wide pan" if own.empty?

        "#{listed(own)} in a wide pan, and more where the bottom is not covered,"
      end

      def depth_mm = @frying.depth_mm || Constants.fetch(:heat, :shallow_mm).round
      # "Butter, divided" is butter.
      def bare(line) = line.name_text.to_s[/\A[^,;(]*\p{L}/] || "fat"
      def butter?(line) = BUTTERS.include?(line.ingredient)
      def least = "#{Heat::Oil.least_celsius(@frying.celsius).round} °C"
      def litres = @frying.litres == 1 ? "a litre" : "#{@frying.litres.round(2).to_s.delete_suffix(".0")} litres"
      def at_once = @frying.shallow ? nil : [(@frying.batch_g / @piece_g).floor, 1].max
    end
  end
end
