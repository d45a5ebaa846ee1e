module Restauro
  # What this kitchen's trials taught, for the Notebook: each flour, the oven, each ring, the roots and what is called right here, before and after;
  # the trials each rests on; the one look that would narrow it most.
  class LearntPage
    # name · said what it comes to, in a cook's words · belief Posterior::Belief · before share that the book may be off · trials Array of rows
    Entry = Struct.new(:key, :name, :said, :belief, :before, :trials, keyword_init: true) do
      def initialize(**)
        super
        freeze
      end
    end
    HOW = {"plate_test" => "read the rings of a plate test once: two minutes", "grams" => "pour the last of the water by the scale and by feel once",
           "oven" => "time one bake to its end", "hob" => "bring half a litre of water to the boil with a clock: on the Stove page",
           "weighed" => "weigh the roots raw and cooked once", "liking" => "say once how it was at the table"}.freeze

    # As the book, more, less.
    WORDS = {"oven" => ["takes the minutes reckoned", "takes %d %% longer than reckoned", "takes %d %% less long than reckoned"],
             "liking" => ["as wheat's", "%d %% thicker than wheat's", "%d %% thinner than wheat's"],
             "strength" => ["as the book says", "%d %% more than the book says", "%d %% less than the book says"]}.freeze

    def initialize(services)
      @services = services
      @learnt = services.learnt
    end

    def any? = @learnt.any?
    # @return [Array<Entry>] the most different from the book first
    def entries = @learnt.beliefs.keys.map { |key| entry(key) }.sort_by { |one| -(Math.log(one.belief.factor)).abs }

    # What to look at next, in words.   @return [String, nil]
    def next_look
      key, share = @learnt.next_look
      key && "Surest gained: #{HOW.fetch(@learnt.look(key))} (#{name(key)}). It would then be known to give or take #{(100 * share).round} %."
    end

    private

    def rows = @rows ||= @services.observations.list.reverse
    def entry(key)
      belief = @learnt.beliefs.fetch(key)
      Entry.new(key: key, name: name(key), said: said(key, belief.factor), belief: belief, before: @learnt.doubt(key),
                trials: rows.select { |row| row.data["shares"].key?(key) })
    end

    def name(key)
      kind, what = key.split(" ", 2)
      case kind
      when "oven" then "the oven"
      when "hob" then "the ring on #{what.tr("_", "-")}"
      when "drink" then "#{say(what)}, what it drinks"
      when "water" then "#{say(what)}, its water"
      when "liking" then "how thick it is liked"
      else "#{say(key)}, its strength"
      end
    end

    def say(key) = @services.packs.shelf.catalogue(@services.facts).find_key(key)&.say || key.tr("_", " ")

    def said(key, factor)
      near, more, less = WORDS.fetch(key.split(" ", 2).first, WORDS["strength"])
      return near if Learning::Kitchen.near?(factor)

      format(factor > 1 ? more : less, (100 * (factor - 1)).abs.round)
    end
  end
end
