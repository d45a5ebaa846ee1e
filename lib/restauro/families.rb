module Restauro
  # One folder a kind of dish. A family is an object with the same few methods, so that the command line and the pages
  # can treat them alike:
  #
  #   key                          "sauce"
  #   read(recipe)                 the recipe with its lines in the family's roles
  #   options(**choices)           the cook's choices, checked (heat, altitude, school, target ...)
  #   predict(recipe, options)     the texture, and how it comes about over time
  #   swap(recipe, options)        the wheat side, the gluten-free side that reaches the target, and the alternatives
  #   steps(swap)                  steps in order, with minutes, look-fors and cautions
  #   look_fors(swap)              what to look for in the pan, on the plate, tomorrow
  #   picture(swap)                the numbers its instrument draws
  #   report(result)               a prediction or swap as the plain hash of the command line
  #
  # What it says about itself for those that treat all alike - choices, ways, textures, what it holds - is in Declared.
  # A family that can rescue a dish gone wrong answers rescue(recipe, observed, options) too.
  module Families
    autoload :Batter, "restauro/families/batter"
    autoload :BesideTheRecipe, "restauro/families/beside_the_recipe"
    autoload :Breading, "restauro/families/breading"
    autoload :CoatDeclarations, "restauro/families/coat_declarations"
    autoload :Coated, "restauro/families/coated"
    autoload :CompanionKinds, "restauro/families/companion_kinds"
    autoload :CompanionStarts, "restauro/families/companion_starts"
    autoload :Companions, "restauro/families/companions"
    autoload :Crust, "restauro/families/crust"
    autoload :Declared, "restauro/families/declared"
    autoload :Detection, "restauro/families/detection"
    autoload :DetectionBeside, "restauro/families/detection_beside"
    autoload :DetectionPieces, "restauro/families/detection_pieces"
    autoload :Dough, "restauro/families/dough"
    autoload :Draft, "restauro/families/draft"
    autoload :Fat, "restauro/families/fat"
    autoload :LiftCap, "restauro/families/lift_cap"
    autoload :Naming, "restauro/families/naming"
    autoload :RawFilling, "restauro/families/raw_filling"
    autoload :Report, "restauro/families/report"
    autoload :RoundsSaid, "restauro/families/rounds_said"
    autoload :Sauce, "restauro/families/sauce"
    autoload :Softening, "restauro/families/softening"
    autoload :Step, "restauro/families/step"
    autoload :Troubles, "restauro/families/troubles"
    autoload :WheatElsewhere, "restauro/families/wheat_elsewhere"
    autoload :WholeBird, "restauro/families/whole_bird"

    MAKERS = {
      "sauce" => ->(catalogue) { Sauce.new(catalogue) },
      "batter" => ->(catalogue) { Batter.new(catalogue) },
      "breading" => ->(catalogue) { Breading.new(catalogue) },
      "crust" => ->(catalogue) { Crust.new(catalogue) },
      "gnocchi" => ->(catalogue) { Dough.new("gnocchi", catalogue) },
      "pasta" => ->(catalogue) { Dough.new("pasta", catalogue) }
    }.freeze
    KEYS = MAKERS.keys.freeze
    # What part each can play where several formulas meet in a dish.
    ROLES = {
      "sauce" => :sauce,
      "batter" => :coat,
      "breading" => :coat,
      "crust" => :shell,
      "gnocchi" => :dough,
      "pasta" => :dough
    }.freeze

    module_function

    # @param key [String]   @return the family   @raise [WrongUsage]
    def fetch(key, catalogue)
      made = MAKERS[key] or raise WrongUsage, "no family '#{key}'; use #{KEYS.join(", ")}"
      made.call(catalogue)
    end

    # The family cannot be told.   candidates Array of keys
    class Undecided < InvalidInput
      attr_reader :candidates

      def initialize(candidates)
        @candidates = candidates
        super(
          "this could be #{candidates.join(" or ")} (candidates: #{candidates.join(", ")}); type --family #{KEYS.join("|")}"
        )
      end
    end

    # The family a recipe reads like.   @raise [Undecided]
    def detect(recipe, catalogue)
      found = Detection.new(recipe, catalogue).candidates
      found.length == 1 ? fetch(found.first, catalogue) : raise(Undecided, found)
    end
  end
end
