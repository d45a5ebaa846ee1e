module Restauro
  module Presenters
    # A batter's snapshot in the words and pictures of the page.
    class BatterView < SwapView
      def family = "batter"
      def ladder = Ladder.new(snapshot[:picture]).to_s
      def section = snapshot[:picture][:section]&.then { |section| SectionPicture.new(section).to_s }
      def how = liquid.nil? ? "as it is" : "with #{liquid[:sure]} g #{liquid[:name]}, then up to #{liquid[:last]} g more by feel"

      def texture_words
        target = snapshot[:target]
        "#{target[:does]} (#{target[:grade].tr("_", " ")}, water ratio #{Format.number(target[:ratio])})"
      end

      def liquid = snapshot[:liquid]
      def other_amount(other) = "#{Format.list(other[:names])}, #{other[:liquid_grams]} g #{liquid && liquid[:name]}"
      def other_field = "flour"

      # Gas, where there is any.   @return [String, nil]
      def lift
        gas = snapshot[:gas]
        return if gas[:ours] < 2

        "Lift: #{gas[:ours]} mL of dry gas in 100 g of batter at 100 °C (#{gas[:moles]} mmol in all), wheat's had #{gas[:wheat]}; " \
          "steam swells it further. #{gas[:left].positive? ? "#{gas[:left]} g of bicarbonate is left over." : "Nothing is left over."}"
      end
    end
  end
end
