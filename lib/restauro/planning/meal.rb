# frozen_string_literal: true

module Restauro
  module Planning
    # Dishes to be ready at one time.   serve_at minutes after midnight · kitchen Kitchen · dishes Array of Dish
    Meal = Struct.new(:serve_at, :kitchen, :dishes, keyword_init: true) do
      def initialize(serve_at:, dishes:, kitchen: Kitchen.new)
        unless dishes.length.between?(1, Meal::MOST)
          raise InvalidInput, "a meal has 1 to #{Meal::MOST} dishes, got #{dishes.length}"
        end

        baked = Meal.baked(dishes)
        if kitchen.ovens.zero? && baked
          raise InvalidInput, "there is no oven in this kitchen, and '#{baked.name}' wants one"
        end

        super(serve_at: serve_at, dishes: dishes.dup.freeze, kitchen: kitchen)
        freeze
      end

      # The same with other values.   @return [Meal]
      def with(**changes) = Meal.new(**to_h.merge(changes))
    end
    Meal::MOST = 12

    class << Meal
      # @return [Dish, nil] the first that goes into an oven
      def baked(dishes) = dishes.find { |dish| dish.steps.any?(&:oven?) }

      # "19:00", or the time of an ISO 8601 date.   @return [Integer] minutes after midnight   @raise [InvalidInput]
      def minutes_of(text)
        match = /(?:\A|T)\s*(\d{1,2}):(\d{2})/.match(text.to_s)
        hour, minute = match&.captures&.map(&:to_i)
        return 60 * hour + minute if hour && hour < 24 && minute < 60

        raise InvalidInput, "the hour to eat is such as 19:00, got '#{text.to_s[0, 20]}'"
      end

      # @return [String] "18:05", with "+1" or "-1" for another day
      def clock(minutes)
        days, left = minutes.divmod(1440)
        format("%02d:%02d", *left.divmod(60)) +
          (days.zero? ? "" : " (#{days.positive? ? "next day" : "the day before"})")
      end

      # As the command line gives it.
      # @param data [Hash] string keys
      # @yield [Hash] a dish with a recipe
      # @return [Meal]
      # @raise [InvalidInput]
      def of_hash(data, &with_recipe)
        unless data.is_a?(Hash) && data["dishes"].is_a?(Array)
          raise InvalidInput, "a meal is an object with serve_at, kitchen and dishes"
        end

        kitchen = data["kitchen"].to_h.slice("burners", "ovens", "shelves", "cooks", "fan").transform_keys(&:to_sym)
        new(
          serve_at: minutes_of(data["serve_at"]),
          kitchen: Kitchen.new(**kitchen),
          dishes: data["dishes"].map { |dish| dish(dish, &with_recipe) }
        )
      end

      private

      def dish(data)
        unless data.is_a?(Hash)
          raise InvalidInput, "a dish is an object with a name and a recipe or steps, got #{data.inspect[0, 40]}"
        end
        return yield data if data["recipe"]
        raise InvalidInput, "the dish '#{data["name"]}' has neither recipe nor steps" unless data["steps"].is_a?(Array)

        steps = data["steps"].map { |step| typed(step) }
        new_hold = data["steps"].last&.fetch("hold_minutes", nil) || Dish::HOLD
        Dish.new(name: data["name"] || "a dish", steps: steps, hold_minutes: new_hold, wheat: data["wheat"] == true)
      end

      def typed(step)
        unless step.is_a?(Hash)
          raise InvalidInput, "a step is an object with text and minutes, got #{step.inspect[0, 40]}"
        end

        Step.new(
          text: step["text"],
          minutes: step["minutes"],
          heat: step["heat"] || "hands",
          celsius: step["celsius"],
          attended: step["attended"],
          longest: step["hold_minutes"] || Dish::GAP
        )
      end
    end
  end
end
