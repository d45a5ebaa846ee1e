module Restauro
  # What the cook does at the counter and at the stove, as the events of a dish. Nothing is computed here that the core
  # could compute.
  class DishDoings
    LEAST_TIMER_MIN, MOST_TIMER_MIN = 5.0 / 60, 24 * 60

    # @param page [DishPage]   @param fields [Hash] from the form
    def initialize(page, fields)
      @page = page
      @dish = page.dish
      @fields = fields
    end

    # What a button can do, and the field that stands after its colon: "pause:t3".
    DOINGS =
      {"weigh" => nil, "tap" => "by", "which" => "answer", "skip" => nil, "unweigh" => "item", "focus" => "item",
       "rebalance" => "key",
       "take_out" => nil, "step" => "index", "back" => nil, "onward" => nil, "timer" => "own", "pause" => "timer", "go" => "timer",
       "stop" => "timer", "longer" => "timer", "probe" => "on", "saw" => nil}.freeze

    # @return [Array<Array(String, Hash)>] kind and data of what happened   @raise [InvalidInput]
    def events
      name, rest = @fields["do"].to_s.split(":", 2)
      return [] if name.nil? || name.empty?
      raise InvalidInput, "there is no doing '#{name[0, 40]}'" unless DOINGS.key?(name)

      field = DOINGS.fetch(name)
      if rest
        @fields =
          @fields.merge(field ? {field => rest} : [rest.to_s.split("=", 2)].select { |pair| pair.length == 2 }.to_h)
      end
      send(name)
    end

    private

    def item = @page.plan.item(@fields["item"].to_s)
    def index = Integer(@fields["index"].to_s, exception: false) || raise(InvalidInput, "which step is not told")

    # What lies on the scale, or what was typed.
    def grams
      text = @fields["grams"].to_s.strip
      value = FormText.number(text) or raise InvalidInput, "grams are a number such as 120 or 4.5; got '#{text[0, 20]}'"
      return value if value.between?(0.05, 5000)

      raise InvalidInput, "a line weighs 0.1 g to 5 kg; got #{Recipes::WeighedLine.tenths(value.round(1))} g"
    end

    # Enough is taken, too little waits, too much is asked about.
    def weigh
      asked!
      wanted, near = @dish.wanted(item), Making::Item.tolerance(@dish.targets.fetch(item.id))
      return [["over", {"item" => item.id, "grams" => grams}]] if grams > wanted + near
      if grams < wanted - near
        raise InvalidInput, "#{grams} g is too little: #{Recipes::WeighedLine.tenths(wanted.round(1))} g are wanted; " \
                            "pour on"
      end

      taken(item, grams, "scale")
    end

    def tap
      asked!
      taken(item, @dish.wanted(item), @fields["by"] == "spoons" ? "spoons" : "tap")
    end

    def taken(item, grams, by) = [["weighed", {"item" => item.id, "grams" => grams.round(1), "by" => by}]]

    def asked!
      raise InvalidInput, "first say which pack it is: #{item.lookalike["ask"]}" if @dish.ask?(item)
    end

    def which = @fields["answer"] == "yes" ? [["which", {"item" => item.id, "answer" => item.key}]] : wrong_pack

    def wrong_pack
      raise InvalidInput, "then do not pour it: that is #{item.lookalike["other"]}, and #{item.lookalike["why"]}. " \
                          "Look for #{item.name}"
    end

    def skip = [["skipped", {"item" => item.id}]]
    def unweigh = [["unweighed", {"item" => item.id}]]
    def focus = [["focus", {"item" => item.id}]]
    def take_out = [["over", {"item" => nil}]]

    def rebalance
      over = @dish.over or raise InvalidInput, "there is nothing on the scale that is too much"
      chosen = @page.rebalances.find { |found| found.key == @fields["key"] } or raise InvalidInput,
        "choose one of the ways that stand here"
      [["retarget", {"targets" => chosen.targets, "words" => chosen.words}],
       *taken(@page.plan.item(over["item"]), over["grams"], "scale")]
    end

    def step = [["step", {"index" => index}]]
    def back = [["step", {"index" => [@dish.step - 1, 0].max}]]

    # On to the next, and what that says of the rest of the plan.
    def onward
      here = @dish.step
      change = replanned(here)
      clocks = @page.timers.select { |timer| timer.step == here }.map { |timer| ["timer_stop", {"id" => timer.id}] }
      moved = change ? [["moved", {"words" => change.words, "minutes" => change.minutes}]] : []
      [*clocks, *moved, ["step", {"index" => here + 1}]]
    end

    def replanned(here)
      entered = @dish.entered_at(here) or return
      actual = @page.step_timer&.passed_at(@page.now) || (@page.now - entered)
      planned = @dish.steps[here]
      unless @page.grades.any? && planned.kind == "boil" && planned.minutes
        return Making::Replan.after(@dish, here, actual)
      end
      return unless Making::Replan.slipped?(planned.minutes * 60, actual) && @page.worked.swap

      Making::Replan.boiled(@page.worked.family, @page.worked.swap, actual / (planned.minutes * 60))
    end

    def timer
      minutes = @fields["own"] ? ClockText.minutes(@fields["minutes"]) : @page.step.minutes
      unless minutes.between?(LEAST_TIMER_MIN, MOST_TIMER_MIN)
        raise InvalidInput, "a clock runs from 5 seconds to a day; got " \
                            "#{Recipes::WeighedLine.tenths(minutes.round(1))} minutes"
      end

      label = @fields["own"] ? @fields["label"].to_s.strip[0, 60] : ""
      label = @page.step.text[0, 40] if label.empty?
      step = @fields["own"] ? nil : @dish.step
      [["timer_start", {"id" => "t#{@dish.version}", "label" => label, "seconds" => (60 * minutes).round,
                        "step" => step}]]
    end

    def clock(kind, **more) = [["timer_#{kind}", {"id" => @fields["timer"].to_s, **more}]]
    def pause = clock("pause")
    def go = clock("go")
    def stop = clock("stop")
    def longer = clock("longer", "seconds" => 60)

    def probe
      raise InvalidInput, "no probe answers: is it switched on?" if @fields["on"] == "yes" && !@page.probe?

      [["probe", {"on" => @fields["on"] == "yes"}]]
    end

    # What is seen, and what to do about it.
    def saw = DishSeen.new(@page, @fields).events
  end
end
