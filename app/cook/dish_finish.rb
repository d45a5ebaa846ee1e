module Restauro
  # The end of a dish: what it came to goes into the notebook with plan against actual, what it took comes off the
  # cupboard, all or none.
  class DishFinish
    MOST_WORDS = 2000

    # @param page [DishPage]   @param fields [Hash] from the form
    def initialize(page, fields, services)
      @page = page
      @fields = fields
      @services = services
    end

    # @return [Integer] of the notebook's entry   @raise [InvalidInput]
    def write
      raise InvalidInput, "this dish is in the notebook already" if @page.dish.done?

      image = Photo.read(@fields["photo"])
      @services.kept_swaps.transaction do
        id = @services.kept_swaps.add(**entry)
        learn(id)
        @services.cooks.add(id, @page.used.empty? ? @page.row.snapshot.fetch("needs", {}) : @page.used)
        @services.dishes.confirm(@page.id, @page.dish.version, [["finished", made]])
        @services.dishes.link(@page.id, id)
        @services.dishes.photograph(@page.id, image) if image
        id
      end
    end

    private

    # What it taught, with the entry: deleting that takes it back.
    def learn(id)
      key = @fields["texture"].to_s
      found =
        DishLessons.new(@page, @services).all(
          key,
          right: verdict == DishPage::VERDICTS["right"],
          side: @fields["side"].to_s
        )
      found.each { |data, words| @services.observations.add(data, words: words, kept_swap_id: id) }
      @services.kept_swaps.mark(id, "all", MARKS.fetch(@fields["verdict"].to_s))
    end
    MARKS = {"right" => "right", "nearly" => "nearly", "wrong" => "no"}.freeze

    def words(name) = FormText.clean(@fields[name]).strip[0, MOST_WORDS]
    def verdict = DishPage::VERDICTS.fetch(@fields["verdict"].to_s) do
      raise InvalidInput, "say how it was: #{DishPage::VERDICTS.values.join(", ")}"
    end

    def texture
      key = @fields["texture"].to_s
      @page.textures.fetch(key) { raise InvalidInput, "say how it came out: choose one of the list" }
    end

    # Plain data: how it was to be, and how it went.
    def made
      {
        "verdict" => verdict,
        "texture" => texture,
        "texture_key" => @fields["texture"].to_s,
        "change" => words("change"),
        "times" => @page.times.map { |row| row.transform_keys(&:to_s) },
        "weights" => @page.weights.map { |row| row.transform_keys(&:to_s) },
        "moves" => @page.dish.moves,
        "seen" => @page.dish.seen.map { |seen| seen.slice("words", "do") },
        "readings" => @page.readings.map { |pair| pair.map { |v| v.round(2) } },
        "expected" => @page.plan.expected,
        "temperatures" => SeenBesidePlan.temperatures(@page.plan.expected, @page.readings),
        "thickness" => SeenBesidePlan.thickness(@page.dish.seen, @page.row.snapshot.dig("target", "flour_equivalents"))
      }
    end

    def entry
      row = @page.row
      note = ["It was #{verdict}: #{texture}.", words("change")].reject(&:empty?).join("\n")
      {
        family: row.family,
        title: row.title,
        note: note,
        inputs: row.inputs,
        choices: row.choices,
        data_version: row.data_version,
        snapshot: row.snapshot.merge("made" => made)
      }
    end
  end
end
