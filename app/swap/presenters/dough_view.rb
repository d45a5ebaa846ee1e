module Restauro
  module Presenters
    # A dough's snapshot in the words and pictures of the page.
    class DoughView < SwapView
      include HeldView

      def family = snapshot[:family]
      def ladder = Ladder.new(snapshot[:picture], low: 0.35, high: 1.8, ticks: [0.4, 0.5, 0.6, 0.8, 1, 1.5]).to_s
      def layout = snapshot[:picture][:layout]&.then { |layout| LayoutPicture.new(layout).to_s }
      def section = snapshot[:picture][:boil]&.then { |boil| BoilPicture.new(boil, snapshot[:shape]).to_s }

      def how
        by_feel = snapshot[:by_feel]
        "held by #{snapshot[:school]}: #{by_feel[:sure]} g of the #{by_feel[:of]}, then up to #{by_feel[:last]} g more by feel"
      end

      def texture_words
        target = snapshot[:target]
        Format.makes(target[:does])
      end

      # How far it stretches, and what that bears.
      def stretch_words
        stretch = snapshot[:stretch]
        thin = stretch[:thinnest_mm] && ", rolls to #{Format.number(stretch[:thinnest_mm])} mm"
        "Stretch #{Format.number(stretch[:ours])} of gluten's; this shape needs #{Format.number(stretch[:needed])}#{thin}."
      end

      # What one weighing would be worth.   @return [String, nil]
      def surer_words
        surer = snapshot[:surer] or return
        "Weigh the root raw and cooked, and the flour is known to within #{surer[:weighed]} g instead of #{surer[:now]} g."
      end

      # Pieces and minutes at a glance.
      def minutes_words
        layout, boil, steam = snapshot[:picture].values_at(:layout, :boil, :steam)
        return steamed_words(layout, steam) if layout && steam
        return unless layout && boil && boil[:done]

        minutes = Format.minutes_text((2 * boil[:done]).ceil / 2.0)
        "#{layout[:pieces]} pieces, #{minutes} min in the pot.#{" Floating is not done." if boil[:floats_first]}"
      end

      private

      def steamed_words(layout, steam)
        minutes = Format.minutes_text(steam[:minutes])
        where = steam[:way] == "panned" ? "in a pan, #{minutes} min of it under the lid" : "#{minutes} min over steam"
        "#{layout[:pieces]} pieces, #{where}."
      end
    end
  end
end
