# frozen_string_literal: true

module Restauro
  module Planning
    # A meal that is being cooked: its plan, and what has happened, in order. Nothing is kept but that; how it stands is
    # told from it.
    class Service
      # What happened.   kind began, done, undone, longer or moved · at minutes after the midnight of the day to eat ·
      # data Hash with string keys
      Event = Struct.new(:kind, :at, :data)
      # A task as it stands.   key "2-0", or "oven-1-190" for heating an oven · task Plan::Task · state waiting, going
      # or done · from, to: planned,
      # or as it was · longer minutes that it takes in all, where that was said
      Act = Value.of(:key, :task, :state, :from, :to) do
        def attended? = task.step.attended
        def done? = state == :done
        def going? = state == :going
        def waiting? = state == :waiting
      end
      # Sooner than this nothing is late.
      A_MINUTE = 1.0

      attr_reader :plan, :words

      # @param plan [Plan] as it was at first   @param events [Array<Event>]
      def initialize(plan, events)
        @plan = plan
        @began, @done, @longer, @words = {}, {}, {}, []
        events.each { |event| take(event) }
        @acts = acts_of
      end

      # @return [Array<Act>] in the order of the plan
      attr_reader :acts

      # @return [Act]   @raise [InvalidInput] where it is not in the plan
      def act(key) =
        acts.find { |act| act.key == key } || raise(InvalidInput, "there is no such thing to do in this meal")
      def over? = acts.all? { |act| act.done? || act.key.start_with?("oven") }

      # What asks for hands now: what they are at; else what should have begun, or is about to.
      # @param now [Float]
      # @return [Act, nil]
      def now(now) = acts.find { |act| act.going? && act.attended? } || ready.find { |act| act.from <= now + A_MINUTE }
      # What may begin: all before it in its dish done.
      def ready = acts.select { |act| act.waiting? && before(act).all?(&:done?) }.sort_by(&:from)
      # @return [Array<Act>] soonest first
      def coming(now, most: 4) =
        acts.select(&:waiting?).reject { |act| act == self.now(now) }.sort_by(&:from).first(most)
      # What goes by itself.
      def alone = acts.select { |act| act.going? && !act.attended? }
      # How late the next thing is, in minutes, or nothing is.   @return [Float]
      def late(now) = acts.select(&:waiting?).map { |act| now - act.from }.max.to_f.clamp(0.0, Float::INFINITY)

      # For a Slip.   @return [Slip::State]
      def state(now)
        done = @done.to_h { |key, at| [index(key), [began_at(key, at), at.ceil]] if index(key) }.compact
        begun =
          @began.reject { |key, _| @done.key?(key) }.to_h { |key, at| [index(key), at.floor] if index(key) }.compact
        Slip::State.new(
          done: done,
          begun: begun,
          longer: @longer.transform_keys { |key| index(key) }.compact,
          now: now.ceil
        )
      end

      # Whether what just happened is off the plan.   @param at [Float]
      def off?(key, at, kind)
        act = act(key)
        planned = kind == "done" ? act.to : act.from
        index(key) && (at - planned).abs >= A_MINUTE
      end

      private

      def take(event)
        key = event.data["key"]
        case event.kind
        when "began"
          @began[key] = event.at
        when "done"
          @began[key] ||= [event.at - 1, @plan.tasks.map(&:from).min].max and @done[key] = event.at
        when "undone"
          [@began, @done, @longer].each { |kept| kept.delete(key) }
        when "longer"
          @longer[key] = event.data["minutes"]
        when "moved"
          @plan = PlanData.read(event.data["plan"])
          @words = event.data["words"]
        end
      end

      def acts_of
        keyed = Slip.keyed(@plan).transform_keys { |dish, step| "#{dish}-#{step}" }
        ovens = @plan.tasks.reject(&:dish).to_h { |task| ["oven-#{task.oven}-#{task.step.celsius.round}", task] }
        keyed.merge(ovens).map { |key, task| act_of(key, task) }.sort_by { |act| [act.from, act.to] }
      end

      def act_of(key, task)
        from = @began.fetch(key, task.from)
        return Act.new(key: key, task: task, state: :done, from: from, to: @done[key]) if @done.key?(key)
        return Act.new(key: key, task: task, state: :waiting, from: task.from, to: task.to) unless @began.key?(key)

        Act.new(key: key, task: task, state: :going, from: from, to: from + @longer.fetch(key, task.step.minutes))
      end

      def index(key) = key.match?(/\A\d+-\d+\z/) ? key.split("-").map(&:to_i) : nil
      def began_at(key, done) = [@began.fetch(key), done - 1].min.floor

      def before(act)
        dish, step = index(act.key)
        dish ? acts.select { |other| (of, at = index(other.key)) && of == dish && at < step } : []
      end
    end
  end
end
