module Restauro
  # A meal as it is put together on the Table: dishes swapped from the notebook or a pasted recipe, things typed as a few steps, one kitchen,
  # one hour; the plan of it, or what stands in its way.
  class MealPage
    DEFAULTS = {"serve_at" => "19:00", "burners" => "3", "ovens" => "1", "shelves" => "2", "cooks" => "1", "eaters" => "", "dishes" => []}.freeze
    KITCHEN = %w[burners ovens shelves cooks].freeze
    MOST_NAME = 80
    SECONDS = 2.0

    attr_reader :state, :error, :plan

    # @param state [Hash] as it was saved
    def initialize(state, services)
      @state = DEFAULTS.merge(state.to_h.slice(*DEFAULTS.keys))
      @services = services
      work_out unless dishes.empty?
    end

    def dishes = @state["dishes"]
    def report = plan && @report ||= plan && Planning::Report.new(plan, have: have)
    # What the shelf lacks, in grams.   @return [Array<Array(String, Float, Float)>] name, all of it, missing
    def lacking
      report.shopping.select { |row| row[:missing].positive? }.map { |row| [@services.facts.fetch(row[:ingredient]).say, row[:grams], row[:missing]] }
    end

    def eats?(eater) = @state["eaters"].split(",").include?(eater.id.to_s)

    private

    def have = @services.packs.shelf.then { |shelf| needed.to_h { |key| [key, shelf.grams_left(key)] } }
    def needed = plan.meal.dishes.flat_map { |dish| dish.needs.keys }.uniq

    def work_out
      key = [:plan, JSON.generate(@state), diets]
      meal = Planning::Meal.new(serve_at: Planning::Meal.minutes_of(@state["serve_at"]), kitchen: kitchen,
                                dishes: dishes.map { |dish| dish_of(dish) })
      @plan = @services.memo.fetch(key) { Planning::Plan.of(meal, stop: time_up) }
    rescue InvalidInput => e
      @error = e.message
    end

    def kitchen = Planning::Kitchen.new(**KITCHEN.to_h { |name| [name.to_sym, Integer(@state[name], exception: false)] })
    def diets = @services.household.eaters.select { |eater| eats?(eater) }.flat_map(&:diets).uniq

    def dish_of(dish)
      return TypedDish.read(dish["name"], dish["typed"]) if dish["typed"]

      input = SwapInput.new(dish["inputs"].merge("eaters" => @state["eaters"]))
      worked = SwapPage.new(input, @services)
      raise InvalidInput, "in #{dish["name"]}: #{worked.error || "nothing was read"}" unless worked.answer

      Planning::Dish.of_answer(dish["name"], worked.answer)
    end

    def time_up
      until_then = Process.clock_gettime(Process::CLOCK_MONOTONIC) + SECONDS
      -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) > until_then }
    end
  end
end
