# frozen_string_literal: true

module Restauro
  module Heat
    # How thick a piece is where nothing tells: as its kind is sold, or as it is usually cut.
    module UsualPiece
      # A breast as it comes is thick; beaten flat or cut it is not.
      WHOLE, THIN = DataFiles.words("heat/words.yml").values_at(:whole_breast, :thin)
      # With something in its pocket, or rolled up around it.
      STUFFED = DataFiles.words("heat/words.yml").fetch(:stuffed)
      # Cut up before it is coated.
      THICK_FISH, CHUNKS, FINGERS, WING =
        DataFiles.words("heat/words.yml").values_at(:thick_fish, :chunks, :fingers, :wing)
      # On the bone, as thick as a wrist.
      JOINT = Regexp.union(DataFiles.words("heat/words.yml").fetch(:joint), PieceLine::CUT_UP_BIRD)
      BONED = DataFiles.words("heat/words.yml").fetch(:boned)
      private_constant :THICK_FISH, :CHUNKS, :WING

      module_function

      # A piece as thick as its kind usually is, where nothing tells.
      # @param line [Recipes::Line]
      # @return [Piece, nil]
      def of(line, catalogue)
        row = Food.row_of(line) or return
        text = PieceLine.words(line)
        said = text[PieceLine::KIND, 1]
        shape, thick = cut(text) || ball(row, said) || own(row, said) || whole(row, text, said)
        millimetres = thick.is_a?(Symbol) ? Constants.fetch(:heat, thick) : thick
        Piece.parse("#{row["word"]} #{shape} #{millimetres.round} mm", catalogue)
      end

      # "Chicken fillets, cubed" are cubes.   @return [Array(String, Symbol), nil] shape and how thick
      def cut(text)
        return ["cube", :usual_cube_mm] if text.match?(CHUNKS)

        ["stick", :usual_stick_mm] if text.match?(FINGERS)
      end

      # A joint of a bird, or a bird in pieces, its bones in it.   @param text [String] of a line
      def on_the_bone?(text) = text.match?(JOINT) && !text.match?(BONED)

      # What is cooked already is rolled a mouthful small.   @return [Array(String, Symbol), nil] shape and how thick
      def ball(row, said) =
        ([said, row["safety"] == "reheat" ? :usual_small_ball_mm : :usual_ball_mm] if said&.casecmp?("ball"))

      # What is sold or shaped as thick as that, whatever its shape.   @return [Array(String, Float), nil] shape and mm
      def own(row, said)
        found = DataFiles.table("heat/own_thickness.csv").find { |own| own["word"] == row["word"] }
        found && [said || row["shape"], Float(found["thick_mm"])]
      end

      # As it comes.   @param row [Hash] of its food   @param said [String, nil] the shape that the line names
      # @return [Array(String, Symbol)] shape and how thick
      def whole(row, text, said)
        return [said || "stick", :usual_wing_mm] if text.match?(WING)

        thick = !text.match?(THIN)
        return [said || "stick", :usual_joint_mm] if thick && on_the_bone?(text)

        fish = thick && row["shape"] == "fillet" && text.match?(THICK_FISH)
        return [said || row["shape"], :usual_thick_fish_mm] if fish

        whole = thick && text.match?(WHOLE)
        return [said || row["shape"], whole ? :usual_stuffed_mm : :usual_folded_mm] if text.match?(STUFFED)

        [said || row["shape"], whole ? :usual_breast_mm : :"usual_#{row["shape"]}_mm"]
      end
      private_class_method :cut, :ball, :own, :whole
    end
  end
end
