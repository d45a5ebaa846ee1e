module Restauro
  # One folder a kind of dish. A family is an object with the same few methods, so that the command line and the pages
  # can treat them alike:
  #
  #   key                          "sauce"
  #   read(recipe)                 the recipe with its lines in the family's roles
  #   suits?(recipe)               whether the amounts read like this kind of dish
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
    autoload :Sauce, "restauro/families/sauce"

    KEYS = %w[sauce].freeze
    PLANNED = %w[batter breading crust gnocchi pasta].freeze

    module_function

    # @param key [String]   @return the family   @raise [WrongUsage]
    def fetch(key, catalogue)
      case key
      when "sauce" then Sauce.new(catalogue)
      when *PLANNED then raise WrongUsage, "the #{key} family does not work yet; this version swaps: #{KEYS.join(", ")}"
      else raise WrongUsage, "no family '#{key}'; use #{KEYS.join(", ")}"
      end
    end

    # The family the recipe's amounts read like.   @raise [InvalidInput] with the candidates when it cannot be told
    def detect(recipe, catalogue)
      family = KEYS.map { |key| fetch(key, catalogue) }.find { |candidate| candidate.suits?(recipe) }
      family or raise InvalidInput, "this reads like a dough or batter (candidates: #{PLANNED.join(", ")}), not a sauce; " \
                                    "for a very thick sauce type --family sauce"
    end
  end
end
