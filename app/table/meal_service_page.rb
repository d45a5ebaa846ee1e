module Restauro
  # A meal that is being cooked, as its room shows it, and what a tap does to it. The plan goes on from what happened;
  # nothing begun is moved.
  class MealServicePage
    # For another order than the one it had.
    SECONDS = 0.2
    DOINGS = %w[began done undone longer].freeze

    attr_reader :row, :error

    # @param row [Database::MealRepository::Row]
    def initialize(row, services, error: nil)
      @row = row
      @services = services
      @error = error
      @events = services.meals.events(row.id)
    end

    def id = row.id
    def version = @events.length
    # Minutes after the midnight of the day to eat, as the kitchen's clock has it.
    def now = minutes(@services.clock.call)
    def service = @service ||= Planning::Service.new(Planning::PlanData.read(row.plan), events)
    def plan = service.plan
    # Seconds left of what goes, for its clock.
    def left(act) = 60 * (act.to - now)
    def dish_of(act) = act.task.dish && row.dishes[act.key.split("-").first]

    # What a tap brings: it is written down, and what is left is laid again where it is off the plan.
    # @return [Array<Array(String, Hash)>] events   @raise [InvalidInput]
    def happened(doing)
      kind, key, minutes = doing.to_s.split(":", 3)
      return moved([]) if kind == "replan"
      raise InvalidInput, "there is no doing '#{kind.to_s[0, 20]}' in a meal" unless DOINGS.include?(kind)

      act = service.act(key)
      happened = [[kind, {"key" => key, **(kind == "longer" ? {"minutes" => longer(act, minutes)} : {})}]]
      kind == "undone" || (kind != "longer" && !service.off?(key, now, kind)) ? happened : happened + moved(happened)
    end

    # As it is begun: where the hour has passed already, all of it from now.
    def first_words = service.late(now) > Planning::Service::A_MINUTE ? moved([]) : []

    private

    def events = @events.map { |kind, at, data| Planning::Service::Event.new(kind, minutes(at), data) }
    def minutes(time) = (time.to_f - Time.local(row.day.year, row.day.month, row.day.day).to_f) / 60

    def longer(act, more)
      raise InvalidInput, "it has not begun yet" unless act.going?

      more = Integer(more, exception: false)&.clamp(1, 240) or raise InvalidInput, "longer by how many minutes?"
      [(act.to - act.from).ceil, (now - act.from).ceil].max + more
    end

    # The plan of what is left, if it is another.
    def moved(happened)
      then_on =
        Planning::Service.new(
          Planning::PlanData.read(row.plan),
          events + happened.map { |kind, data| Planning::Service::Event.new(kind, now, data) }
        )
      until_then = Process.clock_gettime(Process::CLOCK_MONOTONIC) + SECONDS
      stop = -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) > until_then }
      after = Planning::Slip.new(then_on.plan, then_on.state(now), stop: stop).plan
      words = Planning::Moves.words(then_on.plan, after, from: now)
      if words.empty?
        []
      else
        [["moved", {"plan" => JSON.parse(JSON.generate(Planning::PlanData.of(after))), "words" => words}]]
      end
    rescue InvalidInput
      []
    end
  end
end
