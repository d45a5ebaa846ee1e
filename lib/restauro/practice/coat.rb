# frozen_string_literal: true

module Restauro
  module Practice
    # A coated piece behind the glass of an oven, or in its oil: the section of the real dish, taken out when the
    # learner says.
    class Coat
      # The whole course of it, all at once and a few at a time.
      # @return [Hash{Boolean => Heat::Section::Result}] by whether they are few
      def self.sections(lesson, catalogue)
        few = lesson.tools.include?("fewer") ? [false, true] : [false]
        few.to_h do |fewer|
          coat = new(lesson, fewer ? [Play::Act.new(0.0, "fewer")] : [], 0.0, catalogue, sections: {})
          [fewer, Heat::Section.cook(coat.piece, coat.around, **taken_up)]
        end
      end

      # A wet coat of flour, egg and crumb, as a real one takes up.
      def self.taken_up
        thick, water, dry = %i[coat_mm coat_water_kg_m2 coat_dry_kg_m2].map { |name| Constants.fetch(:practice, name) }
        {coat_m: thick / 1000, coat_water_kg_m2: water, coat_dry_kg_m2: dry}
      end

      attr_reader :piece

      # @param sections see Coat.sections
      def initialize(lesson, acts, seconds, catalogue, sections: Coat.sections(lesson, catalogue))
        @lesson, @acts, @seconds = lesson, acts, seconds
        @piece = Heat::Piece.parse(lesson.row["piece"], catalogue)
        @section = sections[fewer?]
      end

      # The oven, or the oil as it is with so much in it.
      def around
        return Heat::Surroundings.oven(Kitchen::OvenTemperature.parse(@lesson.row["oven"])) unless frying

        Heat::Surroundings.oil(
          Heat::Frying.new(**frying.to_h, celsius: [oil_celsius, Constants.fetch(:heat, :frying_least_celsius)].max)
        )
      end

      # @return [Hash] colour raw, pale, golden, dark or burnt · crisp · centre C · profile, shown once it is cut · oil
      def scene
        {
          colour: colour,
          crisp: crisp?,
          centre: point.centre,
          profile: (point.profile if out?),
          oil: oil_celsius,
          kind: @piece.kind,
          minutes: minutes
        }
      end

      # @return [String] what is to be seen now
      def words
        [
          "After #{minutes.round(1)} minutes the coat is #{colour}#{", and crisp" if crisp?}",
          ("the oil has dropped to #{oil_celsius.round} °C" if dropped?)
        ].compact.join("; ") + "."
      end

      # @return [Hash{String => String}] what can be done now
      def tools
        fewer = @lesson.tools.include?("fewer") && !fewer? ? {"fewer" => "A few at a time instead"} : {}
        {**fewer, "now" => "Now: take it out and cut it"}
      end

      # @return [Verdict, nil] once it is taken out
      def verdict
        fault =
          if @section.burnt && minutes >= @section.burnt
            "burnt"
          elsif greasy?
            "greasy"
          elsif @section.done.nil? || minutes < @section.done
            "raw"
          elsif !crisp?
            "pale"
          end
        middle =
          "The middle is at #{point.centre.round} °C (it wants #{@piece.food.done_celsius.round}); the coat is #{colour}"
        Verdict.new(fault: fault, words: middle, hit: fault.nil?)
      end

      # Minutes at which it is crisp, done, brown and burnt, by the real dish's own section.
      # @return [Heat::Section::Result]
      attr_reader :section

      private

      def minutes = @seconds / 60
      def out? = @acts.any? { |act| act.what == "now" }
      def fewer? = @acts.any? { |act| act.what == "fewer" }
      # All at once, or as many as the oil bears.
      def pieces = fewer? ? [(frying.batch_g / @piece.size.first).floor, 1].max : @lesson.number("pieces", 1.0)
      def frying = @lesson.row["oil"] && Heat::Frying.parse(@lesson.row["oil"])

      # What the oil comes to with so much in it.
      def oil_celsius
        return unless frying

        Heat::Oil.after_loading(oil_g: frying.grams, food_g: pieces * @piece.size.first, oil_celsius: frying.celsius)
      end

      def dropped? = frying && oil_celsius < frying.celsius - Constants.fetch(:practice, :oil_drop_celsius)
      def greasy? = frying && oil_celsius < Constants.fetch(:heat, :oil_least_celsius)

      def point = @section.points.reverse.find { |one| one.minutes <= minutes } || @section.points.first
      def crisp? = @section.crisp && minutes >= @section.crisp

      def colour
        return "burnt" if @section.burnt && minutes >= @section.burnt
        return "golden" if @section.brown && minutes >= @section.brown
        return "pale" if crisp?

        "wet"
      end
    end
  end
end
