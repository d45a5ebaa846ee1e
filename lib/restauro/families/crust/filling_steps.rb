# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # The steps of a filling that the crust makes itself: fruit tossed, a custard whisked, what is raw cooked first. A
      # filling made as a part of its own has its steps there.
      class FillingSteps
        include ColdFilling
        include FruitFilling
        include NutFilling
        include RawPacked
        include StewedFilling

        RAW = %w[ground_meat ground_poultry sausage fish].freeze
        CITRUS, FLAVOURS = DataFiles.words("families/crust/words.yml").values_at(:citrus, :flavours)
        MELTS = DataFiles.words("dishes/words.yml").fetch(:melts_in_cream)
        def initialize(swap, catalogue)
          @swap = swap
          @filling = swap.ours.filling
          @catalogue = catalogue
          @lines = swap.ours.recipe.ingredients.select { |line| line.part == Parts::NAME && !line.to_fry_in? }
          @companions =
            Companions.new(@lines.select { |line| companion?(line) }, catalogue, stew_minutes: stewed_minutes)
          freeze
        end

        # @return [Array<Step>]
        def steps
          return [] if @filling.nil? || @lines.empty?
          return [packed_raw] if @swap.ours.raw_filling?
          return sauce if @swap.filling&.sauce && !juicy?
          return in_its_stock if stewed_in_stock?

          [*raw_in(@companions.early_steps(fats)), *raw_in(@companions.dry_steps), crumbs, own].compact
        end

        private

        # What is steamed for hours goes tender there.
        def stewed_minutes = @swap.ours.steamed? ? 0.0 : @swap.ours.options.stew_minutes

        # What is wrapped raw is cooked through in its wrapping: minced meat, sausage and fish are not cooked first.
        def raw_in(steps)
          return steps unless @swap.ours.cover == "wrapped"

          steps.reject { |step| step.uses.any? { |line| RAW.include?(line.kind) } }
        end

        def say(line) = Companions.say(line, @catalogue)
        def list(lines) = Companions.list(lines.map { |line| say(line) })
        def group(line) = @catalogue.find_key(line.ingredient)&.group
        def fats
          fried = @companions.at("soften").any? || @companions.at("brown").any?
          fried || crumbs_for_juice.any? ? @lines.select { |line| line.role == "fat" } : []
        end

        # What goes in as it is needs no pan: the oven is enough.
        def companion?(line) =
          line.role == "other" && !%w[fruit sugar].include?(group(line)) &&
            !LaidRaw.of?(line, @swap.ours.options.laid_raw)
        def left = @lines - fats - Recipes::Parts.of(@swap.ours.recipe, :bench)

        def own
          return NutCaramel.new(left, @catalogue).step if @filling.caramel?
          return whip if whipped.any?
          return set_with_starch if @swap.filling&.added && !@filling.fruit?

          spread_thin || stewed || mixed
        end

        def mixed
          return toss if @filling.fruit?
          return creamed if @filling.kind == "nuts" && left.none? { |line| line.role == "liquid" }
          return whisk if @filling.custard?
          return fold_in if @swap.ours.recipe.ingredients.any? { |line| line.part == Parts::MADE }
          return around_whole if whole_piece

          citrus = left.select { |line| line.role != "liquid" && line.text.match?(CITRUS) }
          mix = "mix " if left.length > 1
          Step.new(kind: "mix", text: "Filling: #{mix}#{list(left - citrus)}#{zest(citrus, left)}.", uses: left,
                   look_for: "moist, no liquid in the bowl", safety: @filling.safety)
        end

        def whole_piece = (FillSteps.whole_piece(left) if @swap.ours.cover == "wrapped")

        # A fillet is wrapped as it is, with what there is spread over it; what is wet is boiled away first.
        def around_whole
          wet, over = (left - [whole_piece]).partition { |line| line.role == "liquid" }
          boiled = "#{list(wet)} boiled away in the pan; " if wet.any?
          Step.new(kind: "mix", uses: left, look_for: "cold: what is warm melts the fat of the pastry",
                   text: "Filling: #{boiled}#{say(whole_piece)} whole, with #{list(over)} spread over it.",
                   safety: @filling.safety)
        end

        # With a sauce that is made as a part of its own.
        def fold_in
          Step.new(kind: "mix", text: "Filling: fold #{list(left)} into what is made for it.", uses: left,
                   look_for: "every piece coated", safety: @filling.safety)
        end

        def whisk
          wet =
            left.select do |line|
              %w[egg liquid cheese puree thickener seasoning].include?(line.role) || group(line) == "sugar" ||
                line.text.match?(FLAVOURS)
            end
          # Gratings of it are no custard.
          wet = wet.reject { |line| line.ingredient == "melting_cheese" }
          citrus = (left - wet).select { |line| line.text.match?(CITRUS) }
          melted, scattered = (left - wet - citrus).partition { |line| melts?(line, wet) }
          scatter = "; scatter in #{list(scattered)}" if scattered.any?
          warm = "melt #{list(melted)[/\A[^,]*/]} in the cream, warmed; " if melted.any?
          Step.new(kind: "mix", uses: left,
                   text: "Filling: #{warm}whisk #{list(wet)} together#{zest(citrus, wet)}#{scatter}.",
                   look_for: "smooth, no streaks of white", safety: [*@filling.safety, "raw_flour"])
        end

        # Chocolate for a custard.
        def melts?(line, wet) =
          line.text.match?(MELTS) && wet.any? { |one| one.ingredient.to_s.match?(/cream|milk/) }

        def set_with_starch
          Step.new(kind: "simmer",
                   text: "Filling: whisk #{list([@swap.filling.added].compact)} into a little of the cold liquid, " \
                         "bring the rest to the boil (#{list(left - [@swap.filling.added])}), stir it in, boil one " \
                         "minute.",
                   minutes: 1.0, uses: left,
                   look_for: "a drawn line stays; it sets as it cools",
                   caution: "No egg sets it: it must boil before it goes in.")
        end

        # Thickened with liquid of its own: as the sauce family makes it.
        def sauce
          Sauce::Method.new(@swap.filling.sauce, @catalogue)
            .steps.reject { |step| %w[set_out serve store].include?(step.kind) }.map do |step|
            step.with(text: "Filling: #{step.text}")
          end
        end
      end
    end
  end
end
