# frozen_string_literal: true

module Restauro
  module Families
    class Sauce
      # The steps of a swap from when it comes off the heat: what goes in last, how it is served and kept.
      class Finish
        include Blended

        # Whether something sharp should go in last: acid with a strong buffer and no alcohol to boil off.
        # @param ingredient [Ingredient, nil]
        def self.sharp?(ingredient)
          return false unless ingredient&.ph && ingredient.group != "fruit"

          ingredient.ph < Constants.fetch(:sauce, :sharp_ph) &&
            ingredient.buffer_mmol_kg_ph >= Constants.fetch(:sauce, :sharp_buffer) && ingredient.alcohol_pct.to_f.zero?
        end

        # "Bay leaf"; of "4 cloves" the amount is all there is.   @param lines [Array<Recipes::Line>]   @return [String]
        def self.names(lines) =
          Companions.list(lines.map { |line| [line.name_text, line.text].compact.map(&:strip).reject(&:empty?).first })

        def initialize(swap, catalogue, lines)
          @swap = swap
          @ours = swap.ours
          @catalogue = catalogue
          @lines = lines
          freeze
        end

        # @return [Array<Step>]
        def steps = [fished, blended, cheese, yolks, finish, @lines.toast.step, stand, keep].compact

        private

        def minutes(seconds) = (seconds / 60.0 * 2).round / 2.0

        # What only gave its taste.
        def fished
          out = @lines.companions.at("infuse")
          return if out.empty? || @lines.of_crumbs?

          Step.new(kind: "finish", text: "Lift out #{Finish.names(out)}.", uses: out)
        end

        def cheese
          cheeses = @lines.cheeses
          return if cheeses.empty?

          Step.new(
            kind: "finish",
            text: "Off the boil, by handfuls, stirring each until it has melted: #{@lines.list(cheeses)}.",
            uses: cheeses,
            caution: Cautions.strings(@ours)
          )
        end

        # In a thin sauce the yolks go in last, below the boil.
        def yolks
          eggs = @lines.eggs
          return if eggs.empty? || @ours.boiled_eggs?
          return whipped(eggs) if eggs.any? { |line| Recipes::PartedEggs.line?(line) }

          Step.new(
            kind: "finish",
            text:
              "Off the heat: a ladle of the sauce into #{@lines.list(@lines.liaison)}, whisking; back into the pan, gently, " \
                "without boiling.",
            minutes: Constants.fetch(:making, :yolks_minutes),
            uses: @lines.liaison,
            look_for: "it coats the spoon; grains mean it got too hot: blend it",
            safety: ["yolk_late"]
          )
        end

        # Yolks beaten in, whites whipped and folded: what is to rise is not boiled.
        def whipped(eggs)
          Step.new(
            kind: "finish",
            text:
              "Off the heat, the yolks of #{@lines.list(eggs)} in, one by one; whip the whites to soft peaks, " \
                "fold them in by thirds.",
            minutes: Constants.fetch(:making, :whites_minutes),
            uses: eggs,
            look_for: "no streaks of white, still full of air",
            safety: ["egg_dish"]
          )
        end

        # Herbs, mustard, what is sharp; salt is tasted for last.
        def finish
          crumbs = @lines.of_crumbs? ? [] : @lines.crumbs
          late = [*@lines.companions.at("finish"), *crumbs, *@lines.last]
          return if late.empty?

          salt, rest = late.partition { |line| %w[fine_salt flake_salt].include?(line.ingredient) }
          words = [
            ("stir in #{@lines.list(rest)}" if rest.any?),
            ("taste for salt last (#{@lines.list(salt)})" if salt.any?)
          ].compact
          Step.new(
            kind: "finish",
            text: "Off the heat, #{words.join("; ")}.",
            uses: late,
            safety: @lines.companions.safety(@lines.companions.at("finish")),
            look_for:
              (
                if rest.any? { |line| Finish.sharp?(@catalogue.find_key(line.ingredient)) }
                  "sharp things thin it if they boil: now, not before"
                end
              )
          )
        end

        def stand
          table, pasta = %w[table boiled].map { |stage| @lines.companions.at(stage) - @lines.toast.lines }
          return if @ours.cooling.empty? && table.empty?

          served = "erve at about #{@ours.serve_celsius.round} °C"
          turned = "Turn #{@lines.list(pasta)} in it, with a splash of its water where it is dry; s" if pasta.any?
          Step.new(
            kind: "serve",
            text: "#{turned || "S"}#{served}#{", with #{@lines.list(table)} beside it" if table.any?}.",
            uses: [*pasta, *table], safety: @lines.companions.safety(table),
            minutes: @ours.cooling.empty? ? nil : minutes(@ours.cooling.last.seconds - @ours.end_seconds),
            look_for: "#{LookFors.does(@ours.viscosity_plate.value)}; it goes on thickening as it cools"
          )
        end

        def keep
          storage =
            DataFiles
              .yaml("families/sauce/thickener_notes.yml")
              .values_at(*@swap.thickeners.map(&:ingredient))
              .compact
              .flatten
              .select { |note| note["kind"] == "storage" }
              .map { |note| note["text"] }
          Step.new(
            kind: "store",
            text: "Keep what is left in a shallow dish in the fridge; reheat it to a rolling boil.",
            caution: storage.any? ? storage.join(" ") : nil,
            safety: %w[leftovers cooling reheat]
          )
        end
      end
    end
  end
end
