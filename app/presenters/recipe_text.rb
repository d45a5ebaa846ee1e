module Restauro
  module Presenters
    # A whole gluten-free recipe as plain text, to copy. It reads back as a recipe.
    class RecipeText
      # @param snapshot [Hash]
      def initialize(snapshot)
        @snapshot = snapshot
      end

      def to_s
        [title, "", "Ingredients:", *lines, "", "Method:", *steps, "", *notes].join("\n")
      end

      private

      def title = "#{@snapshot[:title] || "Sauce"} (gluten-free swap)"

      # The title is printed above; parts keep their own headings.
      def lines
        kept = @snapshot[:rows].flat_map { |row| row[:ours] }.reject { |line| line[:role] == "title" && line[:text].strip == @snapshot[:title] }
        kept.map { |line| line[:text].strip + (line[:understood] ? "" : "   [not understood, not counted]") }
      end

      def steps
        @snapshot[:method].each_with_index.map do |step, index|
          minutes = ("#{Format.minutes_text(step[:minutes])} min: " if step[:minutes]&.positive?)
          ["#{index + 1}. #{minutes}#{step[:text]}", step[:look_for] && "Look for: #{step[:look_for]}.", step[:caution]].compact.join(" ")
        end
      end

      def notes
        [*@snapshot[:warnings].map { |warning| "! #{warning[:text]}" },
         "What was found is marked; nothing here is called gluten free. Read every label, ask the maker."]
      end
    end
  end
end
