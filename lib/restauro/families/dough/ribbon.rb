module Restauro
  module Families
    class Dough
      # How wide a ribbon is cut: as its recipe says, else by its name.
      module Ribbon
        SAID = /\bcut\b[^.;]{0,40}?\b(\d+(?:[.,]\d+)?)\s*-?\s*(mm|cm)\b[- ]?(?:wide|ribbons?|strips?|noodles?)/i
        NAMED = DataFiles.yaml("families/dough/ribbons.yml")
          .to_h { |words, mm| [/\b(?:#{words})/i, Float(mm)] }.freeze
        private_constant :SAID, :NAMED

        module_function

        # @param recipe [Recipes::Recipe]   @return [Float, nil] mm
        def width_mm(recipe) = said_mm(recipe) || NAMED.find { |words, _| recipe.title.to_s.match?(words) }&.last

        # @return [Float, nil] mm, "Cut them 2 cm wide"
        def said_mm(recipe)
          match = recipe.steps.lazy.filter_map { |line| SAID.match(line.text) }.first or return
          match[1].tr(",", ".").to_f * (match[2].casecmp?("cm") ? 10 : 1)
        end
      end
    end
  end
end
