# frozen_string_literal: true

module Restauro
  module Planning
    # What would free a meal whose things collide: each change is tried, and said only where it does.
    module Freeing
      KITCHEN = {
        shelves: "another tray in the oven",
        burners: "another ring",
        cooks: "a second pair of hands",
        ovens: "a second oven"
      }.freeze
      EARLIER = 10

      module_function

      # @param meal [Meal]
      # @param clashes [Array<String>] what gives now
      # @param stop [#call]
      # @return [Array<String>] what would do, and what may
      def of(meal, clashes, stop:)
        free = ->(changed) { !stop.call && clear?(changed, stop) }
        kitchen = KITCHEN.filter_map { |name, words| words if free[more(meal, name)] }
        earlier = meal.dishes.select { |dish| clashing?(dish, clashes) && free[longer(meal, dish)] }
        kitchen + earlier.map { |dish| "#{dish.name} ready #{EARLIER} minutes before" } + ahead(meal)
      end

      def clear?(meal, stop)
        Plan.of(meal, stop: stop).clashes.empty?
      rescue InvalidInput
        false
      end

      # @return [Meal] with one more of a thing of the kitchen
      def more(meal, name)
        meal.with(kitchen: Kitchen.new(**meal.kitchen.to_h, name => [meal.kitchen[name] + 1, 8].min))
      end

      def clashing?(dish, clashes) = clashes.empty? || clashes.any? { |text| text.start_with?(dish.name) }

      # As if it could wait so much longer: ready so much earlier, and told so.
      def longer(meal, dish)
        meal.with(
          dishes:
            meal.dishes.map do |one|
              one.equal?(dish) ? Dish.new(**one.to_h, hold_minutes: one.hold_minutes + EARLIER) : one
            end
        )
      end

      # Not tried: what is made the day before is out of the evening's way.
      def ahead(meal)
        meal.dishes.flat_map do |dish|
          (dish.ahead - dish.before).map { |one| "the #{one.say} of #{dish.name} made the day before" }
        end
      end
    end
  end
end
