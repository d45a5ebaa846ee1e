module Restauro
  # A swap as a schema.org Recipe: the gluten-free dish, what it is based on, and the cook's choices, so that reading it
  # back gives the same swap.
  module CardJson
    CHOICES = "restauro-choices".freeze
    ENTRY = "restauro-entry".freeze

    module_function

    # @param snapshot [Hash] symbol keys
    # @param inputs [Hash] recipe, units, corrections and the choices
    # @return [String] JSON-LD
    # @param entry [Hash, nil] all that the notebook keeps of it, for an archive
    # @param format [Presenters::HouseFormat] how this house writes
    def write(snapshot, inputs, entry: nil, format: Presenters::Format)
      recipe = WrittenSnapshot.of(snapshot, inputs, format: format).to_json_ld
      JSON.pretty_generate(
        recipe.merge(
          "isBasedOn" => {
            "@type" => "CreativeWork",
            "name" => snapshot[:title],
            "text" => inputs["recipe"]
          },
          "identifier" => [property(CHOICES, inputs.except("recipe")), (property(ENTRY, entry) if entry)].compact
        )
      )
    end

    def property(name, value) = {"@type" => "PropertyValue", "propertyID" => name, "value" => JSON.generate(value)}

    # What the notebook kept of it.   @param text [String] of a file of an archive   @return [Hash, nil]
    def entry(text) = valued(JSON.parse(text, max_nesting: 60), ENTRY)

    def valued(card, name)
      found = [card["identifier"]].flatten.find { |one| one.is_a?(Hash) && one["propertyID"] == name } or return
      value = JSON.parse(found["value"].to_s, max_nesting: 60)
      value if value.is_a?(Hash)
    end

    # @param text [String] of a file   @return [Hash, nil] fields of the Swap form; nil where it is no card of ours
    def read(text)
      return unless text.lstrip.start_with?("{")

      card = JSON.parse(text, max_nesting: 60)
      return unless card.is_a?(Hash) && card["isBasedOn"].is_a?(Hash)

      choices = valued(card, CHOICES) or return
      choices.transform_values(&:to_s).slice(*SwapInput::FIELDS).merge("recipe" => card["isBasedOn"]["text"].to_s)
    rescue JSON::ParserError # nested too deep is one of them
      nil
    end
  end
end
