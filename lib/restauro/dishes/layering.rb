# frozen_string_literal: true

module Restauro
  module Dishes
    # What goes into the baking dish, and how it lies there: in layers, rolled up, turned into it, with what is on top.
    #   Needs @dish, @answers, @bake, @catalogue and strewn?.
    module Layering
      include WrappedInHam

      ROLLED = DataFiles.words("dishes/words.yml").fetch(:rolled_sheets)
      SANDWICH, CASES = DataFiles.words("dishes/words.yml").values_at(:sandwich, :pastry_cases)
      SHEETS = {"gf_pasta_sheets" => "sheet", "gf_tortilla" => "tortilla"}.freeze
      # Large shells are filled, not rolled up.
      SHELLS = {"gf_pasta" => "shell"}.freeze
      LAID = %w[gf_pasta_sheets gf_pasta gf_noodles gf_bread gf_tortilla].freeze
      IN_A_POT = "Into a pot for the oven, or a dish with a lid"
      private_constant :IN_A_POT, :ROLLED, :SHEETS, :SHELLS, :LAID

      private

      # Pancakes with something in them.
      def rolled_up? = rolled_sheets? ||
        @dish.joins.any? { |join| join.how == "fills" && @answers[join.to].pancakes? }

      # There are no tubes to be had: a bought sheet, one of fresh dough, or a tortilla, goes around each share.
      def rolled_sheets? = @dish.title.to_s.match?(ROLLED) && !sheet.nil?
      # @return [String, nil] what is rolled up
      def sheet
        there = @answers.flat_map(&:lines).map(&:ingredient)
        bought = SHEETS.merge(SHELLS).find { |key, _| there.include?(key) }
        bought&.last || ("sheet" if @dish.parts.any? { |part| part.family == "pasta" })
      end

      # What is laid into the dish: bought pasta and sheets, raw slices, and crumbs and cheese on top.
      def laid?(line) =
        LAID.include?(line.ingredient) || CrackedEggs.line?(line) || Bake.fried_layer?(line) ||
          (@bake && Bake.raw_layer?(line))

      def fill
        tops = (@answers - main_parts).reject { |part| part.part.place == :table }
        names = main_parts.map { |part| layer_name(part) }
        return [roll_up, *on_top(tops)].join("; ") if rolled_up?
        return [between_slices, *on_top(tops)].join("; ") if sandwich?

        [filled(names), *on_top(tops), *("lid on" if lid?)].join("; ")
      end

      def toast = @answers.flat_map(&:lines).select { |line| line.ingredient == "gf_bread" }
      def sandwich? = @dish.title.to_s.match?(SANDWICH) && toast.any? && !rolled_in.nil?

      # A sandwich has its filling between two, and sauce on top as well.
      def between_slices
        "Spread half of #{list(toast)}, lightly toasted, with sauce; the #{rolled_in.name.downcase} on them, the " \
          "others on top; the rest of the sauce over all"
      end

      def filled(names)
        return "Lay the pieces in a buttered dish, one over the edge of the next" if cut?
        return stand_filled if hollowed
        return "Spoon it into #{list(cases)}, on a tray" if cases.any?
        return IN_A_POT if lid? && main_parts.any?(&:dropped?)
        return wrapped if wrapped_in_ham?
        return "Layer #{Families::Companions.list(names)} in the dish#{cheese_on_top}" if names.length > 1

        sheets = main_parts.flat_map(&:lines).select { |line| SHEETS.key?(line.ingredient) }
        return "Layer #{list(sheets)} and the sauce in a buttered dish" if sheets.any?

        return IN_A_POT if lid?

        pasta.any? ? "Turn #{list(pasta)} in the sauce, then into a buttered dish" : "Turn it into a buttered dish"
      end

      def lid? = stew? && !cut? && hollowed.nil? && cases.empty?

      # Boiled by itself; what is laid between sauces is none.
      def pasta = @answers.flat_map(&:lines).select { |line| line.grams && line.ingredient == "gf_pasta" }

      # Cheese that was had ready beside a sauce without flour.
      def cheese_on_top = (", the cheese last" if main_parts.any? { |part| PlainSauces.cheese_apart?(part) })

      # Bought cases of pastry that it is spooned into.
      def cases = @answers.flat_map(&:lines).select { |line| line.ingredient == "gf_other" && line.text.match?(CASES) }

      # @return [PartAnswer, nil] of vegetables with something in them
      def hollowed = main_parts.find { |part| part.part.family.nil? && Hollowed.host(@dish.recipe, part.lines) }

      def stand_filled
        sauces = (main_parts - [hollowed]).map { |part| "the #{plain_name(part)}" }
        over = "; pour #{Families::Companions.list(sauces)} over them" if sauces.any?
        leaves = hollowed.lines.any? { |line| Hollowed.leaf?(line) }
        "#{leaves ? "Lay" : "Stand"} them side by side in a buttered dish#{over}"
      end

      def stew? = @dish.said.stewed_in_the_oven?(@dish.parts)

      def on_top(tops)
        tops.map do |part|
          next "a hollow for each of #{CrackedEggs.say(part.lines)}, broken into it" if CrackedEggs.alone?(part.lines)

          next "lay the #{part.name.to_s.downcase} over it" if FiloOver.alone?(part.lines)

          over = PlainRootTop.over(part)
          next "#{over} the #{part.name.to_s.downcase} over it" if over

          scattered = part.lines.any? { |line| LineKinds.strewn?(line) } || Partition.cheese?(part.lines)
          "#{scattered ? "scatter" : "spread"} the #{part.name.to_s.downcase} over it"
        end
      end

      # What is rolled up in them: nil where it is all of one list.   @return [PartAnswer, nil]
      def rolled_in
        fills = @dish.joins.select { |found| found.how == "fills" }.map { |join| @answers[join.from] }
        fills = @answers.select { |answer| answer.part.family.nil? } if fills.empty?
        fills.find { |part| part.lines.any? { |line| !LAID.include?(line.ingredient) } }
      end

      def roll_up
        filling = rolled_in
        sauces = filling ? (@answers - [filling]).select { |part| sauce?(part) } : []
        poured = "; pour the #{Families::Companions.list(sauces.map { |part| part.name.to_s.downcase })} over"
        share = filling ? "the #{filling.name.to_s.downcase}" : "it"
        how = sheet == "shell" ? "Fill each shell with its share of #{share} " :
                                 "Spread each#{" #{sheet}" if rolled_sheets?} with its share of #{share}, roll it up, "
        "#{how}and lay them side by side in a buttered dish#{poured if sauces.any?}"
      end

      # One of flour, or one by its name.
      def sauce?(part) =
        part.part.role == :sauce || (part.part.family.nil? && part.name.to_s.match?(Meetings::POURED))

      # Slices and bought sheets by what they are; a sauce, a ragout by its name.
      def layer_name(part)
        laid = part.lines.select { |line| laid?(line) }
        return plain_name(part) if part.family || laid.empty? || laid.length < part.lines.length

        Families::Companions.list(laid.map { |line| layer(line) })
      end

      # "Dough" and "Over it" are names for the cook's list, not for what lies in the dish.
      def plain_name(part)
        return "what goes over it" if part.name == OverDough::NAME
        return "the coated pieces" if part.name == Naming::NAMED["breading"]

        part.family&.key == "gnocchi" && part.name == Naming::NAMED["gnocchi"] ? "gnocchi" : part.name.to_s.downcase
      end

      def layer(line) = Families::Companions.say(line, @catalogue) + (Bake.laid?(line) ? " in slices" : "")
    end
  end
end
