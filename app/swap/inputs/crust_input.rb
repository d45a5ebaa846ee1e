module Restauro
  # The fields of a crust in the Swap form, beside those it shares with doughs and coats, and the options they become.
  module CrustInput
    WORDS = {"style" => :style, "cover" => :cover, "filling_start" => :filling_start, "hold" => :hold}.freeze
    DEFAULTS = {
      **WORDS.keys.to_h { |name| [name, ""] },
      "pan" => "",
      "filling_with" => "",
      "filling_from" => ""
    }.freeze
    FIELDS = DEFAULTS.keys.freeze

    module_function

    # @param checked [Hash] from the form's contract
    # @return [Hash] for Families::Crust::Options
    # @raise [InvalidInput]
    def options(checked)
      words = WORDS.to_h { |name, option| [option, checked[name.to_sym]] }
      school = checked[:bind] if Families::Crust::School.fetch(checked[:bind].to_s)
      {
        with: checked[:flour].to_s.split(","),
        target: checked[:rung] == "keep" ? nil : checked[:rung],
        school: school,
        pan: pan(checked[:pan]),
        **HeatText.new(nil, checked[:oven], checked[:oil]).options(nil),
        thickness_mm: checked[:thickness],
        filling_with: checked[:filling_with].to_s.split(","),
        **words
      }.compact
    end

    def pan(text)
      return if text.nil? || text.empty?

      Kitchen::BakingPan.parse(text) or
        raise InvalidInput,
              "the pan is not understood: type such as '26 cm round 3 cm deep', '9x13 in' or '28x20 cm oval', got '#{text[0, 40]}'"
    end

    # The kept sauce that goes in, by its number.   @return [Integer, nil]
    def filling_from(checked) = checked[:filling_from].to_s[/\A\d{1,9}\z/]&.to_i
  end
end
