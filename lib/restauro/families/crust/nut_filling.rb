# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # Nuts creamed with butter, sugar and egg, on jam where there is some.   Needs @filling, left, list and group.
      module NutFilling
        FLAKED = DataFiles.words("families/crust/words.yml").fetch(:flaked)
        private_constant :FLAKED

        private

        # Fruit and flakes last.   @return [Step]
        def creamed
          under, over = [ByKind::SPREAD, FLAKED].map { |words| left.select { |line| line.text.match?(words) } }
          over += left.select { |line| group(line) == "fruit" }
          inner = left - under - over
          first, rest = inner.partition { |line| line.role == "fat" || group(line) == "sugar" }
          words = [("#{list(under)} spread on the base" if under.any?), beaten(first, rest),
                   ("#{list(over)} laid over it" if over.any?)]
          fluffy = "pale and fluffy before the egg goes in; " if first.any? { |line| line.role == "fat" }
          Step.new(kind: "mix", text: "Filling: #{words.compact.join("; ")}.", uses: left, safety: @filling.safety,
                   look_for: "#{fluffy}no streaks#{" after" if fluffy}")
        end

        def beaten(first, rest)
          return "beat #{list(first + rest)} smooth" if first.none? { |line| line.role == "fat" }

          "cream #{list(first)}; beat in #{list(rest)}"
        end
      end
    end
  end
end
