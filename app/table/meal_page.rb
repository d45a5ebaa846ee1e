module Restauro
  # A meal as it is put together on the Table: dishes swapped from the notebook or a pasted recipe, things typed as a
  # few steps, one kitchen, one hour; the plan of it, or what stands in its way.
  class MealPage
    DEFAULTS = {
      "serve_at" => "19:00",
      "burners" => "3",
      "ovens" => "1",
      "shelves" => "2",
      "cooks" => "1",
      "fan" => "",
      "eaters" => "",
      "dishes" => [],
      "pins" => {},
      "seconds" => ""
    }.freeze
    KITCHEN = %w[burners ovens shelves cooks].freeze
    MOST_NAME = 80
    # To look for a plan; and where the cook asks for more.
    SECONDS, LONGER_SECONDS = 2.0, 10.0
    FREEING_SECONDS = 1.5

    attr_reader :state, :error, :plan, :freeing

    # @param state [Hash] as it was saved
    def initialize(state, services)
      @state = DEFAULTS.merge(services.household.kitchen.slice(*KITCHEN, "fan"), state.to_h.slice(*DEFAULTS.keys))
      @services = services
      @freeing = []
      work_out unless dishes.empty?
    end

    def dishes = @state["dishes"]
    def report = @report ||= plan && Planning::Report.new(plan, have: have)
    # What the shelf lacks, in grams.
    # @return [Array<Array(String, String, Float, Float)>] key, name, all of it, missing
    def lacking = shopping.select { |_, _, _, missing| missing.positive? }
    # What the meal empties: packs of which it leaves as good as none.   @return [Array<String>]
    def used_up
      none = Constants.fetch(:planning, :used_up_g)
      shopping
        .select { |key, _, grams, missing| missing.zero? && shelf.grams_left(key) - grams < none }
        .map { |_, name| name }
    end

    # What is made the day before, with where it is kept.   @return [Array<Array(String, Planning::Ahead)>] dish, what
    def day_before = meal.dishes.flat_map { |dish| dish.before.map { |ahead| [dish.name, ahead] } }
    # Made already, by what stands in the Cupboard.
    def stands_ready?(dish, part) = made.any? { |one| one.of?(dish, part) && one.keeps?(today) }
    def meal =
      @meal ||= Planning::Meal.new(serve_at: serve_at, kitchen: kitchen, dishes: dishes.map { |dish| dish_of(dish) })
    def eats?(eater) = @state["eaters"].split(",").include?(eater.id.to_s)
    # Starts that are pinned.
    # @return [Hash{Array(Integer, Integer) => Integer}] of [dish, step], minutes after midnight
    def pins = @state["pins"].to_h { |key, clock| [key.split("-").map(&:to_i), minutes_before(clock)] }
    # Which of the dishes can be weighed and rescued by itself.   @return [Hash{Integer => SwapInput}]
    def swapped =
      dishes.each_with_index.reject { |dish, _| dish["typed"] }.to_h { |dish, index| [index, input_of(dish)] }

    private

    def serve_at = Planning::Meal.minutes_of(@state["serve_at"])
    def today = @services.clock.call.to_date
    def made = @made ||= @services.made.list
    def shelf = @shelf ||= @services.packs.shelf
    def have = needed.to_h { |key| [key, shelf.grams_left(key)] }
    def needed = plan.meal.dishes.flat_map { |dish| dish.needs.keys }.uniq
    def shopping = report.shopping.map do |row|
      [row[:ingredient], @services.facts.fetch(row[:ingredient]).say, row[:grams], row[:missing]]
    end

    # A pin after the hour to eat is of the day before.
    def minutes_before(clock) =
      Planning::Meal.minutes_of(clock).then { |minutes| minutes > serve_at ? minutes - 1440 : minutes }

    def work_out
      key = [:plan, JSON.generate(@state), diets, today.to_s]
      limits = Planning::Limits.new(starts: pins)
      seconds = @state["seconds"].empty? ? SECONDS : LONGER_SECONDS
      @plan = @services.memo.fetch(key) { Planning::Plan.of(meal, stop: time_up(seconds), limits: limits) }
      return if @plan.clashes.empty?

      @freeing =
        @services
          .memo
          .fetch([:freeing, *key]) { Planning::Freeing.of(meal, @plan.clashes, stop: time_up(FREEING_SECONDS)) }
    rescue InvalidInput => e
      @error = e.message
    end

    def kitchen =
      Planning::Kitchen.new(
        **KITCHEN.to_h { |name| [name.to_sym, Integer(@state[name], exception: false)] },
        fan: @state["fan"] == "yes"
      )
    def diets = @services.household.eaters.select { |eater| eats?(eater) }.flat_map(&:diets).uniq

    def dish_of(dish)
      return TypedDish.read(dish["name"], dish["typed"], wheat: dish["wheat"] == "yes") if dish["typed"]

      worked = SwapPage.new(input_of(dish), @services)
      raise InvalidInput, "in #{dish["name"]}: #{worked.error || "nothing was read"}" unless worked.answer

      before = Array(dish["before"]).map { |part| part.empty? ? nil : part }
      Planning::Dish.of_answer(
        dish["name"],
        worked.answer,
        before: before,
        model: ->(celsius) { in_oven(dish, before, celsius) }
      )
    end

    # The form behind a dish: for all who eat, or for the one it is a variant for; as much as it is to serve.
    def input_of(dish)
      eaters = dish["eaters"].to_s.empty? ? @state["eaters"] : dish["eaters"]
      scale = dish["scale"].to_s.strip
      SwapInput.new(dish["inputs"].merge({"eaters" => eaters, "scale" => (scale unless scale.empty?)}.compact))
    end

    # Its steps as its own model has them in an oven of another heat.
    def in_oven(dish, before, celsius)
      input = SwapInput.new(input_of(dish).state.merge("oven" => "#{celsius.round}C"))
      worked =
        @services
          .memo
          .fetch([:in_oven, JSON.generate(input.state), shelf.offered]) { SwapPage.new(input, @services).answer }
      worked && Planning::Dish.of_answer(dish["name"], worked, before: before).steps
    end

    def time_up(seconds)
      until_then = Process.clock_gettime(Process::CLOCK_MONOTONIC) + seconds
      -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) > until_then }
    end
  end
end
