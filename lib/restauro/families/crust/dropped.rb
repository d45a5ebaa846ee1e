# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # A soft dough on a filling or a tray: by the spoonful, or patted flat and cut where its recipe does.
      #   Needs @ours, filled?, strewn and glaze.
      module Dropped
        CUT_OUT = DataFiles.words("families/crust/words.yml").fetch(:patted_and_cut)
        private_constant :CUT_OUT

        # @param recipe [Recipes::Recipe] of the whole dish
        # @return [Boolean] whether it pats the dough flat and cuts it
        def self.cut_out?(recipe) = Cover.words(recipe).match?(CUT_OUT)

        private

        def dropped = @ours.options.cut_out ? patted : spooned
        def over = ("; scatter #{strewn} over #{filled? ? "it" : "them"}" if strewn)

        def spooned
          where = filled? ? "over it" : "onto a lined tray"
          Step.new(kind: "shape", text: "Drop the dough by the spoonful #{where}, with gaps between#{over}.",
                   uses: glaze, look_for: "rough peaks: they brown", hold_minutes: 10)
        end

        # Softer than with wheat: flour on the hands holds it.
        def patted
          thick = Recipes::WeighedLine.tenths((@ours.thickness_mm / 10).round(1))
          rounds = [@ours.options.makes, "rounds"].compact.join(" ")
          where = filled? ? "over it" : "onto a lined tray"
          Step.new(kind: "shape",
                   text: "Pat it #{thick} cm thick on floured parchment, hands floured; cut #{rounds}, pressing the " \
                         "scraps together; lift them #{where}, with gaps between#{over}.",
                   uses: glaze, look_for: "sides cut clean, not smeared: they rise straight", hold_minutes: 10)
        end
      end
    end
  end
end
