# frozen_string_literal: true

module Restauro
  module Families
    class Dough
      # How thick the ropes are rolled that pieces are cut from, where a step says so: "ropes of 1.5 cm".
      module RopeSaid
        ROPES = DataFiles.words("families/dough/shapes.yml").fetch(:ropes)
        SAID = /#{ROPES}[^.;\d]{0,25}?#{Heat::PieceLine::THICK}|#{Heat::PieceLine::THICK}[- ]*(?:thick )?#{ROPES}/i
        private_constant :ROPES, :SAID

        module_function

        # @param recipe [Recipes::Recipe]   @return [Float, nil] mm
        def mm(recipe)
          texts = recipe.steps.map { |line| Heat::PieceLine.metric(line.text) }
          found = texts.lazy.filter_map { |text| SAID.match(text) }.first or return
          figure, unit = found.captures.compact
          thick = figure.tr(",", ".").to_f * (unit.casecmp?("cm") ? 10 : 1)
          least, most = %i[least_mm most_mm].map { |name| Constants.fetch(:dough, name) }
          thick if thick.between?(least, most)
        end
      end
    end
  end
end
