# frozen_string_literal: true

module Restauro
  module Planning
    # Which heat each bake is set to, chosen before the search: bakes within 15 C of one another go to one setting, each with its minutes changed.
    module Ovens
      module_function

      # @param dishes [Array<Dish>]   @return [Array<Dish>] with shared settings
      def shared(dishes)
        settings = settings(dishes.flat_map(&:steps).select(&:oven?).map(&:celsius).uniq.sort)
        dishes.map { |dish| Dish.new(**dish.to_h, steps: dish.steps.map { |step| step.oven? ? set(step, settings.fetch(step.celsius)) : step }) }
      end

      # Neighbours in heat, as many as lie within what an oven can share; the setting is their middle, to the next five.
      def settings(heats)
        groups = heats.each_with_object([]) do |celsius, kept|
          kept.any? && celsius - kept.last.first <= share ? kept.last << celsius : kept << [celsius]
        end
        groups.flat_map { |group| group.map { |celsius| [celsius, group.length == 1 ? celsius : ((group.sum / group.length) / 5).round * 5.0] } }.to_h
      end

      # A bake that the model gave for one heat takes as much longer as its food climbs slower (DOMAIN: minutes by what the oven is over 85 C).
      def set(step, celsius)
        return step if celsius == step.celsius

        from = Constants.fetch(:planning, :oven_minutes_from_celsius)
        step.with(celsius: celsius, minutes: (step.minutes * (step.celsius - from) / (celsius - from)).round.clamp(1, nil))
      end

      # Which oven each bake goes into, in the order in which they begin: one heat at a time in each, no more than its trays.
      # @param bakes [Array<Array>] from, to, celsius, in order
      # @return [Array(Array<Integer>, Integer or nil)] ovens from 1, and the bake that found none
      def placed(bakes, kitchen)
        placed = []
        bakes.each_with_index do |(from, to, celsius), index|
          beside = ->(oven) { (0...index).select { |other| placed[other] == oven && bakes[other][0] < to && from < bakes[other][1] } }
          oven = (1..kitchen.ovens).find do |one|
            sharing = beside[one]
            sharing.length < kitchen.shelves && sharing.none? { |other| apart?(bakes[other][2], celsius) }
          end or return [placed, index]
          placed << oven
        end
        [placed, nil]
      end

      def share = Constants.fetch(:planning, :share_celsius)
      def apart?(one, other) = (one - other).abs > share
      # Minutes between two settings.
      def change(one, other) = ((one - other).abs / Constants.fetch(:planning, :oven_change_celsius_per_minute)).ceil
    end
  end
end
