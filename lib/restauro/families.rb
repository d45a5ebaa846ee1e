module Restauro
  # One folder a kind of dish. A family is an object with the same few methods, so that the command line and the pages
  # can treat them alike:
  #
  #   key                          "sauce"
  #   read(recipe)                 the recipe with its lines in the family's roles
  #   options(**choices)           the cook's choices, checked (heat, altitude, school, target ...)
  #   predict(recipe, options)     the texture, and how it comes about over time
  #   swap(recipe, options)        the wheat side, the gluten-free side that reaches the target, and the alternatives
  #   method(swap)                 steps in order, with minutes, look-fors and cautions
  #   look_fors(swap)              what to look for in the pan, on the plate, tomorrow
  #   picture(swap)                the numbers its instrument draws
  #   report(result)               a prediction or swap as the plain hash of the command line
  #
  # A family that can rescue a dish gone wrong answers rescue(recipe, observed, options) too.
  module Families
    autoload :Batter, "restauro/families/batter"
    autoload :Breading, "restauro/families/breading"
    autoload :Coated, "restauro/families/coated"
    autoload :Detection, "restauro/families/detection"
    autoload :Dough, "restauro/families/dough"
    autoload :Draft, "restauro/families/draft"
    autoload :Report, "restauro/families/report"
    autoload :Sauce, "restauro/families/sauce"
    autoload :Step, "restauro/families/step"
    autoload :Troubles, "restauro/families/troubles"

    KEYS = %w[sauce batter breading gnocchi pasta].freeze
    PLANNED = %w[crust].freeze

    module_function

    # @param key [String]   @return the family   @raise [WrongUsage]
    def fetch(key, catalogue)
      case key
      when "sauce" then Sauce.new(catalogue)
      when "batter" then Batter.new(catalogue)
      when "breading" then Breading.new(catalogue)
      when "gnocchi", "pasta" then Dough.new(key, catalogue)
      when *PLANNED then raise WrongUsage, "the #{key} family does not work yet; this version swaps: #{KEYS.join(", ")}"
      else raise WrongUsage, "no family '#{key}'; use #{KEYS.join(", ")}"
      end
    end

    # The family cannot be told, or does not work yet.   candidates Array of keys
    class Undecided < InvalidInput
      attr_reader :candidates

      def initialize(candidates)
        @candidates = candidates
        words = candidates.length == 1 ? "this reads like #{candidates.first}, which does not work yet" : "this could be #{candidates.join(" or ")}"
        super("#{words} (candidates: #{candidates.join(", ")}); type --family #{KEYS.join("|")}")
      end
    end

    # The family a recipe reads like.   @raise [Undecided]
    def detect(recipe, catalogue)
      found = Detection.new(recipe, catalogue).candidates
      found.length == 1 && KEYS.include?(found.first) ? fetch(found.first, catalogue) : raise(Undecided, found)
    end
  end
end
