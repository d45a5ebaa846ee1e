# frozen_string_literal: true

module Restauro
  module Practice
    # A lesson at the pan: what is seen, what can be done, how it came out.
    class Pan
      KNOB = {"off" => "off", "low" => "lowest", "medium" => "medium", "high" => "high"}.freeze
      SAUCE = Families::Sauce
      # How long before it may have been thicker, s.
      BEFORE = [60, 120, 240, 360, 480, 600, 720, 900].freeze

      # The sauce as the book has it.   @return [Families::Sauce::Prediction]
      def self.book(lesson, catalogue)
        family = Families.fetch("sauce", catalogue)
        recipe = Recipes::Reader.new(catalogue, system: "metric").read(lesson.row["recipe"])
        family.predict(recipe, family.options(school: lesson.row["school"], altitude: lesson.number("metres", 0.0)))
      end

      attr_reader :hob

      # @param book [Families::Sauce::Prediction] see Pan.book
      def initialize(lesson, acts, seconds, catalogue, book: Pan.book(lesson, catalogue))
        @lesson = lesson
        @seconds = seconds
        @hob = Hob.new(lesson, acts, seconds, catalogue, book)
      end

      # @return [Hash] celsius, e, pa_s, film_mm, grade, boiling, whisk, lumps, skin, caught, colour, knob, liquid
      def scene
        {celsius: hob.point.celsius, e: hob.e, pa_s: hob.pa_s, film_mm: hob.film_mm, grade: seen(hob.pa_s).key,
         boiling: hob.boiling?,
         whisk: whisking?, lumps: lumps, skin: skin?, caught: caught?, colour: roux_colour, knob: hob.knob,
         liquid: hob.liquid?, minutes: @seconds / 60}
      end

      # @return [String] what is to be seen now
      def words
        return "The roux is #{roux_colour}. Nothing is poured yet." unless hob.liquid?

        ["After #{(@seconds / 60).round(1)} minutes #{heat_words}, and " \
         "#{seen(hob.pa_s).does}", ("there are lumps" if lumps == "high"),
         ("a skin is on it" if skin?), ("it catches at the bottom" if caught?)].compact.join("; ") + "."
      end

      # @return [Hash{String => String}] what can be done now
      def tools
        @lesson.tools.flat_map { |tool| send(:"#{tool}_tools").to_a }
          .to_h.merge("now" => "Now: off the heat, onto the plate")
      end

      # @return [Verdict, nil] once it is called done
      def verdict
        return Verdict.new(fault: spoilt, words: plate_words, hit: false) if spoilt

        off = Math.log(hob.e / wanted)
        hit = off.abs <= Math.log(1 + figure(:good_cook_share))
        Verdict.new(off: off, fault: hit ? nil : fault(off), words: plate_words, hit: hit)
      end

      private

      def figure(name) = Constants.fetch(:practice, name)
      def done(what) = hob.done(what)

      # What all of the starch comes to where all of it is in; else the grade that is asked for.
      def wanted =
        hob.starch_in_first? ? hob.book.flour_equivalents.value : SAUCE::Grade.fetch(@lesson.wants).flour_equivalents

      def spoilt
        return "not_in" if hob.e.zero? || @lesson.row["must"].to_a.any? { |tool| done(tool).empty? }
        return "lumps" if lumps == "high"
        return "caught" if caught?

        "late" if @lesson.row["by"] && @seconds > 60 * (@lesson.number("by") + 1)
      end

      def fault(off)
        return "too_thick" if off.positive?
        return "thinned" if most_before > (1 + figure(:good_cook_share)) * hob.e

        hob.cooked? ? "too_thin" : "off_early"
      end

      def most_before =
        BEFORE.map { |before| @seconds - before }.select(&:positive?).map { |at| hob.at(at).e }.max || 0.0

      def heat_words
        return "it boils" if hob.boiling?

        {80 => "it steams", 45 => "it is warm"}.find { |celsius, _| hob.point.celsius > celsius }&.last || "it is cold"
      end

      # What a thickness looks like, whatever its heat.
      def seen(pa_s) = SAUCE::Grade::ALL.reverse.find { |grade| pa_s >= looks(grade) } || SAUCE::Grade::ALL.first

      # From where on a grade is seen: some way under its middle.
      def looks(grade)
        e = [grade.flour_equivalents * figure(:looks_share), figure(:looks_least_e)].max
        Physics::Viscosity.pa_s(e, celsius: Constants.fetch(:sauce, :viscosity_celsius), base: hob.book.thin)
      end

      def plate_words
        cold = seen(hob.pa_s(Constants.fetch(:sauce, :fridge_celsius)))
        "On the plate it #{SAUCE::Grade.of(hob.e).does}, tomorrow from the fridge it #{cold.does}; wanted was that it #{SAUCE::Grade.of(wanted).does}"
      end

      # How it was put together, by the rule that real sauces go by.
      def lumps
        ways =
          done("pour").map(&:with) + hob.pours.map { |act, _| act.what == "dry" ? "dry_into_hot" : "slurry_thread" }
        levels = ways.map { |way| SAUCE::LumpRisk.assess(hob.formula, way).level }
        levels.max_by { |level| SAUCE::LumpRisk::LEVELS.index(level) } || "low"
      end

      def whisking? = done("whisk").last&.with == "on"
      def unwhisked_s = whisking? ? 0.0 : @seconds - (done("whisk").last&.seconds || 0.0)
      def skin? =
        hob.liquid? && hob.knob == "off" && hob.e > figure(:skin_least_e) && unwhisked_s > figure(:skin_seconds)

      def caught?
        hot = hob.boiling? && %w[medium high].include?(hob.knob) && hob.pa_s > figure(:catch_thickness)
        hot && [unwhisked_s, @seconds - (hob.result.boil_seconds || @seconds)].min > figure(:catch_seconds)
      end

      def roux_colour
        return "covered" if hob.liquid?

        SAUCE::Roux::COLOURS.reverse.find { |colour| SAUCE::Roux.seconds(colour) <= @seconds } || "raw"
      end

      def heat_tools =
        KNOB.reject { |level, _| level == hob.knob }.to_h { |level, words| ["heat:#{level}", "Heat #{words}"] }
      def slurry_tools = {"slurry:1" => "A spoon of slurry", "slurry:3" => "Three spoons of slurry"}
      def dry_tools = {"dry:1" => "A spoon of dry starch"}
      def whisk_tools = whisking? ? {"whisk:off" => "Put the whisk down"} : {"whisk:on" => "Whisk"}
      def lemon_tools = done("lemon").any? ? {} : {"lemon" => "The lemon juice"}

      def pour_tools
        return {} if done("pour").any?

        @lesson.row["pours"].to_h do |way|
          ["pour:#{way}", SAUCE::LumpRisk::POURS.fetch(way).first.sub(/\A./, &:upcase)]
        end
      end
    end
  end
end
