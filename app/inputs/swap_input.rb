require "dry/validation"
require "json"

module Restauro
  # The Swap form: strings in, checked choices out. What was typed is kept whatever is wrong with it.
  class SwapInput
    FIELDS = %w[recipe units family flour dust crumb rung piece oven oil tin school with grade spoons heat simmer altitude colour pour lid stir
                happens look eaters diets scale corrections title note].freeze + DoughInput::FIELDS + CrustInput::FIELDS
    MOST_RECIPE = 400_000
    NUMBERS = (%w[spoons simmer altitude look] + DoughInput::NUMBERS.keys).freeze
    GRADES = %w[keep thin medium thick very_thick own].freeze
    DEFAULTS = {"recipe" => "", "units" => "metric", "family" => "", "flour" => "", "dust" => "", "crumb" => "", "rung" => "keep",
                "piece" => "", "oven" => "", "oil" => "", "tin" => "standard", "school" => "roux", "with" => "blend_with_gum,corn_starch",
                "grade" => "keep", "spoons" => "2",
                "heat" => "medium", "simmer" => "", "altitude" => "0", "colour" => "", "pour" => "", "lid" => "", "stir" => "still", "happens" => "",
                "look" => "", "eaters" => "all", "diets" => "", "scale" => "1",
                "corrections" => "[]", "title" => "", "note" => "", **DoughInput::DEFAULTS, **CrustInput::DEFAULTS}.freeze

    class ChoicesContract < Dry::Validation::Contract
      params do
        required(:units).filled(:string, included_in?: KitchenUnits::SYSTEMS)
        optional(:family).maybe(:string, included_in?: Families::KEYS)
        required(:rung).filled(:string, included_in?: ["keep", *Hydration::Rung.all.map(&:key)])
        required(:tin).filled(:string, included_in?: Families::Batter::Tin.all.map(&:key))
        %i[flour dust crumb piece oven oil].each { |name| optional(name).maybe(:string, max_size?: 120) }
        required(:school).filled(:string, included_in?: Families::Sauce::Options::SCHOOLS)
        required(:with).filled(:string, max_size?: 200)
        required(:grade).filled(:string, included_in?: GRADES)
        required(:spoons).filled(:float, gteq?: 0.1, lteq?: 6)
        required(:heat).filled(:string, included_in?: %w[low medium medium_high high])
        optional(:simmer).maybe(:float, gteq?: 0, lteq?: 240)
        optional(:colour).maybe(:string, included_in?: Families::Sauce::Roux::COLOURS)
        optional(:pour).maybe(:string, included_in?: Families::Sauce::LumpRisk::POURS.keys)
        optional(:lid).maybe(:string, included_in?: %w[on])
        required(:stir).filled(:string, included_in?: Families::Sauce::Options::STIRRING)
        optional(:happens).maybe(:string, max_size?: 1200)
        optional(:look).maybe(:float, gteq?: 0, lteq?: 100)
        DoughInput::NUMBERS.each_key { |name| optional(name.to_sym).maybe(:float) }
        [*DoughInput::WORDS.keys, "frozen"].each { |name| optional(name.to_sym).maybe(:string, max_size?: 40) }
        CrustInput::FIELDS.each { |name| optional(name.to_sym).maybe(:string, max_size?: 200) }
        optional(:diets).maybe(:string, max_size?: 300)
        optional(:eaters).maybe(:string, max_size?: 300, format?: /\A(?:all|[\d,]*)\z/)
        optional(:scale).maybe(:string, max_size?: 80)
        required(:altitude).filled(:float, gteq?: -400, lteq?: 5000)
      end
    end

    WORDS = {units: "units", school: "roux, slurry or reduction", with: "thickener", grade: "how thick",
             spoons: "spoons of flour a cup (0.1 to 6)", heat: "heat", look: "look",
             simmer: "simmer (0 to 240 minutes)", scale: "how much", altitude: "altitude (-400 to 5000 metres)",
             **DoughInput::SAYS}.freeze

    attr_reader :state

    # @param params [Hash] string keys: a form, or a saved draft   @raise [InvalidInput]
    def initialize(params)
      @state = DEFAULTS.merge(params.slice(*FIELDS).transform_values { |value| clean(value) }).merge(DoughInput.chosen(params))
      @state["recipe"] = cap(@state["recipe"])
      @state["corrections"] = CorrectionsInput.new(@state["corrections"]).with(params["fix"]) if params["fix"].is_a?(Hash)
    end

    def recipe_text = state["recipe"]
    def system = checked[:units]
    def title = state["title"].strip[0, 200]
    def note = state["note"].strip[0, 4000]

    # @return [Array<Recipes::Correction>]   @raise [InvalidInput]
    def corrections = CorrectionsInput.new(state["corrections"]).corrections

    # Diets of this dish alone.   @raise [InvalidInput]
    def diets = checked[:diets].to_s.split(",").reject(&:empty?)
    # Whether somebody of the household eats.
    def eats?(eater) = checked[:eaters] == "all" || checked[:eaters].to_s.split(",").include?(eater.id.to_s)
    def scale = checked[:scale].to_s
    def happens = checked[:happens].to_s
    def hob = checked[:heat]
    # How far through the course to look at the sauce, 0 to 1; nil not to.
    def look = checked[:look]&./(100)

    # The kept sauce that fills a crust, by its number.
    def filling_from = CrustInput.filling_from(checked)

    # The family the cook has chosen; nil for what the recipe reads like.   @raise [InvalidInput]
    def family = checked[:family]

    # For a family's own options.   @param catalogue [Catalogue]   @raise [InvalidInput]
    def options(family, catalogue)
      return sauce_options if family.key == "sauce"
      return CrustInput.options(checked) if family.key == "crust"
      return DoughInput.options(checked) if %w[gnocchi pasta].include?(family.key)

      words = family.key == "batter" ? [checked[:flour]] : [checked[:dust], checked[:crumb]]
      own = family.key == "batter" ? {target: rung, tin: checked[:tin]} : {}
      {with: words.compact.flat_map { |keys| keys.split(",") }, **heat(catalogue), **own}
    end

    private

    def sauce_options
      {school: checked[:school], with: checked[:with].split(","), target: target, heat: checked[:heat], altitude: checked[:altitude],
       simmer_s: checked[:simmer]&.*(60), colour: checked[:colour], pour: pour, lid: checked[:lid] == "on", stir: checked[:stir]}
    end

    def rung = checked[:rung] == "keep" ? nil : checked[:rung]
    def heat(catalogue) = HeatText.new(checked[:piece], checked[:oven], checked[:oil]).options(catalogue)

    # A way of putting together that belongs to the other school is as good as none.
    def pour = checked[:pour] && Families::Sauce::LumpRisk.of(checked[:school]).include?(checked[:pour]) ? checked[:pour] : nil

    def clean(value) = FormText.clean(value)

    def cap(text)
      return text if text.bytesize <= MOST_RECIPE

      raise InvalidInput, "this recipe is #{text.bytesize / 1000} kB; the most is #{MOST_RECIPE / 1000} kB: paste the ingredient lines alone"
    end

    def target
      case checked[:grade]
      when "keep" then nil
      when "own" then checked[:spoons] * Constants.fetch(:sauce, :e_per_spoon)
      else checked[:grade]
      end
    end

    def checked
      @checked ||= begin
        result = ChoicesContract.new.call(state.to_h { |name, value| [name, NUMBERS.include?(name) ? value.strip.tr(",", ".") : value.strip] })
        raise InvalidInput, problem(result.errors.to_h) if result.failure?

        result.to_h
      end
    end

    def problem(errors)
      field, messages = errors.first
      "#{WORDS.fetch(field, field)}: #{messages.first}, got '#{state[field.to_s].to_s[0, 40]}'"
    end
  end
end
