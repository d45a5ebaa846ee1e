# frozen_string_literal: true

module Restauro
  module Practice
    # Dumplings in boiling water: they float long before their middle is hot.
    class Pot
      def initialize(lesson, acts, seconds, catalogue)
        @lesson, @acts, @seconds = lesson, acts, seconds
        @body =
          Heat::Boiled.new(
            shape: :short_cylinder,
            thickness_m: lesson.number("mm") / 1000,
            food: Heat::Food.named("potato", catalogue),
            around: Physics::Air.boiling_celsius(Physics::Air.pressure_pa(0))
          )
      end

      # @return [Hash] floating · centre C and profile once one is cut · minutes
      def scene =
        {
          floating: floating?,
          cut: cut? || over?,
          centre: centre,
          profile: cut? || over? ? @body.profile(minutes) : nil,
          minutes: minutes
        }

      # @return [String] what is to be seen now
      def words
        where = floating? ? "float" : "lie at the bottom"
        [
          "After #{minutes.round(1)} minutes they #{where}",
          ("the one that is cut is #{middle_words}" if cut?)
        ].compact.join("; ") + "."
      end

      # @return [Hash{String => String}] what can be done now
      def tools = {"cut" => "Cut one", "now" => "Now: lift them out"}

      # @return [Verdict, nil] once they are lifted out
      def verdict
        overdone = Constants.fetch(:practice, :overdone_times) * done_minutes
        fault = minutes < done_minutes ? "raw" : (minutes > overdone ? "overdone" : nil)
        words =
          "The middle is at #{centre.round} °C: #{middle_words}. They were done after #{done_minutes.round(1)} minutes"
        Verdict.new(fault: fault, words: words, hit: fault.nil?)
      end

      # By the real pot's own rule.
      def done_minutes = @body.minutes_to(Constants.fetch(:boil, :done_celsius))
      def floating? = minutes >= Constants.fetch(:boil, :float_minutes)

      private

      def minutes = @seconds / 60
      def over? = @acts.any? { |act| act.what == "now" }
      def cut? =
        @acts.any? do |act|
          act.what == "cut" && (@seconds - act.seconds).between?(0, Constants.fetch(:practice, :cut_shown_seconds))
        end
      def centre = @body.centre(minutes)
      def middle_words =
        centre < Constants.fetch(:boil, :done_celsius) ? "raw and pasty in the middle" : "cooked through"
    end
  end
end
