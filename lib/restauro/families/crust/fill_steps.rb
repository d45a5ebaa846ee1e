# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # What goes on a crust between its blind baking and its oven: a barrier, the filling, the lid, the wash.
      class FillSteps
        include ByThePiece
        include Dropped

        STARTS = {"hot" => "hot", "cold" => "cold from the fridge", "room" => "no longer hot"}.freeze
        WHOLE = %w[quick_meat whole_meat fish].freeze
        TATIN = DataFiles.words("families/crust/words.yml").fetch(:tatin)

        # @param ours [Prediction]
        def initialize(ours, catalogue)
          @ours = ours
          @catalogue = catalogue
          freeze
        end

        # Lines that are only there to brush with.
        def self.glaze(recipe)
          Recipes::Parts.of(recipe, :aside).select { |line| Glaze.line?(line) }
        end

        # A fillet that is wrapped as it is.   @param lines [Array<Recipes::Line>]   @return [Recipes::Line, nil]
        def self.whole_piece(lines)
          lines.find do |line|
            WHOLE.include?(line.kind) && line.grams && line.grams.value >= Constants.fetch(:crust, :whole_piece_g)
          end
        end

        # Of several that are a plateful each there is one to a wrapping.
        # @param lines [Array<Recipes::Line>]   @return [Integer, nil] how many
        def self.singles(lines)
          line = whole_piece(lines) or return
          count = Heat::PieceLine.how_many(line).to_i
          count if count > 1 && line.grams.value / count <= Constants.fetch(:crust, :single_most_g)
        end

        # @return [Array<Step>]
        def steps = [barrier, fill, *lid].compact

        private

        def constant(name) = Constants.fetch(:crust, name)
        def filled? = !@ours.filling.nil?

        def barrier
          return unless filled? && @ours.open? && !@ours.filling.raw_crust?
          return unless @ours.baking.prebaked?
          return if !%w[rolled pressed base].include?(@ours.style.key) || @ours.unbaked?

          exclusion = @ours.options.exclusion(@catalogue)
          brush = if exclusion.allows?(@catalogue.fetch("egg_white")) then "egg white, and two minutes more in the oven"
                  else "melted fat, then a spoon of gluten-free crumbs"
                  end
          Step.new(kind: "shape", text: "Against a soggy bottom: brush it hot with #{brush}.",
                   look_for: "a shine that closes the pores")
        end

        def fill
          filling = @ours.filling or return
          deep =
            @ours.filling_depth_cm ? ", #{Recipes::WeighedLine.tenths(@ours.filling_depth_cm.round(1))} cm deep" : ""
          return by_hand(filling) if @ours.style.key == "hand"
          return wrapped(filling) if @ours.cover == "wrapped"

          return if FillingSwap.caramel?(@ours.recipe)

          into = "Fill it"
          into = "Fill the dish, then scatter the topping over it" if @ours.style.loose? && @ours.cover == "top"
          hot = @ours.filling_start == "hot"
          start = STARTS.fetch(@ours.filling_start)
          weight = ": #{filling.grams.round} g#{deep}, #{start}" if filling.grams >= 1
          into, weight = "Fill them", shared_out(filling, start) if @ours.cups
          under = @ours.cover == "top" ? "dish, the lid cold" : "dry crust"
          over = "; scatter #{strewn} over it" if strewn && @ours.open?
          Step.new(kind: "shape", text: "#{into}#{weight}#{over}.", uses: filling.recipe.ingredients,
                   look_for: ("hot filling on a #{under}" if hot),
                   safety: filling.kind == "sauce" ? [] : filling.safety)
        end

        def glaze = FillSteps.glaze(@ours.recipe)
        def lid
          return [fold] if @ours.cover == "free" && filled?
          return [dropped] if @ours.style.key == "dropped"
          return [] if @ours.style.key == "hand"
          return [] unless %w[double top].include?(@ours.cover) && !@ours.style.loose?
          return [tucked] if @ours.recipe.lines.any? { |line| line.words? && line.text.match?(TATIN) }

          closed = @ours.cups ? "Lids on, the rims sealed with water; a hole in each" :
                                "Lid on, the rim sealed with water; cut vents"
          [Step.new(kind: "shape", text: "#{closed}, brush with #{wash}.",
                    uses: glaze, look_for: "steam can get out: it lifts the lid off else")]
        end

        # Turned over when it is done: nothing is sealed, nothing brushed.
        def tucked
          Step.new(kind: "shape", text: "Lay it over, tuck the rim down inside the tin, prick it.", uses: glaze,
                   look_for: "no gap at the rim; five minutes after the oven, a plate on top and over with it")
        end

        def fold
          Step.new(kind: "shape",
                   text: "Pile it in the middle, fold #{constant(:border_cm).round} cm of rim over it, pleat by " \
                         "pleat; brush with #{wash}.",
                   uses: glaze,
                   look_for: "no crack in the base: patch it, or it leaks")
        end

        def wash = brushed_with + (strewn && ", and scatter #{strewn} over it").to_s

        # The recipe's own milk, where it has no egg for that and who eats may have it.
        def brushed_with
          exclusion = @ours.options.exclusion(@catalogue)
          fat = glaze.find { |line| line.role == "fat" && line.ingredient }
          return "melted #{@catalogue.fetch(fat.ingredient).say}" if fat && glaze.none? { |line| line.role == "egg" }

          milk = glaze.find { |line| line.role == "liquid" && line.ingredient } if glaze.none? { |l| l.role == "egg" }
          milk &&= @catalogue.fetch(milk.ingredient)
          return milk.say if milk && exclusion.allows?(milk)
          return "1 egg with a teaspoon of water" if exclusion.allows?(@catalogue.fetch("egg_whole"))

          exclusion.allows?(@catalogue.fetch("whole_milk")) ? "milk" : "a plant drink with a little sugar"
        end

        # @return [String, nil] "13 g sugar"
        def strewn
          lines = glaze.select { |line| Glaze.strewn?(line) }
          Companions.named(lines, @catalogue) if lines.any?
        end
      end
    end
  end
end
