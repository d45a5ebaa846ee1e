# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # What boils down in a pan where nothing thickens it: tomatoes on mince, stock that meat goes tender in.
      #   Needs @swap, @lines, @companions, @filling, fats, left, list, group and whole_piece.
      module StewedFilling
        private

        # Meat that is stewed stands in what is poured until it is tender, and only then is that boiled down.
        def stewed_in_stock?
          wet? && @companions.at("brown").any? { |line| line.kind == "whole_meat" && line.grams } && !whole_piece
        end

        def in_its_stock
          poured = left.select { |line| line.role == "liquid" }
          cooked = [*@companions.early_steps(fats),
                    Step.new(kind: "boil", text: "Filling: pour in #{list(poured)}; bring it to the boil.",
                             minutes: Constants.fetch(:making, :back_minutes), uses: poured,
                             look_for: "bubbles right across"),
                    *@companions.simmer_steps]
          [*cooked, finished(left - cooked.flat_map(&:uses))].compact
        end

        # A pudding's gravy stays as it is.   @return [Step, nil]
        def finished(last)
          stirred = "stir in #{list(last)}" if last.any?
          if @swap.ours.steamed?
            return stirred && Step.new(kind: "mix", text: "Filling: #{stirred}.", uses: last, safety: @filling.safety)
          end

          Step.new(kind: "simmer", text: "Filling: #{[*stirred, "lid off; boil it down"].join("; ")}.", uses: last,
                   minutes: Constants.fetch(:making, :tender_minutes), safety: @filling.safety, look_for: THICK_ENOUGH)
        end

        # Tomatoes, wine or stock on what was browned, where nothing thickens it: boiled down.   @return [Step, nil]
        def stewed
          return if !wet? || whole_piece || %w[brown soften].none? { |stage| @companions.at(stage).any? }

          Step.new(kind: "simmer", text: "Filling: #{list(left)} into the pan; simmer gently.", uses: left,
                   minutes: Constants.fetch(:making, :tender_minutes), safety: @filling.safety,
                   look_for: THICK_ENOUGH)
        end

        def wet?
          poured = left.select { |line| line.role == "liquid" && line.grams }.sum { |line| line.grams.value }
          poured >= Constants.fetch(:dishes, :second_liquid_g) &&
            left.none? { |line| %w[egg cheese].include?(line.role) }
        end

        THICK_ENOUGH = "a spoon leaves a track: a wet filling makes a wet crust"
        private_constant :THICK_ENOUGH
      end
    end
  end
end
