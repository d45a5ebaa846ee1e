module Restauro
  module Families
    class Crust
      # The steps at the fat, of what is folded around its filling: hot fat, filled, fried, drained.
      class FrySteps
        include CooledFilling

        # @param ours [Prediction]
        def initialize(ours, catalogue)
          @ours = ours
          @catalogue = catalogue
          @count = ours.rounds&.count
          freeze
        end

        # @param recipe [Recipes::Recipe]   @return [Array<Recipes::Line>] what of it is to fry in
        def self.fat(recipe) = recipe.ingredients.select { |line| line.to_fry_in? && !Parts.filling?(line) }

        # @return [Array<Step>]
        def steps
          fat = Fat.new(@ours.frying, piece_g, @count)
          pan = FrySteps.fat(@ours.recipe)
          [cooled, *FillSteps.new(@ours, @catalogue).steps, fat.heat(uses: pan), fry(fat), fat.drain].compact
        end

        private

        # One of them; of those folded from a bought sheet as heavy as a spoonful and its square.   @return [Float] g
        def piece_g
          return Constants.fetch(:crust, :folded_g) unless @count

          (@ours.grams + (@ours.filling&.grams || 0.0)) / @count
        end

        def fry(fat)
          minutes = [@ours.agreed_minutes, 1.0].compact.max
          filling = @ours.filling
          middle = "the middle at #{filling.done_celsius.round} °C: #{filling.why}" if filling
          Step.new(kind: "fry", text: "#{fat.words}; turn them.", celsius: @ours.frying.celsius, batches: fat.batches,
                   minutes: (2 * minutes).round / 2.0,
                   look_for: ["golden all round", middle, @ours.otherwise].compact.join("; "),
                   uses: FillSteps.glaze(@ours.recipe), caution: "What leaks spits: lower them in away from you.",
                   safety: filling ? filling.safety : [])
        end
      end
    end
  end
end
