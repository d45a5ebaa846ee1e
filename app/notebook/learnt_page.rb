module Restauro
  # What this kitchen's trials taught, for the Notebook: each flour, the oven, each ring, the roots and what is called
  # right here, before and after; the trials each rests on; the one look that would narrow it most.
  class LearntPage
    # name · said what it comes to, in a cook's words · belief Posterior::Belief · before share that the book may be off
    # · trials Array of rows
    Entry = Value.of(:key, :name, :said, :belief, :before, :trials, :scale)
    HOW = {
      "plate_test" => "read the rings of a plate test once: two minutes",
      "grams" => "pour the last of the water by the scale and by feel once",
      "oven" => "time one bake to its end",
      "hob" => "bring half a litre of water to the boil with a clock: on the Stove page",
      "thermometer" => "put a thermometer into the hot oven: on the Stove page",
      "side" => "look once which side browned first",
      "stretch" => "say how the next dough held, at the stove or when it is finished",
      "weighed" => "weigh the roots raw and cooked once",
      "liking" => "say once how it was at the table"
    }.freeze

    # As the book, more, less.
    WORDS = {
      "oven" => [
        "takes the minutes reckoned",
        "takes %d %% longer than reckoned",
        "takes %d %% less long than reckoned"
      ],
      "liking" => ["as wheat's", "%d %% thicker than wheat's", "%d %% thinner than wheat's"],
      "wetness" => ["as wheat's", "%d %% wetter than wheat's", "%d %% drier than wheat's"],
      "oven offset" => [
        "as hot as its knob says",
        "%d degrees hotter than its knob says",
        "%d degrees colder than its knob says"
      ],
      "oven fan" => ["as the oven itself", "%d %% slower than the oven itself", "%d %% quicker than the oven itself"],
      "oven basket" => [
        "as the oven itself",
        "%d %% slower than the oven itself",
        "%d %% quicker than the oven itself"
      ],
      "oven side" => [
        "browns left as right",
        "the right browns %d %% sooner than the left",
        "the left browns %d %% sooner than the right"
      ],
      "oven depth" => [
        "browns front as back",
        "the back browns %d %% sooner than the front",
        "the front browns %d %% sooner than the back"
      ],
      "stretch" => [
        "as the book says",
        "stretches %d %% more than the book says",
        "stretches %d %% less than the book says"
      ],
      "strength" => ["as the book says", "%d %% more than the book says", "%d %% less than the book says"]
    }.freeze

    # @param fahrenheit [Boolean] how the house counts degrees
    def initialize(services, fahrenheit: false)
      @services = services
      @fahrenheit = fahrenheit
      @learnt = services.learnt
    end

    def any? = @learnt.any?
    # @return [Array<Entry>] the most different from the book first
    def entries = @learnt.beliefs.keys.map { |key| entry(key) }.sort_by { |one| -Math.log(one.belief.factor).abs }

    # What to look at next, in words.   @return [String, nil]
    def next_look
      key, share = @learnt.next_look
      key &&
        "Surest gained: #{HOW.fetch(@learnt.look(key))} (#{name(key)}). It would then be known to give or take #{(100 * share).round} %."
    end

    private

    def rows = @rows ||= @services.observations.list.reverse
    def entry(key)
      belief = @learnt.beliefs.fetch(key)
      Entry.new(
        key: key,
        name: name(key),
        said: said(key, belief.factor),
        belief: belief,
        before: @learnt.doubt(key),
        trials: rows.select { |row| row.data["shares"].key?(key) },
        scale:
          (
            if key == "oven offset"
              Presenters::BeliefPicture.knob(fahrenheit: @fahrenheit)
            else
              Presenters::BeliefPicture::FACTORS
            end
          )
      )
    end

    OVEN = {
      "oven" => "the oven",
      "oven fan" => "the oven with its fan",
      "oven basket" => "the hot-air basket",
      "oven offset" => "the oven's knob",
      "oven side" => "the oven, left and right",
      "oven depth" => "the oven, front and back"
    }.freeze
    def name(key)
      kind, what = Learning::Unknown.split(key)
      case kind
      when "hob"
        "the ring on #{what.tr("_", "-")}"
      when "drink"
        "#{say(what)}, what it drinks"
      when "stretch"
        "#{say(what)}, how it stretches"
      when "water"
        "#{say(what)}, its water"
      when "liking"
        liked(*what.split(" ", 2))
      else
        OVEN.fetch(kind) { "#{say(key)}, its strength" }
      end
    end

    def liked(family, who = nil) =
      "how #{family == "sauce" ? "thick a sauce" : "wet a #{family}"} is liked#{" by #{who}, beside the house" if who}"

    def say(key) = @services.packs.shelf.catalogue(@services.facts).find_key(key)&.say || key.tr("_", " ")

    def degrees(kelvin) = @fahrenheit ? Kitchen::Fahrenheit.difference(kelvin) : kelvin

    def said(key, factor)
      kind, what = Learning::Unknown.split(key)
      near, more, less =
        WORDS.fetch(kind == "liking" && !what.start_with?("sauce") ? "wetness" : kind, WORDS["strength"])
      return near if Learning::Kitchen.near?(factor)

      amount = kind == "oven offset" ? degrees(Learning::Oven.kelvin(factor)) : 100 * (factor - 1)
      format(factor > 1 ? more : less, amount.abs.round)
    end
  end
end
