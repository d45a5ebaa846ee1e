module Restauro
  module Presenters
    # A swap's snapshot in the words and shapes of the page.
    class SwapView
      MOMENTS = {"pan" => "in the pan", "plate" => "on the plate", "fridge" => "tomorrow, from the fridge"}.freeze

      FAMILIES = {"sauce" => "a sauce", "batter" => "a batter", "breading" => "a crumb coat", "gnocchi" => "a spooned or rolled dough",
                  "pasta" => "a pasta dough",
                  "crust" => "a crust"}.freeze
      JOINS = {"lines" => "under", "covers" => "over", "fills" => "inside", "between" => "between", "around" => "around",
               "over" => "at the table, over"}.freeze

      ENTRY_AMOUNTS = 4

      attr_reader :snapshot

      def initialize(snapshot, pull: true)
        @snapshot = snapshot
        @pull = pull
      end

      def family = "sauce"
      # Of a sauce that takes no thickener.   @return [Float, nil]
      def boil_down_minutes = thickeners.empty? ? snapshot[:minutes] : nil
      # What a family's view has beside its amounts; each where it has it.
      def minutes_words = nil
      def surer_words = nil
      def filling_words = nil
      def lift = nil
      # What the water is for that the swap brings in.
      def water_words = snapshot[:school] == "slurry" ? ", for the slurry" : ""
      # Every part of the dish; one kept before parts were known is its own.
      def parts = snapshot[:parts] || [snapshot]

      # What a part is and how it meets the others: "a crust, under Sauce and Leeks".
      def part_words(part)
        meets = part[:joins].to_a.group_by { |join| join[:how] }
                            .map { |how, joins| "#{JOINS.fetch(how)} #{Format.list(joins.map { |join| join[:to] })}" }
        [FAMILIES[part[:family]], *meets].compact.join(", ")
      end

      # Where a line went that nothing stands beside: into one with its name, or out.
      def gone_words(row)
        key = row[:wheat][:ingredient]
        same = snapshot[:rows].any? { |other| other[:part] == row[:part] && other[:ours].any? { |line| line[:ingredient] == key } }
        same ? "counted above" : "left out"
      end

      def part_amounts(part)
        lines = part[:thickeners].to_a.select { |line| line[:grams] }
        lines.any? ? Format.list(lines.map { |line| "#{Format.grams(line[:grams])} g #{line[:name]}" }) : "as it is"
      end

      # What stands of it in a list: amounts, and a few words.
      def entry_line
        lines = parts.flat_map { |part| part[:thickeners].to_a }.first(ENTRY_AMOUNTS)
        amounts = lines.map { |line| [line[:grams] && "#{Format.grams(line[:grams])} g", line[:name]] }
        words = [snapshot[:school], snapshot.dig(:target, :grade)&.tr("_", " "), ("#{parts.length} parts" if parts.length > 1)].compact
        {amounts: amounts, words: words.reject(&:empty?).join(" · ")}
      end

      def said_words = snapshot[:said].to_h.then { |said| said.empty? ? nil : said.map { |what, words| "#{what} #{words}" }.join(", ") }

      # What the whole dish costs in time and washing up.
      def cost_words
        costs = snapshot[:costs] or return
        "All of it: about #{costs[:hands_on_minutes]} min with hands on, #{costs[:whole_minutes]} min one thing after another, " \
          "#{costs[:to_wash]} things to wash#{money_words(costs)}."
      end

      def money_words(costs)
        costs[:money] ? "; #{Format.money(costs[:money])} for what has a price in the cupboard (#{costs[:priced]} of #{costs[:things]} things)" : ""
      end

      def thickeners = snapshot[:thickeners]
      def method_steps = snapshot[:method]
      def moments = snapshot[:look_fors]
      def moment_name(moment) = moment[:minute] ? "after #{Format.minutes_text((moment[:minute] * 2).round / 2.0)} min" : MOMENTS.fetch(moment[:when])
      def spoon(moment) = Spoon.new(moment).to_s
      def chart = CourseChart.new(snapshot[:picture], pull: @pull).to_s
      def ribbon(row) = (@ribbons ||= Ribbons.new(snapshot[:rows])).draw(row)
      def recipe_text = RecipeText.new(snapshot).to_s
      def alternatives = snapshot[:alternatives]
      # Who eats, in a swap kept since eaters were known.
      def diet = snapshot[:diet]

      # What an alternative takes.
      def other_amount(other) = Format.list(other[:names].zip(other[:grams]).map { |name, grams| "#{Format.grams(grams)} g #{name}" })
      # The form's field that chooses it, and what to put there.
      def other_field = "with"
      def other_value(other) = other[:with].join(",")
      # The lists it sets, which are not drawn again.
      def other_lists(other) = {other_field => other_value(other)}

      # Where an alternative stands in the cupboard.   @return [String, nil]
      def at_hand(other)
        return unless other[:at_hand]

        ["in the cupboard#{", but too little" unless other[:enough]}", (Format.money(other[:price]) if other[:price])].compact.join(", ")
      end

      def instead_of
        words = snapshot[:replaced].map { |line| [line[:grams]&.then { |grams| "#{Format.grams(grams)} g" }, line[:name]].compact.join(" ") }
        words.empty? ? "As the recipe has it" : "Instead of #{Format.list(words)}"
      end

      # Spoons of all thickeners, with how far they are off where it matters.   @return [String] HTML
      def spoons
        thickeners.map do |line|
          next "as much as it takes" unless line[:grams]
          next "#{Format.grams(line[:grams])} g: weigh it" unless line[:measure]

          error = Format.measure_error(line[:measure_error_pct])
          "#{Format.measure(line[:measure])}#{" <span class=\"quiet\">(#{error})</span>" if error}"
        end.join(" and ")
      end

      def give_or_take = thickeners.all? { |line| line[:low] } ? "give or take #{Format.list(thickeners.map { |line| half_width(line) })}" : ""

      def half_width(line)
        half = (line[:high] - line[:low]) / 2
        "#{half < 1 ? Format.grams(half) : half.round} g"
      end

      def how
        return "no thickener: boiled down until #{snapshot[:left_g]} g of liquid are left" if snapshot[:school] == "reduction"
        return "stirred into #{Format.grams(snapshot[:slurry_water_g])} g cold water, poured in at the boil" if snapshot[:school] == "slurry" &&
            snapshot[:slurry_water_g].to_f.positive?

        snapshot[:school] == "slurry" ? "whisked into the cold liquid, then boiled" : "cooked in the fat, then the liquid cold, all at once"
      end

      def texture_words
        "#{snapshot[:target][:does]} (#{snapshot[:target][:grade].tr("_", " ")}, #{Format.number(snapshot[:target][:spoons])} spoons of flour a cup)"
      end

      def band_words(moment)
        low, high = moment.values_at(:low_grade, :high_grade)
        low == high ? "" : ", between #{low.tr("_", " ")} and #{high.tr("_", " ")}"
      end
    end
  end
end
