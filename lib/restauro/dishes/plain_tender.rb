# frozen_string_literal: true

module Restauro
  module Dishes
    # What goes tender: simmered in what is poured, or boiled, and then blended or dressed.
    #   Needs @part, @simmer_minutes, name, list and cooks?.
    module PlainTender
      PUREED = DataFiles.words("dishes/words.yml").fetch(:pureed)
      # What makes vegetables glossy.
      DRESSES = %w[fat liquid].freeze
      THIN = %w[stock water].freeze
      private_constant :DRESSES, :THIN

      private

      # More than a spoon of it beside what is tender: they simmer in it.
      def poured?(lines)
        liquids = lines.select { |line| line.role == "liquid" }
        liquids.any? && weight(liquids) >= Constants.fetch(:making, :spoonful_share) * weight(tender(lines))
      end

      def weight(lines) = lines.sum { |line| line.grams&.value.to_f }
      def tender(lines) = lines.select { |line| simmers?(line) }
      # Stock and water stay thin, where there is more of them than of what swims in them.
      def boils_down(liquids, lines)
        thin = liquids.all? { |line| THIN.include?(line.ingredient) } && weight(liquids) > weight(tender(lines))
        thin ? "a bubble here and there" : "thick enough that a spoon leaves a track"
      end

      # What is poured simmers with what is tender in it: a ragout, a tomato sauce.
      def simmer_in(simmer, rest, lines)
        liquids = rest.select { |line| line.role == "liquid" }
        return simmer if !poured?(lines) || lines.none? { |line| simmers?(line) }

        along, after = along(simmer)
        [
          *along,
          Families::Step.new(
            kind: "simmer",
            text: "#{name}: pour in #{list(liquids)}; simmer gently.",
            minutes: @simmer_minutes,
            uses: liquids,
            look_for: boils_down(liquids, lines)
          ),
          *after
        ]
      end

      # Mince that was browned simmers as long as a ragout does.   @return [Array(Array, Array)] of steps
      def along(simmer)
        return [[], simmer] if @simmer_minutes.to_f < Constants.fetch(:making, :tender_minutes)

        simmer.partition { |step| step.uses.any? && step.uses.all?(&:minced?) }
      end

      def simmers?(line) = line.role == "other" && cooks?(line)

      # What was cooked until tender, with what makes it smooth; butter alone is turned through it.
      # @return [Families::Step, nil]
      def blended_or_dressed(rest, lines)
        if pureed? && rest.length < lines.length
          return Families::Step.new(kind: "mix", text: "#{name}: blend it with #{list(rest)}.", uses: rest,
                                    look_for: "smooth")
        end
        return if lines.none? { |line| simmers?(line) } || !rest.all? { |line| DRESSES.include?(line.role) }

        Families::Step.new(kind: "mix", text: "#{name}: turn it in #{list(rest)}.", uses: rest,
                           look_for: "glossy all over")
      end

      # "Mushy peas", by the part's name or by the dish's.
      def pureed?
        words = @part.recipe.lines.select { |line| line.role == "title" }.map(&:text).join("; ")
        name.match?(PUREED) || words.match?(/#{PUREED}\s+#{Regexp.escape(name)}/i)
      end
    end
  end
end
