module Restauro
  module Making
    # Where a dish stands: its plan and everything that was confirmed, folded.
    class Dish
      # kind · at epoch s · data Hash with string keys
      Event = Struct.new(:kind, :at, :data)

      # over: "item" and "grams" of a line with too much on the scale, or nil
      attr_reader :plan, :over, :targets, :weighed, :skipped, :which, :step, :timers, :seen, :moves, :probe, :finish,
        :version

      # @param events [Array<Event>] in order
      def self.of(plan, events) = events.reduce(new(plan)) { |dish, event| dish.after(event) }

      def initialize(plan)
        @plan = plan
        @targets = plan.items.to_h { |item| [item.id, item.grams] }
        @weighed, @which, @timers, @entered, @left_at = {}, {}, {}, {}, {}
        @skipped, @seen, @moves = [], [], []
        @minutes = plan.steps.map(&:minutes)
        @step = 0
        @version = 0
      end

      # @return [Dish] a new one, after what happened
      def after(event) = dup.tap { |fresh| fresh.send(:happen, event) }

      # The next to weigh: the one chosen, else the first that is not in.   @return [Item, nil]
      def current
        chosen = @focus && plan.items.find { |item| item.id == @focus && !settled?(item.id) }
        chosen || open_items.first
      end

      def settled?(id) =
        (weighed.key?(id) && weighed[id] >= targets[id] - Item.tolerance(targets[id])) || skipped.include?(id)
      # @return [Array<Item>] not weighed and not left out
      def open_items = plan.items.reject { |item| settled?(item.id) }
      def all_weighed? = open_items.empty?
      # What is still missing of a line.   @return [Float] g
      def wanted(item) = [targets.fetch(item.id) - weighed.fetch(item.id, 0.0), 0.0].max
      # Whether it has to be asked which pack this is.
      def ask?(item) = !item.lookalike.nil? && which[item.id].nil?
      # What is out of its turn: things before it, in a bowl that the method needs first.   @return [Array<Item>]
      def skipped_before(item) =
        open_items.take_while { |other| other.id != item.id }.reject { |other| other.bowl == item.bowl }

      # @return [Array<PlannedStep>] with their minutes as replanned
      def steps = plan.steps.each_with_index.map { |planned, index| planned.with(minutes: @minutes[index]) }
      # @return [PlannedStep]
      def current_step = steps[step]
      # @return [Float, nil] s when a step was come to
      def entered_at(index = step) = @entered[index]
      # How long a step took.   @return [Float, nil] s
      def took(index) = @entered[index] && @left_at[index] ? @left_at[index] - @entered[index] : nil
      # @return [Float] min of this step and those after it
      def minutes_left = steps.drop(step).filter_map(&:minutes).sum(0.0)
      def done? = !finish.nil?

      private

      def initialize_copy(_other)
        @weighed, @which, @timers, @entered, @left_at, @targets =
          [@weighed, @which, @timers, @entered, @left_at, @targets].map(&:dup)
        @skipped, @seen, @moves, @minutes = [@skipped, @seen, @moves, @minutes].map(&:dup)
      end

      def happen(event)
        @version += 1
        data = event.data
        case event.kind
        when "weighed" then weigh(data)
        when "which" then @which[data["item"]] = data["answer"]
        when "over" then @over = data["item"] && data
        when "skipped" then @skipped << data["item"]
        when "unweighed" then unweigh(data["item"])
        when "focus" then @focus = data["item"]
        when "retarget" then @targets = @targets.merge(data["targets"].transform_values(&:to_f))
        when "step" then enter(data["index"].clamp(0, plan.steps.length - 1), event.at)
        when "moved" then move(data)
        when "saw" then @seen << data.merge("at" => event.at, "step" => step)
        when "probe" then @probe = data["on"] ? {"since" => event.at, "step" => step} : nil
        when "finished" then @finish = data.merge("at" => event.at)
        else clock(event)
        end
      end

      def weigh(data)
        @weighed[data["item"]] = @weighed.fetch(data["item"], 0.0) + data["grams"].to_f
        @focus = @over = nil
      end

      def unweigh(id)
        @weighed.delete(id)
        @skipped.delete(id)
        @focus = id
      end

      def enter(index, at)
        @left_at[step] = at
        @step = index
        @entered[index] ||= at
      end

      def move(data)
        @moves << data["words"]
        data.fetch("minutes", {}).each { |index, minutes| @minutes[index.to_i] = minutes }
      end

      def clock(event)
        id = event.data["id"]
        case event.kind
        when "timer_start"
          label, seconds, at_step = event.data.values_at("label", "seconds", "step")
          @timers[id] = Timer.new(id: id, label: label, seconds: seconds.to_f, started_at: event.at, step: at_step)
        when "timer_pause" then change(id) { |timer| timer.pause(event.at) }
        when "timer_go" then change(id) { |timer| timer.go(event.at) }
        when "timer_stop" then change(id) { |timer| timer.stop(event.at) }
        when "timer_longer" then change(id) { |timer| timer.longer(event.data["seconds"].to_f) }
        end
      end

      def change(id) = @timers[id] && @timers[id] = yield(@timers[id])
    end
  end
end
