# frozen_string_literal: true

module Restauro
  module Practice
    # One mistake, to be made and seen.   key · kind pan, hands, coat or pot · title · guess Hash ask, options, right
    #   otherwise what to do instead · row the set-up, as in data/practice/lessons.yml
    Lesson = Value.of(:key, :kind, :title, :guess, :otherwise, :row) do
      def tools = row["tools"]
      def wants = row["wants"]
      # The mistake it is about.
      def about = row["mistake_is"]
      def number(name, usual = nil) = row[name] ? Float(row[name]) : usual
    end

    class << Lesson
      # A sauce of the learner's own, before it is cooked for real.
      # @param recipe [Recipes::Recipe] ours
      # @param swap [Families::Sauce::Swap]
      # @return [Hash] a row as in data/practice/lessons.yml
      def own_row(title, swap)
        slurry = swap.school != "roux"
        starch = swap.thickeners.sum { |line| line.grams.value }
        {
          "kind" => "pan",
          "title" => title,
          "recipe" => "#{title}\n#{swap.ours.recipe.ingredients.select(&:counted?).map(&:text).join("\n")}",
          "school" => slurry ? "slurry" : "roux",
          "start" => "medium",
          "spoon" => (starch / 5).round(2).to_s,
          "wants" => swap.grade.key,
          "tools" => ["heat", slurry ? "slurry" : "pour", "whisk"],
          "pours" => %w[cold_at_once portions hot_at_once],
          "guess" => {
            "ask" => "How should it look in the pan when it is right?",
            "options" => ["as on the plate", "clearly thinner", "clearly thicker"],
            "right" => "clearly thinner"
          },
          "otherwise" => "Look at its plan again: the minutes and the moment are there.",
          "mistake_is" => "too_thick"
        }
      end

      def of_row(key, row) =
        new(
          key: key,
          kind: row["kind"],
          title: row["title"],
          guess: row["guess"],
          otherwise: row["otherwise"],
          row: row
        )

      def all
        @all ||= DataFiles.yaml("practice/lessons.yml").map { |key, row| of_row(key, row) }.freeze
      end

      # What a dish that failed is best practised by.
      # @param family [String]
      # @param words [String] what went into it
      # @return [Lesson, nil]
      def for(family, words)
        key = BY_FAMILY.fetch(family) { words.match?(/potato starch|tapioca/i) ? "potato_held" : "thin_in_the_pan" }
        fetch(key)
      end
      BY_FAMILY = {
        "gnocchi" => "floating_is_not_done",
        "pasta" => "cracks_at_the_bend",
        "crust" => "cracks_at_the_bend",
        "breading" => "brown_is_not_done",
        "batter" => "too_much_in_the_oil"
      }.freeze

      # @raise [NotFound]
      def fetch(key) =
        all.find { |lesson| lesson.key == key } || raise(NotFound, "there is no lesson '#{key.to_s[0, 40]}'")
    end
  end
end
