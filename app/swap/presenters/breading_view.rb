module Restauro
  module Presenters
    # A crumb coat's snapshot in the words and pictures of the page.
    class BreadingView < SwapView
      def family = "breading"
      # Cakes that are fried bare have no coat to draw.
      def layers = (Layers.new(snapshot[:picture]).to_s if snapshot[:picture][:ours].any?)
      def section = snapshot[:picture][:section]&.then { |section| SectionPicture.new(section).to_s }

      def how
        return "for #{snapshot[:pieces] || "all"} cakes, gram for gram" if snapshot[:bound]
        return "for #{snapshot[:pieces]} pieces, what stays in the dishes counted in" if snapshot[:pieces]

        "as much by volume; say how thick the pieces are, and it is weighed for them"
      end

      def texture_words
        return "is in the cakes with the egg, and holds them together" if snapshot[:bound]

        "#{snapshot[:target][:does]}: #{Format.number(snapshot[:coat_mm])} mm, wheat's #{snapshot[:target][:coat_mm]} mm"
      end

      def other_amount(other) =
        [other[:grams]&.then { |grams| "#{grams} g" }, Format.list(other[:names])].compact.join(" ")
      def other_field = "crumb"
    end
  end
end
