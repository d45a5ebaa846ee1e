# frozen_string_literal: true

module Restauro
  module Dishes
    # Tomatoes out of a tin or a bottle in a part without flour.
    #   Needs name, list, cooks?, @simmer_minutes, @catalogue.
    module PlainTomatoes
      TOMATOES = PlainSauces::TOMATOES
      # "Basil, for garnish"
      WHY = /,?\s+(?:for|to)\s+(?:the\s+)?\p{L}+\z/
      PASTA = %w[gf_pasta gf_pasta_sheets gf_noodles].freeze
      private_constant :TOMATOES, :WHY, :PASTA

      private

      # Tomatoes by themselves, or with cheese to lay on them, which other things are softened under.
      def tomatoes?(lines)
        early = lines.any? { |line| line.role == "cheese" } ? lines.select { |line| line.kind == "soften" } : []
        lines.any? { |line| line.ingredient == TOMATOES } &&
          (lines - early).none? { |line| cooks?(line) || line.role == "egg" }
      end

      def tomatoes(lines)
        early = lines.select { |line| PASTA.include?(line.ingredient) || line.kind == "soften" }
        fats = early.any? { |line| line.kind == "soften" } ? lines.select { |line| line.role == "fat" } : []
        cheese, rest = (lines - early - fats).partition { |line| line.role == "cheese" }
        leaves = rest.select { |line| line.kind == "herb" && line.text.match?(Recipes::Served::GARNISH) }
        simmer =
          Families::Step.new(
            kind: "simmer",
            text: "#{name}: simmer #{list(rest - leaves)} gently.",
            uses: rest - leaves,
            minutes: @simmer_minutes,
            look_for: "thick enough that a spoon leaves a track"
          )
        [*Families::Companions.new(early, @catalogue).early_steps(fats), simmer, *over_tomatoes(cheese, leaves)]
      end

      # @return [Array<Families::Step>]
      def over_tomatoes(cheese, leaves)
        ready = "#{name}: have #{list(cheese)} ready to lay over it."
        names = list(leaves).sub(WHY, "")
        over = "#{names[0].upcase}#{names[1..]} over it, at the table." if leaves.any?
        [(Families::Step.new(kind: "mix", text: ready, uses: cheese) if cheese.any?),
         (Families::Step.new(kind: "serve", text: over, uses: leaves) if over)].compact
      end
    end
  end
end
