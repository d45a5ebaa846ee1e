# frozen_string_literal: true

module Restauro
  module Families
    class Crust
      # The rounds that hand pies are folded from: as many as the recipe makes, else as many as there are in the dough.
      #   count · across_cm · thickness_mm
      Rounds = Value.of(:count, :across_cm, :thickness_mm) do
        # @param crust [Prediction] of hand pies: its dough and options   @return [Rounds]
        def self.of(crust)
          fried_mm = Constants.fetch(:crust, :fried_mm) if crust.frying
          thick = crust.options.thickness_mm || fried_mm || crust.style.thickness_mm
          usual = crust.options.round_cm || Constants.fetch(:crust, crust.frying ? :fried_round_cm : :hand_round_cm)
          there_cm2 = 10 * crust.volume_cm3 / thick
          count = crust.options.makes
          unless count
            return new(count: [(there_cm2 / disc(usual)).round, 1].max, across_cm: usual, thickness_mm: thick)
          end

          across = [Math.sqrt(4 * there_cm2 / count / Math::PI), Constants.fetch(:crust, :most_round_cm)].min
          new(count: count, across_cm: across, thickness_mm: 10 * crust.volume_cm3 / count / disc(across))
        end

        # @return [Float] cm2
        def self.disc(across_cm) = Shaping::Sheets.disc(10 * across_cm) / 100
        # What all of them cover, folded in half.   @return [Float] cm2
        def folded_cm2 = count * Rounds.disc(across_cm) / 2
      end
    end
  end
end
