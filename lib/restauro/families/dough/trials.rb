module Restauro
  module Families
    class Dough
      # Every school tried on one dough: the amounts it takes, or why it does not do.
      class Trials
        # formula Formula or nil · why in words or nil
        Try = Struct.new(:formula, :why)
        PASTA = %w[egg psyllium gum root curd].freeze
        NO_EGG = %w[psyllium gum root curd egg].freeze
        PRESSED = %w[gum psyllium egg].freeze
        GNOCCHI = %w[root gum psyllium egg curd].freeze
        SPOONED = %w[gum egg psyllium root].freeze
        CURD = %w[curd gum psyllium egg].freeze
        RUNGS =
          {"rolled" => "rolled", "filled" => "rolled", "extruded" => "crumb", "dumpling" => "soft_dough",
           "round" => "soft_dough",
           "sheets" => "rolled",
           "spooned" => "spoonable", "pushed" => "spoonable", "thumbed" => "rolled", "strings" => "rolled"}.freeze

        # @param wheat [Prediction]   @param options [Options] with the purée there is
        # @param stays [Stays] what is not flour or liquid
        def initialize(catalogue, wheat, options, stays)
          @catalogue = catalogue
          @wheat = wheat
          @options = options
          @contents = Contents.new(stays.recipe, catalogue, options)
          @exclusion = stays.exclusion
          @liquid = stays.liquid
          @flour_g = stays.replaced.sum { |line| line.grams.value }
          freeze
        end

        # @return [Hash{School => Try}] in the order they suit this dough
        def all = ordered.to_h { |school| [school, attempt(school)] }

        # Wheat's own ratio where the shape bears it, else a third into the shape's rung: an extruder wants crumbs, pin
        # and hands do not.
        # @return [Float]
        def target
          return @options.target if @options.target

          rung = Hydration::Rung.fetch(RUNGS.fetch(@options.shape))
          return @wheat.ratio.value if @wheat.rung.key == rung.key
          return rung.middle.to_f if @options.shape == "extruded"

          return @wheat.ratio.value.clamp(rung.lower, rung.upper) if %w[spooned pushed].include?(@options.shape)

          third = (rung.upper - rung.lower) / 3
          @wheat.ratio.value.clamp(rung.lower + third, rung.upper - third)
        end

        # With the first of the flours that holds and gets as wet as it should.   @return [Try]
        def attempt(school, mixes = own_flours(school) || school.mixes(@catalogue, @options))
          binder = school.binder(@catalogue, @options)
          why = refusal(school, binder, mixes)
          return Try.new(nil, why) if why

          tries = mixes.lazy.map { |mix| solved(school, mix, binder) }
          tries.find(&:formula) || tries.first
        end

        private

        # Why a school cannot be tried at all.   @return [String, nil]
        def refusal(school, binder, mixes)
          return "not for #{@options.shape} shapes" unless school.for?(@options.shape)
          return "there is no root in this dough" if gnocchi? && school.key == "root" && @contents.puree.nil?
          unless binder
            return "its #{school.binders.map { |key| @catalogue.fetch(key).say }.join(" and ")} is left out for who " \
                   "eats"
          end

          "none of its flours may be eaten" if mixes.empty?
        end

        def schools = School.all
        def gnocchi? = Options::BY_HAND.include?(@options.shape)

        def ordered
          keys = if gnocchi? then curd? ? CURD : GNOCCHI
                 elsif %w[spooned pushed].include?(@options.shape) then SPOONED
                 elsif @options.shape == "extruded" then PRESSED
                 else kept.any? { |ingredient, _| ingredient.group == "egg" } ? PASTA : NO_EGG
                 end
          (keys + schools.map(&:key)).uniq.map { |key| School.fetch(key) }
        end

        def curd? = @contents.puree.nil? && kept.any? { |ingredient, _| ingredient.group == "curd" }

        def kept = @contents.weights

        def solved(school, mix, binder)
          # A purée or curd that is there already does it; a dough without gets it.
          if %w[puree curd].include?(binder.group) && kept.any? { |ingredient, _| ingredient.group == binder.group }
            binder = nil
          end
          solver =
            Solver.new(kept: kept, mix: mix, school: school, binder: binder, need: @wheat.stretch_needed,
                       target: target,
                              liquid: @liquid, dry: gnocchi? && !@wheat.contents.poured?,
                              **@contents.puree ? of_a_puree : {})
          formula = solver.solve(@flour_g)
          formula ? Try.new(formula, nil) : Try.new(nil, short(solver))
        end

        # A root dough has a least of flour, however dry the root, and gets no water but what an egg that had to go
        # would have brought.
        def of_a_puree
          gone = @wheat.contents.weights.sum do |ingredient, g|
            ingredient.group == "egg" && !@exclusion.allows?(ingredient) ? g : 0.0
          end
          share = @contents.puree.key == "potato_riced" ? :least_flour_potato : :least_flour_root
          floor = gnocchi? ? Constants.fetch(:dough, share) * @contents.puree_g : 0.0
          {floor_g: floor, most_liquid_g: gnocchi? ? Constants.fetch(:dough, :egg_water_share) * gone : Float::INFINITY}
        end

        def short(solver)
          most = solver.most_stretch(@flour_g)
          need = @wheat.stretch_needed
          return "it gets too wet: no egg in it, or a drier purée" if most >= need

          thinnest = @options.shape == "rolled" ? Hydration::Stretch.thinnest_mm(most) : nil
          "it stretches #{most.round(2)}, a #{@options.shape} shape needs #{need.round(2)}#{"; it bears #{thinnest.round(1)} mm" if thinnest}"
        end

        # The flours among what the cook chose: in the school's own parts where it has such a mix, else in equal ones.
        def own_flours(school)
          keys = @options.with - schools.flat_map(&:binders)
          return if keys.empty?

          chosen = keys.map { |key| allowed!(@catalogue.fetch(key)) }
          known = school.mixes(@catalogue, @options).find { |mix| mix.keys.sort_by(&:key) == chosen.sort_by(&:key) }
          [known || chosen.to_h { |ingredient| [ingredient, 1.0] }]
        end

        def allowed!(ingredient)
          unless ingredient.starchy?
            raise InvalidInput, "#{ingredient.say} is no flour or binder for a dough; choose a flour, starch or blend"
          end

          @exclusion.allow!(ingredient, instead: "another flour")
        end
      end
    end
  end
end
