module Restauro
  # As much of a dish as uses a pack up. What a dish takes is nearly in proportion to its size: twice is close enough to
  # a gram.
  class UseUp
    # @param wish [Recipes::ScaleWish]   @param shelf [Cupboard::Shelf]
    def initialize(wish, shelf)
      @wish = wish
      @left = shelf.grams_left(@key = wish.ingredient_named(wish.use_up))
    end

    # @yield [Float] how many times the recipe; gives the dish's answer   @raise [InvalidInput]
    def call
      raise InvalidInput, "there is no #{@wish.use_up} in the cupboard to use up" unless @left.positive?

      factor, answer = 1.0, yield(1.0)
      2.times { answer = yield(factor *= @left / taken(answer)) }
    end

    private

    def taken(answer)
      lines = answer.lines.select { |line| line.ingredient == @key && line.counted? }
      return lines.sum { |line| line.grams.value } if lines.any?

      raise InvalidInput, "this dish takes no #{@wish.use_up}: choose it as the thickener first"
    end
  end
end
