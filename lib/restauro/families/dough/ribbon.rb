module Restauro
  module Families
    class Dough
      # How wide a ribbon is cut, and how thick: as its recipe says, else by its name.
      module Ribbon
        SAID = /\bcut\b[^.;]{0,40}?\b(\d+(?:[.,]\d+)?)\s*-?\s*(mm|cm)\b[- ]?(?:wide|ribbons?|strips?|noodles?)/i
        ROLLED = /\broll\w*\b[^.;\d]{0,40}?\b(\d+(?:[.,]\d+)?)\s*-?\s*(mm|cm)\b
          (?!\s*(?:wide|x|×|squares?|rounds?|circles?|across))/ix
        NAMED = DataFiles.yaml("families/dough/ribbons.yml")
          .to_h { |words, mm| [/\b(?:#{words})/i, Float(mm)] }.freeze
        private_constant :SAID, :ROLLED, :NAMED

        module_function

        # @param recipe [Recipes::Recipe]   @return [Float, nil] mm
        def width_mm(recipe) = said_mm(recipe) || NAMED.find { |words, _| recipe.title.to_s.match?(words) }&.last

        # @return [Float, nil] mm, "Cut them 2 cm wide"
        def said_mm(recipe) = Heat::PieceLine.told_mm(recipe, SAID)

        # "Roll 1/8 inch thick": a thick noodle stays one; what is thinner than wheatless dough bears does not.
        # @param recipe [Recipes::Recipe]   @return [Float, nil] mm
        def thick_mm(recipe)
          least, most = %i[least_told_mm most_told_mm].map { |name| Constants.fetch(:dough, name) }
          Heat::PieceLine.told_mm(recipe, ROLLED)&.then { |thick| thick if thick.between?(least, most) }
        end
      end
    end
  end
end
