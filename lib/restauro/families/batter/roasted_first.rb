# frozen_string_literal: true

module Restauro
  module Families
    class Batter
      # What a recipe roasts in the tin before the batter is poured around it: "sausages into the roasting tin with the
      # lard, 15 minutes". Else it is browned in a pan first.
      module RoastedFirst
        ROASTS, IN_A_PAN, POURS =
          DataFiles.words("families/batter/words.yml").values_at(:roasts_first, :in_a_pan_first, :pours_batter)
        private_constant :ROASTS, :IN_A_PAN, :POURS

        module_function

        # @param recipe [Recipes::Recipe] as it was told   @param lines [Array<Recipes::Line>] that lie in the tin
        # @return [Hash{Recipes::Line => Float}] min of those that are roasted
        def of(recipe, lines) =
          lines.to_h { |line| [line, minutes(recipe, line)] }.compact.compare_by_identity

        def minutes(recipe, line)
          before = Recipes::Sentences.of_steps(recipe.lines).take_while { |text| !text.match?(POURS) }
          before.lazy.select { |text| roasts?(text, line) }.filter_map { |text| Recipes::TimeSaid.of(text).first }.first
        end

        def roasts?(text, line) =
          Recipes::Sentences.name?(text, line) && text.match?(ROASTS) && !text.match?(IN_A_PAN)
        private_class_method :minutes, :roasts?
      end
    end
  end
end
