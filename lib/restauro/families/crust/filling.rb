module Restauro
  module Families
    class Crust
      # What goes in or under a crust: its kind, its weight, how deep it lies, when it is done.
      class Filling
        THICKENS = %w[flour starch thickener].freeze
        PANNED = %w[soften simmer wilt cured sausage ground_meat ground_poultry poultry quick_meat fish].freeze
        # A whole cut is done by its own rule, not as what is stuffed.
        WHOLE_CUTS = {"whole_meat" => "whole_meat", "quick_meat" => "whole_meat", "fish" => "fish"}.freeze
        private_constant :THICKENS, :PANNED, :WHOLE_CUTS
        attr_reader :recipe, :kind, :done_celsius, :why, :safety

        # A savoury custard with no more than a spoon of flour: the oven sets it, it is never boiled.
        # @param lines [Array<Recipes::Line>]
        def self.set_by_eggs?(lines, catalogue)
          grams = ->(roles) { lines.sum { |line| roles.include?(line.role) ? line.grams&.value.to_f : 0.0 } }
          least, spoon = %i[custard_least_g custard_flour_g].map { |name| Constants.fetch(:crust, name) }
          lines.any? { |line| line.ingredient == "egg_whole" } &&
            [grams[%w[egg]], grams[%w[liquid]]].all? { |found| found >= least } &&
            grams[THICKENS] <= spoon && lines.none? { |line| catalogue.find_key(line.ingredient)&.group == "sugar" }
        end

        # @param recipe [Recipes::Recipe] with its parts marked   @return [Filling, nil] nil where nothing is filled in
        def self.of(recipe, catalogue)
          lines = recipe.lines.select { |line| Parts.filling?(line) }
          return unless lines.any? { |line| line.grams || !line.understood || line.amount_text }

          whole = FillSteps.whole_piece(lines) if Cover.rolled_up?(recipe)
          new(recipe.with(lines: lines), catalogue, whole: whole)
        end

        # @param whole [Recipes::Line, nil] a fillet that is wrapped as it is
        def initialize(recipe, catalogue, whole: nil)
          @recipe = recipe
          @catalogue = catalogue
          @kind, row =
            DataFiles.yaml("families/crust/fillings.yml").find { |_, candidate| told?(candidate) } ||
            ["sauce", Filling.plain]
          @kind, row = "sauce", Filling.plain if @kind == "custard" && boiled?
          rule = rule_of(whole)
          told = row["done_celsius"] unless rule
          @done_celsius = told ? Float(told) : Safety.celsius(rule || row["safety"])
          @why = rule ? "done all through" : row["why"]
          @safety = [rule || row["safety"], *meats].compact.uniq.freeze
          @cooked = row["cooked"]
          @raw_crust = row["raw_crust"]
          freeze
        end

        # @return [Hash] the row of a filling of no other kind
        def self.plain = DataFiles.yaml("families/crust/fillings.yml").fetch("sauce")

        # Whether it is cooked before it goes in.
        def cooked? = @cooked
        # Whether it goes into a crust that is still raw.
        def raw_crust? = @raw_crust
        def custard? = kind == "custard"
        # Whether something of it comes out of a pan, just now or a while ago: no longer hot, and not from the fridge.
        # @param but [Array<String>] kinds that do not count
        def cooked_first?(but: []) = recipe.ingredients.any? { |line| (PANNED - but).include?(line.kind) }
        def fruit? = kind == "fruit"
        def caramel? = kind == "caramel"
        def sugared? = recipe.ingredients.any? { |line| sweet?(line) }
        # A sweet cream that starch thickens on the stove, with yolks at most: whole eggs set in the oven.
        def boiled?
          lines = recipe.ingredients
          return false if lines.none? { |line| THICKENS.include?(line.role) } || !sugared?
          return false if lines.none? { |line| line.role == "liquid" } || lines.any? { |line| whole_egg?(line) }
          return false if in_its_juice?

          found = sauce({})
          !found.nil? && found.flour_equivalents.value >= Constants.fetch(:crust, :chilled_least_e)
        end

        # Fruit that nothing is poured on: a spoon of lemon juice is none to boil.
        def in_its_juice? = fruit? && poured_g <= Constants.fetch(:crust, :juicy_liquid_g)
        # @return [Float] g of liquid
        def poured_g = recipe.ingredients.sum { |line| line.role == "liquid" ? line.grams&.value.to_f : 0.0 }
        # Of what weighs anything, unknown things too.   @return [Float] g
        def grams = recipe.ingredients.filter_map(&:grams).sum(0.0, &:value)
        # @param area_cm2 [Float] of the pan's base   @return [Float] cm
        def depth_cm(area_cm2) = grams / (food.density(Constants.fetch(:pan, :start_celsius)) / 1000) / area_cm2

        # What it is made of; water where nothing is known.   @return [Heat::Food]
        def food
          parts =
            recipe.ingredients.select(&:counted?).map { |line| [@catalogue.fetch(line.ingredient), line.grams.value] }
          Heat::Food.mixed(
            parts.empty? ? [[@catalogue.fetch("water"), 1.0]] : parts,
            done_celsius: done_celsius,
            why: why
          )
        end

        # Its own thickness as a sauce: what a plate of it would be like.   @return [Sauce::Prediction, nil]
        def sauce(options)
          family = Sauce.new(@catalogue)
          family.predict(family.read(recipe), family.options(**options))
        rescue InvalidInput
          nil
        end

        private

        def sweet?(line) = @catalogue.find_key(line.ingredient)&.group == "sugar"
        def whole_egg?(line) = line.role == "egg" && !%w[egg_yolk egg_white].include?(line.ingredient)

        def told?(row)
          return NutCaramel.new(recipe.ingredients, @catalogue).is? if row["made"]

          if row["words"]
            return (
              recipe.ingredients.any? do |line|
                line.role != "fat" && line.ingredient != "stock" && line.text.match?(/\b(?:#{row["words"]})/i)
              end
            )
          end

          holds?(row["groups"], row) && (row["with"].nil? || holds?(row["with"], row))
        end

        # What was made as a part of its own is cooked: its eggs and fruit set nothing any more.
        def holds?(groups, row)
          lines = row["cooked"] ? recipe.ingredients : recipe.ingredients.reject { |line| line.part == Parts::MADE }
          lines.any? { |line| line.ingredient && groups.include?(@catalogue.fetch(line.ingredient).group) }
        end

        # A whole cut's own, where no other raw meat lies around it: ham is cooked or cured.   @return [String, nil]
        def rule_of(whole)
          rule = WHOLE_CUTS[whole&.kind]
          rule if (meats - [rule, "reheat"]).empty?
        end

        # Raw meat in it is cooked by its own rule before it goes in.
        def meats =
          Companions
            .new(recipe.ingredients.select { |line| line.role == "other" }, @catalogue)
            .then { |found| found.safety(found.lines) }
      end
    end
  end
end
