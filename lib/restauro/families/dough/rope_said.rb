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
          least, most = %i[least_mm most_mm].map { |name| Constants.fetch(:dough, name) }
          Heat::PieceLine.told_mm(recipe, SAID)&.then { |thick| thick if thick.between?(least, most) }
        end
      end
    end
  end
end
