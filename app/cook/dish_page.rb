module Restauro
  # A dish on its way as the Weigh and Cook rooms show it.
  class DishPage
    # What is asked of the cook at the end.
    VERDICTS = {"right" => "right", "nearly" => "nearly right", "wrong" => "not right"}.freeze

    attr_reader :row, :dish, :error

    # @param row [Database::DishRepository::Row]   @param error [String, nil] to be shown above
    def initialize(row, services, error: nil)
      @row = row
      @services = services
      @dish = services.dishes.state(row)
      @error = error
    end

    def id = row.id
    def plan = dish.plan
    def family = row.family
    def now = @services.clock.call.to_f
    def item = dish.over ? plan.item(dish.over["item"]) : dish.current
    def wanted = dish.wanted(item)
    def tolerance = Making::Item.tolerance(dish.targets.fetch(item.id))
    def resolution = @services.counter.scale.latest&.fetch("resolution", nil) || 1.0
    def spoons_better? = Making::Item.spoons_better?(wanted, resolution)
    def scale? = @services.counter.scale.here?
    def probe? = @services.counter.probe.here?

    # What the packs' labels have against a thing to weigh.   @return [Array<Warning>]
    def pack_warnings(item) = item.key ? @services.packs.shelf.label(item.key) : []

    # What to do about too much.   @return [Array<Making::Rebalance>]
    def rebalances
      over = dish.over or return []
      targets, weighed = dish.targets, dish.weighed
      Making::Rebalance.options(
        plan,
        @services.facts,
        targets: targets,
        weighed: weighed,
        item: plan.item(over["item"]),
        grams: over["grams"] + weighed.fetch(over["item"], 0.0)
      )
    end

    # Bowls are of one part each: no part's milk goes in with another's water.   @return [Hash] words => items
    def bowls = plan.items.group_by { |item| bowl_words(item) }
    def bowl_words(item) = [item.part, Making::Bench::BOWLS.fetch(item.bowl)].compact.join(": ")
    def several_parts? = plan.steps.filter_map(&:part).uniq.length > 1
    def step = dish.current_step
    def step_items = step.uses.map { |id| plan.item(id) }
    # The step's own clock, where it runs or has run.
    def step_timer = dish.timers.values.reverse.find { |timer| timer.step == dish.step && timer.stopped_at.nil? }
    def timers = dish.timers.values.select { |timer| timer.stopped_at.nil? }
    # Clocks of the other dishes on the stove.   @return [Array<Array(Database::DishRepository::Row, Making::Timer)>]
    def other_clocks
      others = @services.dishes.open.reject { |other| other.id == id }
      others.flat_map do |other|
        @services
          .dishes
          .state(other)
          .timers
          .values
          .select { |timer| timer.stopped_at.nil? }
          .map { |timer| [other, timer] }
      end
    end

    def ready_at = now + 60 * minutes_ahead
    # What is still to come: this step from now, and all after it.
    def minutes_ahead
      gone = step_timer ? step_timer.passed_at(now) / 60 : 0.0
      [dish.minutes_left - gone, 0.0].max
    end

    # Of the part that this step is for; the dish's own where it is for all.   @return [String]
    def step_family = plan.families.to_h[step&.part] || family

    # Steps at which nothing shows yet.
    NOTHING_TO_SEE = %w[set_out preheat store].freeze
    def seen? = !NOTHING_TO_SEE.include?(step.kind) && (!advice.nil? || !step.look_for.nil? || troubles.any?)

    # What the cook may see, in a tap: a sauce's spoon, else what goes wrong with this kind of dish.
    def troubles = Families::Troubles.of(step_family)
    def grades = told(step_family).grades
    def advice = dish.seen.last&.then { |seen| seen if seen["step"] == dish.step }
    # The look that would narrow most of what this dish hangs on, where it is one at the pan.
    # @return [Array(String, Float), nil] name and share
    def look_worth
      keys =
        plan
          .items
          .filter_map(&:key)
          .uniq
          .select { |key| @services.facts.find_key(key)&.then { |i| i.thickens? && !i.contains_gluten? } }
      key, share = @services.learnt.next_look(keys)
      key && [@services.facts.fetch(key).say, share]
    end

    def baked? = plan.steps.any? { |one| %w[bake prebake].include?(one.kind) }
    def probe_picture = plan.expected && Presenters::ProbePicture.new(plan.expected, readings).to_s
    def readings = @services.dishes.readings(id)

    # Planned against what it took, of the steps that were timed or left.
    def times
      plan.steps.each_with_index.filter_map do |planned, index|
        took = dish.took(index)
        {text: planned.text[0, 70], planned: planned.minutes, took: (took / 60).round(1)} if took && planned.minutes
      end
    end

    # Planned against weighed.
    def weights
      plan.items.filter_map do |one|
        grams = dish.weighed[one.id]
        {name: one.name, planned: one.grams, weighed: grams.round(1)} if grams
      end
    end

    # Grams of each ingredient that went in, to take off the cupboard.
    def used
      weighed = plan.items.select { |one| one.key && dish.weighed.key?(one.id) }
      weighed.group_by(&:key).transform_values { |all| all.sum { |one| dish.weighed[one.id] }.round(1) }
    end

    # How it can be said to have come out, by the family's own scale.
    def textures = told(family).textures
    def told(key) = Families.fetch(key || "sauce", @services.facts)

    # The swap this dish is made of, worked out again, the part of this step in front.   @return [SwapPage]
    def worked
      @worked ||=
        begin
          tab = several_parts? && step&.part ? {"tab" => step.part} : {}
          SwapPage.new(SwapInput.new({**row.inputs, **row.choices, **tab}), @services)
        end
    end
  end
end
