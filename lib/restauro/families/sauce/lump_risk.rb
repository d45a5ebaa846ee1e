module Restauro
  module Families
    class Sauce
      # Whether the grains clump: they do when they paste before they are apart. The two masses are mixed (calorimetry)
      # and their temperature set against the thickener's pasting onset; fat or cold water around the grains keeps them
      # apart, a slow pour gives them time.
      class LumpRisk
        # How things are put together: what it is called, what keeps the grains apart, how it is poured.
        POURS = {
          "cold_at_once" => ["cold liquid all at once onto the roux, whisked", :fat, 1],
          "portions" => ["liquid in four or five portions, smooth each time", :fat, 2],
          "hot_at_once" => ["hot liquid all at once onto the hot roux", :fat, 0],
          "slurry_thread" => ["a cold slurry in a thin stream into simmering liquid", :water, 2],
          "slurry_at_once" => ["a cold slurry all at once into boiling liquid", :water, 0],
          "dry_into_hot" => ["dry starch into hot liquid", :nothing, 0]
        }.freeze
        SAFER = {"roux" => "cold_at_once", "slurry" => "slurry_thread"}.freeze
        LEVELS = %w[low middling high].freeze

        # level of LEVELS · celsius C where the two meet · onset C · words what happens, and the safer order when there
        # is one
        Result = Value.of(:pour, :level, :celsius, :onset, :words)

        # The usual way of a school.
        def self.usual(school) = SAFER.fetch(school, "slurry_thread")
        # The ways that a school can be put together.
        def self.of(school) =
          POURS.keys.select { |pour| school == "roux" ? POURS[pour][1] == :fat : POURS[pour][1] != :fat }

        # @param formula [Formula]   @param pour [String] of POURS   @return [Result]   @raise [InvalidInput]
        def self.assess(formula, pour)
          raise InvalidInput, "put together is #{POURS.keys.join(", ")}; got '#{pour}'" unless POURS.key?(pour)

          new(formula, pour).result
        end

        def initialize(formula, pour)
          @formula = formula
          @pour = pour
          @words, @apart, @care = POURS.fetch(pour)
          freeze
        end

        # @return [Result] level and words
        def result
          onset = @formula.thickeners.map { |part| pastes_from(part.ingredient) }.min
          met = meeting_celsius
          level = onset ? level(met, onset) : "low"
          Result.new(pour: @pour, level: level, celsius: met, onset: onset, words: words(level, met, onset))
        end

        private

        def pastes_from(ingredient) =
          ingredient.swells_cold? ? Constants.fetch(:pan, :start_celsius) : ingredient.paste_onset_c

        # Where the first of the liquid and the thickener meet.   @return [Float] C
        def meeting_celsius
          cold, hot = Constants.fetch(:pan, :start_celsius), Constants.fetch(:sauce, :lump_hot_liquid_celsius)
          case @pour
          when "cold_at_once"
            mixed(roux_heat, Constants.fetch(:sauce, :lump_roux_celsius), liquid_heat(1.0), cold)
          when "portions"
            mixed(
              roux_heat,
              Constants.fetch(:sauce, :lump_roux_celsius),
              liquid_heat(Constants.fetch(:sauce, :first_portion)),
              cold
            )
          when "hot_at_once"
            mixed(roux_heat, Constants.fetch(:sauce, :lump_roux_celsius), liquid_heat(1.0), hot)
          when "slurry_thread", "slurry_at_once"
            mixed(slurry_heat, cold, liquid_heat(1.0), hot)
          else
            hot
          end
        end

        def mixed(heat_a, celsius_a, heat_b, celsius_b) = (heat_a * celsius_a + heat_b * celsius_b) / (heat_a + heat_b)
        def thickener_g = @formula.thickeners.sum { |part| part.grams.value }
        def liquid_heat(share) = share * @formula.poured_g * Constants.fetch(:pan, :liquid_heat_capacity)
        def slurry_heat =
          thickener_g * Constants.fetch(:sauce, :lump_dry_heat) +
            @formula.slurry_water_g * Constants.fetch(:pan, :water_heat_capacity)

        def roux_heat
          fat = @formula.fats.sum { |part| part.grams.value }
          thickener_g * Constants.fetch(:sauce, :lump_dry_heat) + fat * Constants.fetch(:sauce, :lump_fat_heat)
        end

        # Cool grains cannot clump. Hot ones do when nothing keeps them apart, or when they are poured without care.
        def level(met, onset)
          return "low" if met < onset - Constants.fetch(:sauce, :lump_margin) && @apart != :nothing
          return "high" if @apart == :nothing || @care.zero?

          @care == 2 ? "low" : "middling"
        end

        def words(level, met, onset)
          where = onset && "they meet at about #{met.round} °C, the grains paste from #{onset.round} °C"
          safer = POURS.fetch(SAFER.fetch(@apart == :fat ? "roux" : "slurry")).first
          case level
          when "low"
            "#{@words}: few lumps#{"; #{where}" if where}"
          else
            "#{@words}: lumps are #{level == "high" ? "nearly sure" : "likely"}; #{where}. Better: #{safer}"
          end
        end
      end
    end
  end
end
