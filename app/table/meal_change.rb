module Restauro
  # What a cook changes on the Table: the hour, the kitchen, who eats, a dish more or less, pins. From the form to the
  # meal's state.
  class MealChange
    CLOCK = /\A\d{1,2}:\d{2}\z/

    # @param state [Hash] as it was
    # @param params [Hash] the form
    # @param services [Services]
    # @param bench [Hash, nil] the draft on the bench
    def initialize(state, params, services, bench)
      @state = MealPage::DEFAULTS.merge(services.household.kitchen, state)
      @params = params
      @services = services
      @bench = bench
    end

    # @return [Hash]   @raise [InvalidInput]
    def state
      return Demo.supper(@state) if @params["add"] == "supper"
      return @state.merge("seconds" => "10") if @params["longer"]

      state = hour_and_kitchen
      Planning::Meal.minutes_of(state["serve_at"])
      dishes = dishes_after(state["dishes"].to_a)
      # Another dish has other places: what was pinned of the old ones is let go.
      pins = dishes.length == state["dishes"].to_a.length ? pins_after(state["pins"].to_h) : {}
      state.merge("dishes" => dishes, "pins" => pins, "seconds" => "")
    end

    # What the kitchen is, to be kept.
    def kitchen = hour_and_kitchen.slice(*MealPage::KITCHEN, "fan")

    private

    def text(name, most) = FormText.clean(@params[name]).strip[0, most]

    def hour_and_kitchen
      changed =
        @params.slice("serve_at", *MealPage::KITCHEN).transform_values { |value| FormText.clean(value).strip[0, 10] }
      return @state.merge(changed) unless @params.key?("meal")

      eaters = Array(@params["eaters"]).grep(/\A\d{1,9}\z/).join(",")
      @state.merge(changed, "eaters" => eaters, "fan" => @params["fan"] == "yes" ? "yes" : "")
    end

    def pins_after(pins)
      pins = pins.except(@params["unpin"].to_s)
      return {} if @params["unpin"] == "all"

      key, clock = text("pin", 12), text("pin_at", 5)
      return pins if key.empty? || !key.match?(/\A\d{1,2}-\d{1,2}\z/)
      raise InvalidInput, "a start is pinned at a time such as 18:05, got '#{clock}'" unless clock.match?(CLOCK)

      pins.merge(key => clock)
    end

    def dishes_after(dishes)
      if @params[
        "dish"
      ].is_a?(Hash)
        dishes =
          dishes.each_with_index.map { |dish, index| changed(dish, (@params["dish"] || {})[index.to_s]) }
      end
      if @params["remove"]
        return dishes.each_with_index.reject { |_, index| index.to_s == @params["remove"] }.map(&:first)
      end
      return dishes if @params["add"].to_s.empty?
      raise InvalidInput, "a meal has #{Planning::Meal::MOST} dishes at most" if dishes.length >= Planning::Meal::MOST

      [*dishes, added(@params["add"], dishes)]
    end

    # Servings, who it is for, what of it is made before, whether wheat is in it.
    def changed(dish, fields)
      return dish unless fields.is_a?(Hash)

      scale = FormText.clean(fields["scale"]).strip[0, 20]
      dish.merge(
        "scale" => scale.match?(/\A\d+\z/) ? "serves #{scale}" : scale,
        "eaters" => fields["eaters"].to_s[/\A\d{1,9}\z/].to_s,
        "before" => Array(fields["before"]).grep(String).map { |part| part[0, 120] }.reject { |part| part == "-" },
        "wheat" => fields["wheat"] == "yes" ? "yes" : ""
      )
    end

    # From the notebook, from the bench, from a pasted recipe, typed as steps, or one that is there already, for one
    # eater.
    def added(from, dishes)
      case from
      when "notebook"
        of_notebook
      when "bench"
        of_inputs(@bench || {})
      when "recipe"
        of_inputs({"recipe" => FormText.clean(@params["recipe"]), "units" => @services.household.preferences.units})
      when "typed"
        typed
      when /\Avariant-(\d{1,2})-(\d{1,9})\z/
        variant(dishes, Regexp.last_match(1).to_i, Regexp.last_match(2).to_i)
      else
        raise InvalidInput, "a dish comes from the notebook, the bench, a recipe or a few steps"
      end
    end

    def variant(dishes, index, id)
      eater = @services.household.eaters.find { |one| one.id == id } or raise InvalidInput, "nobody such eats here"
      dish = dishes.fetch(index) { raise InvalidInput, "there is no such dish in the meal" }
      dish.merge(
        "name" => "#{dish["name"]} for #{eater.name}"[0, MealPage::MOST_NAME],
        "eaters" => id.to_s,
        "scale" => ""
      )
    end

    def of_notebook
      kept = @services.kept_swaps.fetch(@params["kept_id"].to_s[/\A\d{1,9}\z/].to_i)
      {
        "name" => kept.title[0, MealPage::MOST_NAME],
        "inputs" => kept.inputs.merge(kept.choices).slice(*SwapInput::FIELDS)
      }
    end

    def of_inputs(inputs)
      text = inputs["recipe"].to_s.strip
      raise InvalidInput, "paste a recipe first" if text.empty?

      {"name" => text.lines.first.strip[0, MealPage::MOST_NAME], "inputs" => inputs.slice(*SwapInput::FIELDS)}
    end

    def typed
      name = text("name", MealPage::MOST_NAME)
      raise InvalidInput, "give the thing a name, such as Joint" if name.empty?

      TypedDish.read(name, steps = FormText.clean(@params["steps"])[0, 2000])
      {"name" => name, "typed" => steps, "wheat" => @params["wheat"] == "yes" ? "yes" : ""}
    end
  end
end
