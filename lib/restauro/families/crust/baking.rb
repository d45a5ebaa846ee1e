module Restauro
  module Families
    class Crust
      # How a crust bakes, by the section that coats bake by: its dough dries from both faces where the rim stands free,
      # from one where it lies on a filling or under weights; the filling is warmed from both. All minutes; nil for what
      # there is not, or what does not come about in time.
      class Baking
        include BakedBlind

        STARTS =
          {"hot" => :hot_filling_celsius, "cold" => :cold_filling_celsius, "room" => :room_filling_celsius}.freeze
        private_constant :STARTS

        # oven Kitchen::OvenTemperature with the filling in it · blind_oven before that
        attr_reader :oven, :blind_oven

        # @param crust [Prediction]   @param filling [Filling, nil]   @param oven [Kitchen::OvenTemperature]
        # @param frying [Heat::Frying, nil] where it swims in fat instead
        def initialize(crust, filling, oven, blind_oven = oven, frying = nil)
          @crust = crust
          @filling = filling
          @oven = oven
          @blind_oven = blind_oven
          @frying = frying
          @around = frying ? Heat::Surroundings.oil(frying) : Heat::Surroundings.oven(oven)
          @blind_around = blind_oven == oven ? @around : Heat::Surroundings.oven(blind_oven)
          # Each section is worked out when it is asked for, once.
          @sections = {}
          freeze
        end

        # With its filling; on its own where there is none.
        def bake_minutes
          return if @crust.unbaked?
          return topped if @crust.style.key == "thin" || thin_topping?
          return @filling && filling_minutes if prebaked?

          [golden_minutes, filling_minutes].compact.max
        end

        # Until the top is golden: from one side, for it lies on its filling.
        def golden_minutes
          return if prebaked?
          return [rim_golden_minutes, through.done].compact.max if @crust.style.key == "dropped"

          return small_golden if @crust.cups&.cases

          [flat.brown, flat.crisp && Constants.fetch(:crust, :lid_dry_times) * flat.crisp].compact.min
        end

        # Until the rim is golden, from the start.
        def rim_golden_minutes = rim.brown
        # @return [Float, nil] min until it is burnt, from the start
        def rim_burnt_minutes = rim.burnt
        # @return [Float, nil] min until the filling's middle is done
        def filling_minutes = inside&.done
        # @return [Float] min, blind and filled together
        def total_minutes = [prebake_minutes, bake_minutes].compact.sum(0.0)
        # From when to cover the rim, where it would be too dark before the middle is done.
        def cover_from
          return unless rim_golden_minutes && rim_golden_minutes < total_minutes && !@frying

          Constants.fetch(:crust, :cover_ahead) * rim_golden_minutes
        end

        # The rim over the minutes, and the filling's middle.   @return [Array<Heat::Section::Point>]
        def rim_course = rim.points
        # @return [Array<Heat::Section::Point>] of the filling; none where there is none
        def filling_course = inside ? inside.points : []

        private

        # In a cup the heat is all round it, and there is little of it.
        def small_golden =
          base.crisp && Constants.fetch(:crust, @crust.cups.lids ? :small_lid_dry_times : :small_dry_times) * base.crisp
        # Small ones are filled raw, unless they are to be filled when they are cold.
        def raw_cups? = @crust.cups && @filling && !@crust.cups.blind
        # A bought shell that is baked before what is cooked already.
        def shell? = @crust.style.sheet? && (@crust.chilled? || @crust.filling&.boiled?)

        # The base between its tin and the air; the rim, which the heat also gets into from its end.
        def base = (@sections[:base] ||= section(@blind_around, faces: 2, until_known: %i[crisp done]))
        # In fat it is dough on filling all round.
        def rim = (@sections[:rim] ||= @frying ? section(faces: 1) : section(faces: 2, share: rim_share))
        def rim_share = Constants.fetch(:crust, :rim_share)
        def flat = (@sections[:flat] ||= section(faces: 1, until_known: %i[crisp brown]))
        def set = (@sections[:set] ||= section(@blind_around, faces: 1, done: set_celsius, enough: 0.0))
        # Spoonfuls stand up and brown at their peaks; they are done when their middle is.
        def through = (@sections[:through] ||= section(faces: 2, until_known: %i[done]))
        def set_celsius = Constants.fetch(:crust, :set_celsius)
        def inside = @filling && (@sections[:inside] ||= filled)

        def thin_topping? = @filling && prebaked? && depth_mm <= 2 * Constants.fetch(:crust, :topping_mm)
        def depth_mm = 10 * (@crust.filling_depth_cm || @crust.supposed_depth_cm)

        # A topping is spread as thinly as it goes, and is done when it is hot and melted.
        def topped
          millimetres = [(depth_mm if @crust.filling_depth_cm), Constants.fetch(:crust, :topping_mm)].compact.max
          food = (@filling || @crust).food.with(done_celsius: [@filling&.done_celsius, topping_done].compact.min)
          Heat::Section.cook(slab(food, millimetres / 1000), @around, coat_water_kg_m2: open_water,
                             from: Constants.fetch(:pan, :start_celsius), enough: 0.0).done
        end

        def topping_done = Constants.fetch(:crust, :topping_celsius)

        # The dough as a slab whose outer part dries to a crust.
        def section(around = @around, faces:, share: 1.0, done: @crust.food.done_celsius, **seen)
          food = @crust.food.with(done_celsius: done)
          depth = share * @crust.thickness_mm / 1000 / faces
          dry = [Constants.fetch(:crust, :dried_share), Constants.fetch(:crust, :most_dried_mm) / 1000 / depth].min
          mass = food.density(60.0) * depth * dry
          water = food.shares.fetch("water")
          Heat::Section.cook(slab(food, depth * (1 - dry)), around, coat_m: depth * dry, coat_water_kg_m2: mass * water,
                             coat_dry_kg_m2: mass * (1 - water), from: Constants.fetch(:crust, :start_celsius),
                             browns: @crust.browns, **seen)
        end

        # The filling to its middle; open to the oven it boils its water off and stays cool on top.
        def filled
          shape, deeper = roll? ? %i[cylinder roll_deeper] : %i[slab filling_deeper]
          half = depth_mm / 1000 / 2 * Constants.fetch(:crust, deeper)
          Heat::Section.cook(slab(@filling.food, half, shape: shape), @around, from: filling_start,
                             coat_water_kg_m2: @crust.open? ? open_water : 0.0,
                             enough: Constants.fetch(:crust, :filling_seen_minutes))
        end

        def open_water = Constants.fetch(:crust, :open_filling_water)
        def filling_start = Constants.fetch(:crust, STARTS.fetch(@crust.filling_start))
        # A roll of mince in its sheet is as hot from all around.
        def roll? =
          @crust.cover == "wrapped" && @crust.rolled_up? && FillSteps.whole_piece(@filling.recipe.ingredients).nil?
        # @param half_m [Float] m, from the middle to a face
        def slab(food, half_m, shape: :slab) =
          Heat::Piece.new(name: "crust", food: food, shape: shape, thickness_m: 2 * half_m, kind: "slice")
      end
    end
  end
end
