module Restauro
  # The form of a blend: which flours, for what, how much.
  class BlendInput
    attr_reader :keys, :purpose, :name

    def initialize(params)
      @keys = Array(params["from"]).grep(String).map { |key| FormText.clean(key) }.uniq.first(40)
      @purpose = FormText.clean(params["for"]).then { |purpose| purpose.empty? ? "all_purpose" : purpose }
      @grams = FormText.clean(params["grams"]).strip
      @amounts = FormText.clean(params["amounts"])
      @name = FormText.clean(params["name"]).strip.then { |name| name.empty? ? "our blend" : name[0, 60] }
    end

    def spoons? = @amounts == "spoons"
    def grams_text = @grams.empty? ? "500" : @grams

    # @raise [InvalidInput]
    def grams
      Integer(grams_text, 10)
    rescue ArgumentError
      raise InvalidInput, "the jar's grams are a whole number, 20 to 5000; got '#{grams_text[0, 20]}'"
    end
  end
end
