require "dry/validation"
require "json"

module Restauro
  # The cook's corrections of recipe lines, as they travel in the form and the draft: a JSON list.
  class CorrectionsInput
    MOST = 200

    class Contract < Dry::Validation::Contract
      params do
        required(:text).filled(:string, max_size?: 2000)
        required(:occurrence).filled(:integer, gteq?: 0)
        optional(:ingredient).maybe(:string, max_size?: 60)
        optional(:grams).maybe(:float, gteq?: 0, lteq?: 100_000)
        optional(:role).maybe(:string, included_in?: Recipes::Line::ROLES)
        optional(:left_out).filled(:bool)
        optional(:part).maybe(:string, max_size?: 60)
      end
    end

    # @param json [String]
    def initialize(json)
      @json = json
    end

    # @return [Array<Recipes::Correction>]   @raise [InvalidInput]
    def corrections
      list = JSON.parse(@json)
      unreadable unless list.is_a?(Array) && list.length <= MOST && list.all?(Hash)
      list.map { |row| Recipes::Correction.new(**checked(row)) }
    rescue JSON::ParserError
      unreadable
    end

    # The line being put right joins the others: only what was changed in it is a correction.
    # @param fields [Hash] of the form   @return [String] JSON
    def with(fields)
      text, occurrence = FormText.clean(fields["text"]), fields["occurrence"].to_s.to_i
      return @json if text.empty?

      same, others = stored.partition { |row| row["text"] == text && row["occurrence"] == occurrence }
      row = (same.first || {"text" => text, "occurrence" => occurrence}).merge(changes(fields))
      others << row if row.length > 2
      JSON.generate(others)
    end

    private

    def unreadable = raise(InvalidInput, "the corrections cannot be read; reload the page")

    def checked(row)
      result = Contract.new.call(row)
      return result.to_h if result.success?

      field, messages = result.errors.to_h.first
      raise InvalidInput,
            "in the correction of '#{row["text"].to_s[0, 60]}': #{field} #{Array(messages).first}, got '#{row[field.to_s].to_s[0, 40]}'"
    end

    def changes(fields)
      was = fields["was"].is_a?(Hash) ? fields["was"] : {}
      changed =
        %w[ingredient grams role part]
          .filter_map do |name|
            value = presence(fields[name])
            [name, name == "grams" ? value&.tr(",", ".") : value] if value && value != presence(was[name])
          end
          .to_h
      fields["left_out"] == "1" ? changed.merge("left_out" => true) : changed
    end

    def stored
      list = JSON.parse(@json)
      list.is_a?(Array) ? list.grep(Hash) : []
    rescue JSON::ParserError
      []
    end

    def presence(value) = FormText.clean(value).strip.then { |text| text.empty? ? nil : text }
  end
end
