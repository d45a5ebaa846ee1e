# frozen_string_literal: true

module Restauro
  module Families
    class Dough
      # What hands, spoons and a board make of a dough that no pin rolls.   Needs @plan, @ours, hands,
      #   mm, tenths and length.
      module HandShapes
        FINGERS = DataFiles.words("families/dough/shapes.yml").fetch(:fingers)
        private_constant :FINGERS

        # @return [Array<Step>] a rope, cut
        def dumpling
          d = mm(@plan.thickness_mm)
          [Step.new(kind: "shape", minutes: hands,
                    text: "Roll ropes #{d} mm thick, cut every #{d} mm: #{@plan.pieces} pieces of " \
                          "#{tenths(@plan.piece_g)} g#{fingers}.",
                    look_for: "a rope that breaks is too dry, one that flattens is too wet")]
        end

        # By the dish's name or its steps.
        def fingers
          words = @ours.recipe.lines.select(&:words?).map(&:text)
          "; roll each under the palm to a finger, pointed at both ends" if words.any?(FINGERS)
        end

        # @return [Array<Step>] balls between wet hands, one around each fruit where there is any
        def round
          each = "#{tenths(@plan.piece_g)} g"
          inside = @ours.filling_each_g&.positive?
          how = "With wet hands, smooth balls of #{each}, #{mm(@plan.thickness_mm.round)} mm across"
          if inside
            how = "Flatten #{each} at a time in a wet hand, lay one piece of the filling on it, close it all round, " \
                  "roll it smooth"
          end
          [Step.new(kind: "shape", minutes: hands, text: "#{how}: #{@plan.pieces} of them.",
                    look_for: "no crack anywhere: water gets in there")]
        end

        # @return [Array<Step>] a thin rope, cut and pressed by the thumb
        def thumbed
          d = mm(@plan.thickness_mm)
          [Step.new(kind: "shape", minutes: hands,
                    text: "Roll ropes #{d} mm thick, cut every #{d} mm; press each with the thumb or a blunt knife " \
                          "and drag it towards you: #{@plan.pieces} pieces of #{tenths(@plan.piece_g)} g.",
                    look_for: "a hollow #{mm(@plan.path_mm)} mm thick at most; a piece that tears: wet the hands")]
        end

        # @return [Array<Step>] strings rolled under the palms
        def strings
          [Step.new(kind: "shape", minutes: hands,
                    text: "Pull off #{tenths(@plan.piece_g)} g at a time, the rest wrapped, and roll each under the " \
                          "palms to a string #{mm(@plan.thickness_mm)} mm thick: #{@plan.pieces} of " \
                          "#{length(:strand_length_mm)} cm.",
                    look_for: "even all along; it breaks: damp the hands and roll more slowly")]
        end

        # @return [Array<Step>] balls off two spoons
        def spooned
          [Step.new(kind: "shape", minutes: hands,
                    text: "With two wet spoons, balls of #{tenths(@plan.piece_g)} g: #{@plan.pieces} of them.",
                    look_for: "it drops off the spoon when pushed, not by itself")]
        end

        # @return [Array<Step>] through holes, over the pot
        def pushed
          [Step.new(kind: "shape", minutes: hands,
                    text: "Have a colander with wide holes, or a board and a knife, over the pot; push it through by " \
                          "the ladle.",
                    look_for: "it falls in short strings; too stiff: a splash of water")]
        end
      end
    end
  end
end
