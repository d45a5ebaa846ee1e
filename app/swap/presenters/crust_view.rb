module Restauro
  module Presenters
    # A crust's snapshot in the words and pictures of the page.
    class CrustView < SwapView
      include HeldView

      COVERS = {
        "bottom" => "under its filling",
        "double" => "under and over",
        "top" => "on top",
        "free" => "free on a tray",
        "hand" => "folded over by the piece",
        "wrapped" => "wrapped around its filling"
      }.freeze

      def family = "crust"
      def ladder =
        snapshot[:target] &&
          Ladder.new(snapshot[:picture], low: 0.35, high: 1.8, ticks: [0.4, 0.5, 0.6, 0.8, 1, 1.5]).to_s
      # A bought sheet is not weighed out: it has no bar.
      def bars =
        if snapshot[:picture][:bars].values.all? { |bar| bar[:flour].positive? }
          CrustBars.new(snapshot[:picture][:bars]).to_s
        end
      def pan = no_oven? ? nil : snapshot[:picture][:pan]&.then { |pan| PanPicture.new(pan).to_s }
      # Small ones, each in its cup. One kept before that says nothing of them.
      def cups = no_oven? ? nil : snapshot[:picture][:cups]&.then { |cups| CupsPicture.new(cups).to_s }
      # What is folded or rolled up by the piece lies in no pan.
      def in_a_pan? = !%w[hand wrapped].include?(snapshot[:cover]) && !no_oven?
      # One kept before pies were fried says nothing of it.
      def fried? = snapshot[:picture][:bake][:fried] == true
      # Minutes in a basin over water, or nil.
      def steamed = snapshot[:picture][:bake][:steamed]
      # Cooked in a dry pan by the piece. One kept before that says nothing of it.
      def griddled? = snapshot[:picture][:bake][:griddled] == true
      def no_oven? = !steamed.nil? || griddled?
      # Neither it nor what is in it, where both only set.
      def oven? = !no_oven? && snapshot[:picture][:bake].values_at(:prebake, :bake).any?
      def bake = BakePicture.new(snapshot[:picture][:bake]).to_s
      def section = bake
      def layout = [bars, pan].compact.join
      def sheet = snapshot[:sheet]
      def filling = snapshot[:filling]

      def how
        return sheet_words if sheet
        return "as much as wheat's, #{where}" unless snapshot[:school]

        feel = snapshot[:by_feel]
        "#{snapshot[:style_say]} #{where}, held by #{snapshot[:school]}" \
          "#{": #{feel[:sure]} g of the water, then up to #{feel[:last]} g more by feel" if feel}"
      end

      def where = griddled? ? "by the piece" : COVERS.fetch(snapshot[:cover])

      def sheet_words
        rolled = sheet[:longer].positive? ? "rolled #{sheet[:longer]} % longer each way" : "as it comes"
        "#{sheet[:count]} sheet#{"s" if sheet[:count] > 1}, #{rolled}, #{Format.number(sheet[:thickness_mm])} mm; it rises to about " \
          "#{sheet[:rises_mm]} mm where wheat's would to #{sheet[:wheat_rises_mm]}"
      end

      def texture_words
        target = snapshot[:target]
        return "makes a soft dough that bends, rolled between two sheets" if griddled?
        return Format.makes(target[:does]) if target

        oven? ? "bakes as wheat's would, browning a little otherwise" : "sets as wheat's would"
      end

      # How long, at a glance.
      def minutes_words
        return "Steamed for #{steamed.round} min." if steamed
        return "From a hot dry pan, one at a time." if griddled?

        bake = snapshot[:picture][:bake]
        blind = bake[:prebake] && "#{(bake[:prebake] * slower).round} min blind"
        minutes = (bake[:agreed] || bake[:bake])&.*(slower)
        parts = [blind, minutes && "#{minutes.round} min#{" filled" if blind && filling}"].compact
        return if parts.empty?
        return "#{parts.first} at a time, in fat of #{bake[:oven]} °C." if fried?

        "#{parts.join(", then ")} at #{bake[:oven]} °C#{" in your oven" if slower != 1}."
      end

      # How many times as long this household's oven takes.
      def slower = snapshot.dig(:learnt, :oven, :factor) || 1

      # Baker's percentages, wheat's and ours.
      def fat_words
        wheat, ours = snapshot[:fat].values_at(:wheat, :ours)
        wheat && ours && "Fat over flour: wheat's #{Format.number(wheat)}, ours #{Format.number(ours)}."
      end

      # @return [Array<String>] each side's figures to a hundred of flour
      def percent_words
        {wheat: "Wheat", ours: "Ours"}.filter_map do |side, say|
          parts = snapshot[:percentages][side].map { |part| "#{part[:name]} #{Format.grams(part[:per_cent])}" }
          "#{say}: #{parts.join(", ")}." unless parts.empty?
        end
      end

      def filling_words
        return unless filling

        thick = filling[:thickeners].map { |line| "#{Format.grams(line[:grams])} g #{line[:name]}" }
        made = snapshot[:joins].to_a.filter_map do |join|
          join[:to] if parts.any? { |part| part[:name] == join[:to] && part[:family] }
        end
        with =
          (
            if thick.any?
              "thickened with #{Format.list(thick)}: #{filling[:does]}"
            else
              (made.any? ? "with what is made as #{Format.list(made)}" : "as it is")
            end
          )
        "The filling, #{filling[:grams]} g#{", #{Format.number(filling[:depth_cm])} cm deep" if filling[:depth_cm]}, #{with}. " \
          "Done#{" at #{filling[:done_celsius].round} °C" if filling[:done_celsius]}: #{filling[:why]}."
      end
    end
  end
end
