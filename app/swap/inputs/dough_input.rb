module Restauro
  # The fields of a dough in the Swap form, and the options they become. Ranges are the core's own to check.
  module DoughInput
    NUMBERS = {
      "thickness" => :thickness_mm,
      "cutter" => :cutter_mm,
      "rope" => :rope_mm,
      "filling_g" => :filling_g,
      "litres" => :litres,
      "raw_g" => :roasted_from_g,
      "cooked_g" => :roasted_to_g,
      "helpers" => :helpers
    }.freeze
    WORDS = {
      "bind" => :school,
      "shape" => :shape,
      "seal" => :seal,
      "tool" => :tool,
      "hands" => :hands,
      "wetness" => :look
    }.freeze
    DEFAULTS = {
      **NUMBERS.keys.to_h { |name| [name, ""] },
      **WORDS.keys.to_h { |name| [name, ""] },
      "frozen" => ""
    }.freeze
    FIELDS = DEFAULTS.keys.freeze
    # What the page calls each.
    SAYS = {
      thickness: "thickness, mm",
      cutter: "ring or ribbon, mm",
      rope: "rope, mm",
      filling_g: "filling, g",
      litres: "litres of water",
      raw_g: "raw weight, g",
      cooked_g: "cooked weight, g",
      helpers: "pairs of hands"
    }.freeze

    module_function

    # Another way that a button stands for, "gum:blend_plain": how it holds, and its flours.
    def chosen(params)
      match = /\A(\w+):([\w,]+)\z/.match(FormText.clean(params["bind_flour"])) or return {}
      {"bind" => match[1], "flour" => match[2]}
    end

    # @param checked [Hash] from the form's contract   @return [Hash] for Families::Dough::Options
    def options(checked)
      numbers = NUMBERS.to_h { |name, option| [option, checked[name.to_sym]] }
      words = WORDS.to_h { |name, option| [option, checked[name.to_sym]] }
      words.delete(:school) unless Families::Dough::School.all.any? { |school| school.key == words[:school] }
      {
        with: checked[:flour].to_s.split(","),
        target: checked[:rung] == "keep" ? nil : checked[:rung],
        frozen: checked[:frozen] == "on",
        altitude: checked[:altitude],
        **numbers.merge(helpers: checked[:helpers]&.to_i),
        **words
      }.compact
    end
  end
end
