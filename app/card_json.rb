module Restauro
  # A swap as a schema.org Recipe: the gluten-free dish, what it is based on, and the cook's choices, so that reading it back gives the same swap.
  module CardJson
    CHOICES = "restauro-choices".freeze

    module_function

    # @param snapshot [Hash] symbol keys   @param inputs [Hash] recipe, units, corrections and the choices   @return [String] JSON-LD
    def write(snapshot, inputs, format: Presenters::Format)
      recipe = WrittenSnapshot.of(snapshot, inputs, format: format).to_json_ld
      JSON.pretty_generate(recipe.merge("isBasedOn" => {"@type" => "CreativeWork", "name" => snapshot[:title], "text" => inputs["recipe"]},
                                        "identifier" => {"@type" => "PropertyValue", "propertyID" => CHOICES,
                                                         "value" => JSON.generate(inputs.except("recipe"))}))
    end

    # @param text [String] of a file   @return [Hash, nil] fields of the Swap form; nil where it is no card of ours
    def read(text)
      return unless text.lstrip.start_with?("{")

      card = JSON.parse(text, max_nesting: 60)
      identifier = card["identifier"]
      return unless identifier.is_a?(Hash) && identifier["propertyID"] == CHOICES && card["isBasedOn"].is_a?(Hash)

      choices = JSON.parse(identifier["value"].to_s)
      choices.is_a?(Hash) ? choices.transform_values(&:to_s).slice(*SwapInput::FIELDS).merge("recipe" => card["isBasedOn"]["text"].to_s) : nil
    rescue JSON::ParserError, JSON::NestingError
      nil
    end
  end
end
