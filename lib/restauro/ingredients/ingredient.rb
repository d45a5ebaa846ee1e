module Restauro
  # One row of the catalogue: a flour, a starch, a milk... Figures a table leaves blank are nil, or 0 where DOMAIN says
  # blank is none.
  #   water_pct protein_pct fat_pct fibre_pct starch_pct sugar_pct   % of weight
  #   cup_spooned_g cup_scooped_g tbsp_g tsp_g                       g per US cup (236.588 mL) and its spoons
  #   piece_g g · thick_power 1 (wheat flour) · paste_onset_c paste_full_c C · paste_tau_s s
  #   boil_breakdown_per_min 1/min · setback 1 · ph · buffer_mmol_kg_ph mmol/(kg pH) · eta_60c_pa_s Pa s
  class Ingredient
    FIGURES = %i[
      water_pct
      protein_pct
      fat_pct
      fibre_pct
      starch_pct
      sugar_pct
      cup_spooned_g
      cup_scooped_g
      tbsp_g
      tsp_g
      piece_g
      hold_g_per_g
      free_water_fraction
      thick_power
      paste_onset_c
      paste_full_c
      paste_tau_s
      boil_breakdown_per_min
      setback
      ph
      gum_pct
      ash_pct
      alcohol_pct
      buffer_mmol_kg_ph
      eta_60c_pa_s
    ].freeze
    ZERO_WHEN_BLANK = %i[
      hold_g_per_g
      free_water_fraction
      thick_power
      water_pct
      protein_pct
      fat_pct
      sugar_pct
      boil_breakdown_per_min
      setback
      buffer_mmol_kg_ph
    ].freeze
    SOLIDS = %i[protein_pct fat_pct fibre_pct starch_pct sugar_pct ash_pct].freeze
    STARCHY_GROUPS = %w[flour starch blend meal].freeze

    # power_share: how far off its thickening power may be, where that is told apart from its group's; else nil
    # stretch_factor: times the stretch that its dose is reckoned to bring, as trials showed
    attr_reader :key, :name, :group, :gluten, :allergens, :note, :power_share, :stretch_factor

    # @param row [Hash] header => cell
    # @param say [String, nil] the short name   @param varied [Boolean] whether it stands for several
    # @param sources [Hash] figure => source key
    def initialize(row, say: nil, varied: false, sources: {}, power_share: nil, stretch_factor: 1.0)
      @key, @name, @group, @gluten, @note =
        row.values_at("key", "name", "group", "gluten", "note").map { |cell| cell&.dup&.freeze }
      @allergens = row["allergens"].to_s.split("; ").freeze
      @row = row
      @say = say
      @varied = varied
      @power_share = power_share
      @stretch_factor = stretch_factor
      @sources = sources
      @figures = FIGURES.to_h { |figure| [figure, figure_in(row, figure)] }.freeze
      freeze
    end

    FIGURES.each { |figure| define_method(figure) { @figures[figure] } }

    # The same, drier or wetter: what is not water keeps its proportions.   @param pct [Float] % of weight
    def at_water(pct)
      solids = (100 - pct) / (100 - water_pct)
      dried = SOLIDS.to_h { |figure| [figure.to_s, @figures[figure] && (@figures[figure] * solids).to_s] }
      Ingredient.new(@row.merge(dried, "water_pct" => pct.to_s), **kept)
    end

    # The same, as trials showed it: stronger or weaker, thirstier, stretchier.
    # @param power, drink, stretch [Float, nil] factors
    # @param power_share [Float, nil] how far off its strength may still be
    def learnt(power: nil, drink: nil, stretch: nil, power_share: nil)
      changed = {
        "thick_power" => (thick_power * power if power),
        "hold_g_per_g" => (hold_g_per_g * drink if drink)
      }.compact
      Ingredient.new(
        @row.merge(changed.transform_values(&:to_s)),
        **kept,
        power_share: power_share || self.power_share,
        stretch_factor: stretch_factor * (stretch || 1.0)
      )
    end

    # @return [String] the short name that is printed
    def say = @say || name
    # One that stands for others like it, each with a name of its own: cheeses, stocks, wines.
    def varied? = !!@varied
    # Short, for an error's sake.
    def inspect = "#<#{self.class} #{key}>"
    # @param figure [Symbol]   @return [String] key of data/sources.yml
    def source(figure) = @sources.fetch(figure) { @sources.fetch(:default) }
    def starchy? = STARCHY_GROUPS.include?(group)
    def liquid? = group == "liquid"
    def fat? = group == "fat"
    def contains_gluten? = gluten == "contains"
    # Grains that swell in any water, hot or cold, are marked with an onset below freezing.
    def swells_cold? = !paste_onset_c.nil? && paste_onset_c.negative?
    def thickens? = thick_power.positive? && !paste_onset_c.nil?

    # @return [Float, nil] g per mL, spooned; nil when no measure is known
    def density(cup_millilitres: KitchenUnits.of("us").millilitres(:cup), spoons_per_cup: 16)
      return cup_spooned_g / cup_millilitres if cup_spooned_g

      tbsp_g * spoons_per_cup / cup_millilitres if tbsp_g
    end

    private

    def kept = {say: @say, varied: @varied, sources: @sources, power_share: power_share, stretch_factor: stretch_factor}

    def figure_in(row, figure)
      cell = row[figure.to_s]
      return Float(cell) unless cell.nil? || cell.empty?

      0.0 if ZERO_WHEN_BLANK.include?(figure)
    rescue ArgumentError
      raise DataError, "#{key}: #{figure} is '#{cell}', not a number"
    end
  end
end
