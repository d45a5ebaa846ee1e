module Restauro
  module Blends
    # Finds the whole grams of each flour for a jar. Minimises the sum of misses from wheat, each in its purpose's
    # tolerances:   min sum (over + under)/tolerance   with over - under = sum(x property)/N - wheat
    # under the taste limits, at most five parts, none under a twentieth. Where that cannot be, the limits may give way
    # at a high price, and the answer says which did.
    class Designer
      # Cost of a gram over a limit, far above any miss.
      RELAX_COST = 1000.0

      # @param wheat [Ingredient] what to come near   @param prices [#call] ingredient key => price of a kilogram or nil
      # @param spoons [Boolean] whole level tablespoons instead of whole grams
      def initialize(wheat:, limits: Limits.new, prices: ->(_key) {}, solver: Highs, spoons: false)
        @wheat = wheat
        @limits = limits
        @prices = prices
        @solver = solver
        @spoons = spoons
        freeze
      end

      # @param ingredients [Array<Ingredient>]   @param purpose [Purpose]   @param grams [Integer] g in the jar
      # @return [Blend]
      # @raise [InvalidInput]
      def design(ingredients, purpose, grams:)
        check(ingredients, grams)
        strict = @solver.solve(program(ingredients, purpose, grams, relaxed: false))
        return blend(ingredients, purpose, grams, strict, "optimal") if strict.optimal?

        loose = @solver.solve(program(ingredients, purpose, grams, relaxed: true))
        raise InvalidInput, "these flours make no blend of #{grams} g; add a flour or a starch" unless loose.optimal?

        blend(ingredients, purpose, grams, loose, "relaxed")
      end

      # @return [Hash] property => Float, by weight   @param parts [Array<Array(Ingredient, Numeric)>]
      def self.properties(parts, purpose)
        total = parts.sum(0.0, &:last)
        purpose.tolerances.keys.to_h do |name|
          [name, parts.sum(0.0) { |part, g| part.public_send(name).to_f * g } / total]
        end
      end

      private

      def check(ingredients, grams)
        if ingredients.empty?
          raise InvalidInput, "a blend needs flours or starches; type such as white_rice_flour,corn_starch"
        end
        raise InvalidInput, "a jar is 20 to 5000 g, got #{grams}" unless grams.between?(20, 5000)

        bad = ingredients.find { |i| !%w[flour starch meal blend binder].include?(i.group) }
        raise InvalidInput, "#{bad.say} is no flour, starch or binder" if bad

        gluten = ingredients.find(&:contains_gluten?)
        raise InvalidInput, "#{gluten.say} holds gluten" if gluten
      end

      def program(ingredients, purpose, grams, relaxed:)
        Program.new.tap do |program|
          amounts(program, ingredients, purpose, grams, relaxed)
          misses(program, ingredients, purpose, grams)
          starches(program, ingredients, purpose, grams, relaxed)
          stretch(program, ingredients, purpose, grams, relaxed)
        end
      end

      # Grams that one of the program's whole units of an ingredient stands for.
      def step(ingredient) = @spoons ? ingredient.tbsp_g : 1.0
      def grams_term(ingredient, factor = 1.0) = {[:units, ingredient.key] => factor * step(ingredient)}

      def amounts(program, ingredients, purpose, grams, relaxed)
        ingredients.each do |i|
          program.column([:units, i.key], high: (grams / step(i)).ceil, integer: true)
          program.column([:used, i.key], high: 1, integer: true)
          program.column([:over, i.key], cost: RELAX_COST, high: relaxed ? grams : 0)
          program.row([:most, i.key], grams_term(i).merge([:used, i.key] => -@limits.most(i, purpose) * grams,
                                                          [:over, i.key] => -1), high: 0)
          program.row([:used, i.key], grams_term(i).merge([:used, i.key] => -2.0 * grams), high: 0)
          program.row([:least, i.key], grams_term(i).merge([:used, i.key] => -@limits.part_least(i) * grams), low: 0)
        end
        slack = @spoons ? ingredients.map { |i| step(i) }.max / 2 : 0
        program.row(:total, ingredients.map { |i| grams_term(i) }.reduce(:merge), low: grams - slack, high: grams +
                    slack)
        program.row(:parts, ingredients.to_h { |i| [[:used, i.key], 1] }, high: @limits.parts_most)
      end

      def misses(program, ingredients, purpose, grams)
        purpose.tolerances.each do |name, tolerance|
          program.column([:above, name], cost: 1 / tolerance)
          program.column([:below, name], cost: 1 / tolerance)
          terms = ingredients.map { |i| grams_term(i, i.public_send(name).to_f / grams) }.reduce(:merge)
          wheat = @wheat.public_send(name).to_f
          program.row([:miss, name], terms.merge([:above, name] => -1, [:below, name] => 1), low: wheat, high: wheat)
        end
      end

      def starches(program, ingredients, purpose, grams, relaxed)
        program.column(:starch_over, cost: RELAX_COST, high: relaxed ? grams : 0)
        terms = ingredients.select { |i| i.group == "starch" }.map { |i| grams_term(i) }.reduce({}, :merge)
        program.row(:starch_most, terms.merge(starch_over: -1), high: purpose.starch_most * grams)
      end

      def stretch(program, ingredients, purpose, grams, relaxed)
        program.column(:stretch_short, cost: RELAX_COST * grams, high: relaxed ? purpose.stretch_least : 0)
        terms = ingredients.map { |i| grams_term(i, Hydration::Stretch.per_share(i) / grams) }.reduce(:merge)
        program.row(:stretch, terms.merge(stretch_short: 1), low: purpose.stretch_least)
      end

      def blend(ingredients, purpose, grams, solution, status)
        amounts = ingredients.map { |i| [i, (solution.values.fetch([:units, i.key]) * step(i)).round(1)] }
        parts = amounts.select { |_, g| g.positive? }.sort_by { |_, g| -g }
        mixed = Designer.properties(parts, purpose)
        properties = mixed.to_h { |name, value| [name, {blend: value.round(3), wheat: @wheat.public_send(name).to_f}] }
        Blend.new(parts: parts.freeze, purpose: purpose, properties: properties.freeze, cost_per_kg: cost(parts),
                  status: status,
                  gap: solution.gap, bound: solution.bound, objective: solution.objective,
                  relaxed: gave_way(parts, purpose, grams, solution).freeze)
      end

      # @return [Float, nil] nil when a part has no price
      def cost(parts)
        prices = parts.map { |part, g| @prices.call(part.key)&.*(g) }
        prices.sum / parts.sum(&:last) if prices.none?(&:nil?)
      end

      def gave_way(parts, purpose, grams, solution)
        over = parts.filter_map do |part, g|
          next unless solution.values.fetch([:over, part.key]) > 0.5

          limit = (100 * @limits.most(part, purpose)).round
          "#{part.say} stands at #{(100.0 * g / grams).round} %, its limit is #{limit} % (#{@limits.why(part)}): add another flour"
        end
        if solution.values.fetch(:starch_over) > 0.5
          over << "starch stands above #{(100 * purpose.starch_most).round} %: add a flour"
        end
        if solution.values.fetch(:stretch_short) > 0.01
          over << "the stretch this needs is not reached: add psyllium or xanthan"
        end
        over
      end
    end
  end
end
