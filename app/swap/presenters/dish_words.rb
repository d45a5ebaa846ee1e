module Restauro
  module Presenters
    # What is said of a whole dish, whatever part of it is looked at.   Needs snapshot.
    module DishWords
      FAMILIES = {
        "sauce" => "a sauce",
        "batter" => "a batter",
        "breading" => "a crumb coat",
        "gnocchi" => "a spooned or rolled dough",
        "pasta" => "a pasta dough",
        "crust" => "a crust"
      }.freeze
      JOINS = {
        "lines" => "under", "covers" => "over", "fills" => "inside",
        "between" => "between",
        "around" => "around",
        "coats" => "around",
        "over" => "at the table, over",
        "beside" => "at the table, beside",
        "into" => "at the end, around"
      }.freeze
      ENTRY_AMOUNTS = 4

      # Every part of the dish; one kept before parts were known is its own.
      def parts = snapshot[:parts] || [snapshot]

      # What a part is and how it meets the others: "a crust, under Sauce and Leeks".
      def part_words(part)
        closed = %w[hand wrapped].include?(part[:cover])
        meets = part[:joins].to_a.group_by { |join| join[:how] }.map do |how, joins|
          place = how == "lines" && closed ? "around" : JOINS.fetch(how)
          place = "over" if how == "over" && baked_full?
          "#{place} #{Format.list(joins.map { |join| join[:to] })}"
        end
        [FAMILIES[part[:family]], *meets].compact.join(", ")
      end

      # Pancakes with something in them that go into the oven: what is over them goes with them.
      def baked_full?
        parts.any? { |part| part[:joins].to_a.any? { |join| join[:how] == "fills" } } &&
          snapshot[:said].to_h.transform_keys(&:to_s).key?("oven")
      end

      # Where a line went that nothing stands beside: into one with its name, or out.
      def gone_words(row)
        key = row[:wheat][:ingredient]
        same = snapshot[:rows].any? do |other|
          other[:part] == row[:part] && other[:ours].any? { |line| line[:ingredient] == key }
        end
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
        words = [snapshot[:school], snapshot.dig(:target, :grade)&.tr("_", " "),
                 ("#{parts.length} parts" if parts.length > 1)].compact
        {amounts: amounts, words: words.reject(&:empty?).join(" · ")}
      end

      def said_words = snapshot[:said].to_h.then do |said|
        said.empty? ? nil : said.map { |what, words| "#{what} #{words}" }.join(", ")
      end

      # How a sauce goes into a dish in layers, and how it comes out.
      def bake_words
        bake = snapshot[:bake] or return
        layers = bake[:with] == "pasta" ? "sheets" : "slices"
        "#{bake[:part]}: it #{bake[:into]} as it goes in. The #{layers} give it starch as they bake: it #{bake[:out]} when it is cut."
      end

      # What is on the plate: ours, and the wheat dish's where it differs.
      def plate_words
        plate = snapshot[:plate] or return
        whose = plate[:servings] ? "A portion (of #{plate[:servings]})" : "All of it"
        missing = plate[:not_counted].positive? ? " #{plate[:not_counted]} lines are not in it." : ""
        "#{whose}: #{PLATE.map { |key, (say, unit)| one_side(plate, key, say, unit) }.join(", ")}; give or take #{plate[:band_pct]} %.#{missing}"
      end

      PLATE = {kcal: %w[energy kcal], protein_g: %w[protein g], fat_g: %w[fat g], fibre_g: %w[fibre g]}.freeze

      def one_side(plate, key, say, unit)
        ours, wheat = plate[:ours][key], plate[:wheat][key]
        beside = (ours - wheat).abs > 0.05 * [ours, wheat, 1].max ? " (with wheat #{Format.grams(wheat)})" : ""
        "#{say} #{Format.grams(ours)} #{unit}#{beside}"
      end

      # The whole dish on a strip of time.   @return [String, nil] SVG
      def strip = TimeStrip.new(snapshot[:method]).to_s

      # The models' own figures, for who wants them.   @return [Array<String>]
      def figures
        [
          *target_figures(snapshot[:target].to_h),
          *snapshot[:look_fors].to_a.map { |moment| moment_figures(moment) },
          *gas_figures(snapshot[:gas])
        ]
      end

      def target_figures(target)
        spoons, e, ratio =
          target.values_at(:spoons, :flour_equivalents, :ratio).map { |value| value && Format.number(value) }
        [
          e && "thickness: #{spoons} level spoons of flour to a cup, #{e} g to 100 g",
          ratio && "free water over what the flour holds: #{ratio} (#{target[:grade].to_s.tr("_", " ")})"
        ].compact
      end

      def moment_figures(moment)
        value, low, high = moment.values_at(:pa_s, :low_pa_s, :high_pa_s).map { |pa_s| Format.number(pa_s) }
        "#{MOMENT_WORDS[moment[:when]]}: #{value} Pa·s, #{low} to #{high}"
      end

      def gas_figures(gas) =
        gas.to_h[:ours].to_f >= 2 ? ["gas: #{gas[:ours]} mL in 100 g of batter, wheat's #{gas[:wheat]}"] : []

      MOMENT_WORDS = {"pan" => "in the pan", "plate" => "on the plate", "fridge" => "from the fridge"}.freeze

      # How much of it the dish takes.
      def pan_words
        bake = snapshot[:bake] or return
        return "Say which dish it bakes in, and the sauce is measured for it." unless bake[:wanted]

        "The #{bake[:pan]} dish takes about #{bake[:wanted]} g of it beside the layers; this makes #{bake[:made]} g."
      end

      # What the whole dish costs in time and washing up.
      def cost_words
        costs = snapshot[:costs] or return
        "All of it: about #{costs[:hands_on_minutes]} min with hands on, #{costs[:whole_minutes]} min one thing after another, " \
          "#{costs[:to_wash]} things to wash#{money_words(costs)}."
      end

      def money_words(costs)
        if costs[:money]
          "; #{format.money(costs[:money])} for what has a price in the cupboard (#{costs[:priced]} of #{costs[:things]} things)"
        else
          ""
        end
      end
    end
  end
end
