module Restauro
  module Presenters
    # A batter's snapshot in the words and pictures of the page.
    class BatterView < SwapView
      def family = "batter"
      def ladder = Ladder.new(snapshot[:picture]).to_s
      def section = snapshot[:picture][:section]&.then { |section| SectionPicture.new(section).to_s }
      # What was kept before this was noted asks as it did.
      def by_the_piece? = snapshot[:picture].fetch(:by_the_piece, true)
      def how =
        if liquid.nil?
          "as it is"
        else
          "with #{liquid[:sure]} g #{liquid[:name]}, then up to #{liquid[:last]} g more by feel"
        end

      def texture_words
        snapshot[:target][:does]
      end

      def liquid = snapshot[:liquid]
      def other_amount(other) = "#{Format.list(other[:names])}, #{other[:liquid_grams]} g #{liquid && liquid[:name]}"
      def other_field = "flour"

      # Gas, where there is any.   @return [String, nil]
      def lift
        gas = snapshot[:gas]
        return if gas[:ours] < 2

        beside = gas[:wheat].positive? ? 100.0 * gas[:ours] / gas[:wheat] : 0
        much = beside.between?(85, 115) ? "as much as wheat's had" : "#{beside.round} % of what wheat's had"
        "It rises by its powder, #{gas[:wheat].positive? ? much : "which wheat's had not"}; steam swells it further." \
          "#{" #{gas[:left]} g of bicarbonate is left over and tastes of soap." if gas[:left].positive?}"
      end
    end
  end
end
