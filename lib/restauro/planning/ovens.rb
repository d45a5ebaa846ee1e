# frozen_string_literal: true

module Restauro
  module Planning
    # Which heat each bake is set to, chosen before the search: bakes within 15 C of one another go to one setting, each
    # with its minutes changed.
    module Ovens
      module_function

      # @param dishes [Array<Dish>]   @return [Array<Dish>] with shared settings
      def shared(dishes)
        settings = settings(dishes.flat_map(&:steps).select(&:oven?).map(&:celsius).uniq.sort)
        dishes.map do |dish|
          Dish.new(**dish.to_h, steps: dish.steps.each_index.map { |index| moved(dish, index, settings) })
        end
      end

      # Neighbours in heat, as many as lie within what an oven can share; the setting is their middle, to the next five.
      def settings(heats)
        groups = heats.each_with_object([]) do |celsius, kept|
          kept.any? && celsius - kept.last.first <= share ? kept.last << celsius : kept << [celsius]
        end
        groups
          .flat_map do |group|
            group.map do |celsius|
              [celsius, group.length == 1 ? celsius : ((group.sum / group.length) / 5).round * 5.0]
            end
          end
          .to_h
      end

      # By the dish's own model where it has one that says otherwise, else by the rule.
      def moved(dish, index, settings)
        step = dish.steps[index]
        celsius = settings[step.celsius] if step.oven?
        return step if celsius.nil? || celsius == step.celsius

        modelled = dish.model&.call(celsius)
        same = modelled && modelled.length == dish.steps.length ? modelled[index] : nil
        return set(step, celsius) unless same&.oven? && same.minutes != step.minutes

        step.with(celsius: celsius, minutes: same.minutes)
      end

      # A bake that the model gave for one heat takes as much longer as its food climbs slower (DOMAIN: minutes by what
      # the oven is over 85 C).
      def set(step, celsius)
        return step if celsius == step.celsius

        from = Constants.fetch(:planning, :oven_minutes_from_celsius)
        step.with(
          celsius: celsius,
          minutes: (step.minutes * (step.celsius - from) / (celsius - from)).round.clamp(1, nil)
        )
      end

      # Which oven each bake goes into: one heat at a time in each, with minutes between two heats, no more than its
      # trays. Every way is tried.
      # @param bakes [Array<Array>] from, to, celsius, in the order in which they begin
      # @return [Array<Integer>, nil] ovens from 1; nil for no way
      def placed(bakes, kitchen, ovens = [])
        return ovens if ovens.length == bakes.length

        opened = [(ovens.max || 0) + 1, kitchen.ovens].min
        (1..opened).each do |oven|
          next unless room?(bakes, ovens, oven, kitchen.shelves)

          found = placed(bakes, kitchen, [*ovens, oven])
          return found if found
        end
        nil
      end

      # Whether the next bake may go into this oven.
      def room?(bakes, ovens, oven, shelves)
        from, to, celsius = bakes[ovens.length]
        others = ovens.each_index.select { |index| ovens[index] == oven }.map { |index| bakes[index] }
        if others.any? { |other| apart?(other[2], celsius) && near?(other, from, to, change(other[2], celsius)) }
          return false
        end

        # Those that begin before it are the most at once when it begins.
        others.count { |other| other[0] <= from && from < other[1] } < shelves
      end

      def near?(other, from, to, gap) = from < other[1] + gap && other[0] < to + gap

      # @return [Float] C that two dishes may be apart in one oven
      def share = Constants.fetch(:planning, :share_celsius)
      def apart?(one, other) = (one - other).abs > share
      # Minutes between two settings.
      def change(one, other) = ((one - other).abs / Constants.fetch(:planning, :oven_change_celsius_per_minute)).ceil
    end
  end
end
