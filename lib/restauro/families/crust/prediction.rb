module Restauro
  module Families
    class Crust
      # What a crust will be: how wet and how fat, how far it reaches, how it bakes, with what is in it.
      class Prediction
        include AsCooked
        include Laminated

        # food Heat::Food of the raw dough · cups Cups of small pies, or nil · rounds Rounds of hand pies, or nil
        attr_reader :recipe, :options, :contents, :style, :cover, :ratio, :stretch, :filling, :food, :cups, :rounds,
                    :lining, :baking, :chilled

        # @param recipe [Recipes::Recipe] its parts marked   @param catalogue [Catalogue]   @param options [Options]
        def initialize(recipe, catalogue, options)
          @recipe = recipe
          @catalogue = catalogue
          @contents = Dough::Contents.new(recipe, catalogue)
          @style = options.style ? Style.fetch(options.style) : Style.of(recipe, weights)
          @options = options.with_choices(style: style.key)
          @ratio = contents.ratio
          @stretch = Hydration::Stretch.of(weights)
          @filling = Filling.of(recipe, catalogue)
          if grams.zero?
            raise InvalidInput, "no crust was read: type its lines with their amounts, such as '200 g flour' and " \
                                "'100 g butter'"
          end

          @food =
            Heat::Food.mixed(weights, gas_fraction: style.gas, done_celsius: Constants.fetch(:crust, :dry_celsius),
                             why: "dry")
          @cover = options.cover || Cover.of(self)
          @cups = Cups.of(self)
          @rounds = Rounds.of(self) if style.key == "hand"
          @lining = lined
          @chilled = Chilled.new(recipe, filling, catalogue, @options)
          @baking = Baking.new(self, (filling unless chilled?), oven, blind_oven, frying)
          freeze
        end

        # @return [Array<Array(Ingredient, Float)>] g of each
        def weights = contents.weights
        # @return [Float] g of the dough
        def grams = weights.sum(0.0, &:last)
        # @return [Float] g of flour, starch and meal in it
        def flour_g = Hydration::Stretch.flour_g(weights)
        # @return [Hydration::Rung, nil]
        def rung = Hydration::Rung.of(ratio&.value)
        # @return [Float] of gluten's stretch
        def stretch_needed = style.need
        # Weight of the fat over that of the flour; crumbs are the flour of a base.   @return [Float, nil]
        def fat_share = powder_g.positive? ? fat_g / powder_g : nil
        # @return [Float] g of fat that was added as fat
        def fat_g = of_groups("fat")
        # Pure fat in all of it, that of nuts and eggs too.   @return [Float] g
        def all_fat_g = weights.sum(0.0) { |ingredient, g| ingredient.fat_pct / 100 * g }
        # @return [Float] g of flour and crumbs
        def powder_g = flour_g + of_groups("crumb")
        # Of the flour, in per cent: what a baker writes down.   @return [Array<Array(Ingredient, Float)>]
        def bakers_percentages = powder_g.zero? ? [] : weights.map { |ingredient, g| [ingredient, 100 * g / powder_g] }

        # @return [Float] cm3 of raw dough
        def volume_cm3 = 1000 * grams / density
        # Cold, as it is rolled.   @return [Float] kg/m3
        def density = food.density(Constants.fetch(:pan, :start_celsius))
        # What it is rolled to; what is pressed or crumbled lies as thick as there is of it, within reason.
        # @return [Float] mm
        def thickness_mm
          (options.thickness_mm || rounds&.thickness_mm || lining&.thickness_mm || style.thickness_mm)
            .clamp(Constants.fetch(:crust, :least_mm), style.most_mm)
        end

        # The recipe's own minutes lead, but never short of what a custard or meat in it asks: their middle, not the
        # colour on top.
        # @return [Float, nil] min
        def agreed_minutes
          said, reckoned = options.bake_minutes, baking.bake_minutes
          return said || spoonfuls_minutes if style.key == "dropped" && filling.nil?
          return reckoned unless said && reckoned

          careful = filling && %w[custard poultry meat].include?(filling.kind)
          careful ? [said, baking.filling_minutes || reckoned].max : said
        end

        # What is left of it once the pan is lined.   @return [Float] g
        def trimmings_g = lining ? [grams - lining.covered_cm2 * thickness_mm / 10 * density / 1000, 0.0].max : 0.0

        # @return [Float, nil] g that would lie at the usual thickness
        def usual_grams = lining && lining.usual_cm3 * density / 1000
        # How hot its middle must get; nil where it is not baked.   @return [Float, nil] C
        def filling_celsius = chilled? ? nil : filling&.done_celsius
        # @return [String] when what is in it is done
        def filling_why = chilled? ? Chilled::WHY : filling&.why
        # @return [Float, nil] cm in the pan that is told, of what weighs anything
        def filling_depth_cm = (filling.depth_cm(lining.base_cm2) if lining && filling&.grams.to_f.positive?)
        # @return [Float] cm where no pan is told
        def supposed_depth_cm = Depth.supposed_cm(self)
        def egg? = Recipes::Parts.dough(recipe).any? { |line| line.role == "egg" }

        # How many times as fast as wheat's it browns: by its flours and its sugar.
        def browns
          return washed if powder_g.zero?

          sugar = of_groups("sugar") / grams
          flours = weights.sum { |ingredient, g| Prediction.browning(ingredient) * g } / powder_g
          washed * flours * (1 + Constants.fetch(:crust, :sugar_browns) * sugar)
        end

        # A lid gets an egg wash.
        def washed
          lid = %w[double top free hand wrapped].include?(cover) && !style.loose?
          lid ? Constants.fetch(:crust, :wash_browns) : 1.0
        end

        # @return [Float] how many times as fast as wheat flour an ingredient browns
        def self.browning(ingredient)
          table = DataFiles.yaml("families/crust/browning.yml")
          return 0.0 unless ingredient.starchy? || ingredient.group == "crumb"

          Float((table[ingredient.key] || table.fetch(ingredient.group))["times"])
        end

        # @return [Array<Warning>] of its lines and of itself
        def warnings = recipe.warnings + Cautions.of(self)
        # The same crust at other temperatures.   @return [Array<Baking>] low, middling and fierce
        def oven_schools
          %i[oven_low oven_middling oven_fierce].map do |name|
            school = Kitchen::OvenTemperature.new(celsius: Constants.fetch(:crust, name), fan: oven.fan)
            Baking.new(self, (filling unless chilled?), school)
          end
        end

        private

        def lined
          return Lining.of_cups(cups, style: style, volume_cm3: volume_cm3) if cups

          options.pan && Lining.of(options.pan, style: style, cover: cover, volume_cm3: volume_cm3)
        end

        def hot_filling? =
          filling&.cooked? && !filling.raw_crust? && !filling.caramel? && !in_raw_dough? && !laid_raw? &&
            (!chilled? || chilled.boiled?)
        def in_raw_dough? = closed? || cover == "double" || hot_water?
        def of_groups(group) = weights.sum(0.0) { |ingredient, g| ingredient.group == group ? g : 0.0 }
      end
    end
  end
end
