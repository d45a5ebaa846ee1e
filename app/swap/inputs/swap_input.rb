require "json"

module Restauro
  # The Swap form: strings in, checked choices out. What was typed is kept whatever is wrong with it.
  class SwapInput
    # What is typed in the Swap form, by name.
    FIELDS = (%w[recipe units family flour dust crumb rung piece oven oil tin school with grade spoons heat simmer
                 altitude colour pour lid stir happens becomes look book eaters diets scale two corrections part parts
                 kinds sizes title note] + DoughInput::FIELDS + CrustInput::FIELDS).freeze
    MOST_RECIPE = 400_000
    NUMBERS = (%w[spoons simmer altitude look] + DoughInput::NUMBERS.keys).freeze
    GRADES = %w[keep thin medium thick very_thick own].freeze
    # Empty unless it says otherwise.
    DEFAULTS = {**FIELDS.to_h { |name| [name, ""] }, "units" => "metric", "rung" => "keep", "tin" => "standard",
                "grade" => "keep", "spoons" => "2", "heat" => "medium", "altitude" => "0", "stir" => "still", "scale" => "1",
                "parts" => "{}", "kinds" => "{}", "sizes" => "{}", "corrections" => "[]",
                **DoughInput::DEFAULTS, **CrustInput::DEFAULTS}.freeze
    WORDS = {units: "units", school: "roux, slurry or reduction", with: "thickener", grade: "how thick",
             spoons: "spoons of flour a cup (0.1 to 6)", heat: "heat", look: "look",
             simmer: "simmer (0 to 240 minutes)", scale: "how much", altitude: "altitude (-400 to 5000 metres)",
             **DoughInput::SAYS}.freeze

    attr_reader :state

    # What is chosen for one part, and kept for it while another is looked at.
    OF_A_PART = (FIELDS - %w[recipe units family eaters diets scale two corrections part parts kinds sizes title note
                             filling_from book]).freeze
    MOST_PARTS = 40_000

    # @param params [Hash] string keys: a form, or a saved draft   @raise [InvalidInput]
    def initialize(params)
      typed = params.slice(*FIELDS).transform_values { |value| clean(value) }
      @state = {**DEFAULTS, **typed, **DoughInput.chosen(params)}
      @state.merge!(Picked.fields(params, @state))
      @state["scale"] = "1" if @state["scale"].strip.empty?
      @state["eaters"] = Picked.eaters(@state["eaters"])
      @state["recipe"] = cap(@state["recipe"])
      fix = params["fix"]
      @state["corrections"] = CorrectionsInput.new(@state["corrections"]).with(fix) if fix.is_a?(Hash)
      params["kinds_of"].each { |name, family| name_part(name, family) } if params["kinds_of"].is_a?(Hash)
      size_part(FormText.clean(params["size"])) if params["size"].is_a?(String)
      turn_to(FormText.clean(params["tab"])[0, 120]) if params["tab"].is_a?(String)
    end

    # The part whose choices the form holds.
    def part = state["part"]
    # Parts whose family the cook has put right.   @return [Hash{String => String}]
    def given_parts = json("kinds").select { |_, family| Families::KEYS.include?(family) || family == "none" }
    # Parts that are made larger or smaller than the recipe has them.   @return [Hash{String => Float}]
    def sizes = json("sizes").transform_values { |times| Float(times, exception: false) || 1.0 }
    # The dish that it is baked in.   @return [Kitchen::BakingPan, nil]   @raise [InvalidInput]
    def baking_pan = CrustInput.pan(checked[:pan])
    # The choices of another part, as they were left.   @return [SwapInput]
    def of_part(name) = SwapInput.new(state.slice("units").merge(json("parts").fetch(name, {}).slice(*OF_A_PART)))
    # A family that is known, whatever else is wrong with the form.
    def family_typed = Families::KEYS.include?(state["family"]) ? state["family"] : nil

    # Whether the book's figures are to count, not what this kitchen showed.
    def by_the_book? = state["book"] == "yes"
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
    # How many eat without wheat and how many with, where the dish is made twice.
    # @return [Array(Integer, Integer), nil]   @raise [InvalidInput]
    def two_pots = Dishes::TwoPots.counts(checked[:two])
    def happens = checked[:happens].to_s
    def hob = checked[:heat]
    # How far through the course to look at the sauce, 0 to 1; nil not to.
    def look = checked[:look]&./(100)

    # The kept sauce that fills a crust, by its number.
    def filling_from = CrustInput.filling_from(checked)

    # The family the cook has chosen; nil for what the recipe reads like.   @raise [InvalidInput]
    def family = checked[:family]

    # For a family's own options.   @param catalogue [Catalogue]   @raise [InvalidInput]
    def options(family, catalogue) = FamilyOptions.new(checked, catalogue).of(family.key)

    private

    def json(name)
      found = JSON.parse(state[name], max_nesting: 4)
      found.is_a?(Hash) ? found.select { |_, value| value.is_a?(Hash) || value.is_a?(String) } : {}
    rescue JSON::ParserError # nested too deep is one of them
      {}
    end

    # Another tab: what was chosen for this part is put away, and the other's taken out.
    def turn_to(name)
      return if name == part

      kept = json("parts").merge(part => state.slice(*OF_A_PART).reject { |field, value| DEFAULTS[field] == value })
      fresh = kept.fetch(name, {}).then { |left| left.is_a?(Hash) ? left : {} }
      @state.merge!(DEFAULTS.slice(*OF_A_PART), fresh.slice(*OF_A_PART).transform_values(&:to_s), "part" => name)
      @state["parts"] = JSON.generate(kept.except(name)).then { |text| text.bytesize > MOST_PARTS ? "{}" : text }
    end

    # "Sauce=1.4": one part for the pan that there is; once is as the recipe has it.
    def size_part(text)
      name, _, times = text[0, 160].rpartition("=")
      return if name.empty? || Float(times, exception: false).nil?

      @state["sizes"] =
        JSON.generate(times.to_f == 1.0 ? json("sizes").except(name) : json("sizes").merge(name => times))
    end

    # "Gravy" is a sauce: said once, kept for the recipe.
    def name_part(name, family)
      name, family = FormText.clean(name)[0, 120], family.to_s
      return if name.empty? || !(Families::KEYS + ["none", ""]).include?(family)

      @state["kinds"] = JSON.generate(family.empty? ? given_parts.except(name) : given_parts.merge(name => family))
    end

    def clean(value) = FormText.clean(value)

    def cap(text)
      return text if text.bytesize <= MOST_RECIPE

      raise InvalidInput, "this recipe is #{text.bytesize / 1000} kB; the most is #{MOST_RECIPE / 1000} kB: paste " \
                          "the ingredient lines alone"
    end

    def checked
      @checked ||= begin
        typed = state.transform_values(&:strip)
        result = SwapContract.new.call({**typed, **typed.slice(*NUMBERS).transform_values { |text| text.tr(",", ".") }})
        raise InvalidInput, problem(result.errors.to_h) if result.failure?

        result.to_h
      end
    end

    def problem(errors)
      field, messages = errors.first
      "#{WORDS.fetch(field, field)}: #{messages.first.sub("must be a float", "type a number, such as 12")}, got '#{state[field.to_s].to_s[0, 40]}'"
    end
  end
end
