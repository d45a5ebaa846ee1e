require "dry/validation"

module Restauro
  # The form of a pack: strings in, checked values out. The label is read when it is saved.
  class PackInput
    TEXTS = %w[
      key
      name
      protein
      fat
      fibre
      carbohydrate
      sugar
      cup_g
      grams_left
      grams_full
      price
      opened_on
      sold_in
      label_text
      note
    ].freeze
    NUMBERS = %w[protein fat fibre carbohydrate sugar cup_g grams_left grams_full price].freeze
    OWN = "own".freeze
    DEFAULTS = {"key" => "", "sold_in" => "eu"}.freeze
    WORDS = {
      key: "what it is",
      name: "its name",
      cup_g: "grams a cup",
      grams_left: "grams left",
      grams_full: "grams in a full pack",
      price: "price",
      opened_on: "opened on (year-month-day)",
      sold_in: "where it was sold",
      label_text: "label",
      note: "note"
    }.freeze

    class Contract < Dry::Validation::Contract
      params do
        required(:key).filled(:string, max_size?: 60)
        required(:grams_left).filled(:float, gteq?: 0, lteq?: 100_000)
        optional(:grams_full).maybe(:float, gt?: 0, lteq?: 100_000)
        optional(:price).maybe(:float, gteq?: 0, lteq?: 10_000)
        optional(:opened_on).maybe(:date)
        required(:sold_in).filled(:string, included_in?: Labels::SOLD_IN)
        optional(:label_text).maybe(:string, max_size?: Labels::Reader::MOST_LETTERS)
        optional(:note).maybe(:string, max_size?: 1000)
        optional(:name).maybe(:string, max_size?: 60)
        %i[protein fat fibre carbohydrate sugar].each { |figure| optional(figure).maybe(:float, gteq?: 0, lteq?: 100) }
        optional(:cup_g).maybe(:float, gteq?: 40, lteq?: 250)
      end
    end

    attr_reader :state

    # @param params [Hash] string keys
    def initialize(params)
      @state = DEFAULTS.merge(params.slice(*TEXTS).transform_values { |value| FormText.clean(value) })
    end

    def self.of(kept)
      pack = kept.pack
      new(
        {
          "key" => kept.own ? OWN : pack.key,
          "grams_left" => number(pack.grams_left),
          "grams_full" => number(pack.grams_full),
          "price" => number(pack.price),
          "opened_on" => pack.opened_on.to_s,
          "sold_in" => kept.sold_in,
          "label_text" => kept.label_text,
          "note" => pack.note
        }.merge((kept.own || {}).transform_values(&:to_s))
      )
    end

    def self.number(value) = value.nil? ? "" : value.round(2).to_s.delete_suffix(".0")

    # @param facts [Catalogue]
    # @param labels [Labels::Reader]
    # @param own [Hash, nil] of a mixed blend, which a form does not change
    # @return [Hash] for Database::PackRepository   @raise [InvalidInput]
    def fields(facts, labels, own: nil)
      values = checked
      values[:key] == OWN ? own ||= own_flour(values) : facts.fetch(values[:key])
      label = values[:label_text].to_s.strip
      {
        key: own ? nil : values[:key],
        own: own,
        grams_left: values[:grams_left],
        grams_full: values[:grams_full] || [values[:grams_left], 1.0].max,
        price: values[:price],
        opened_on: values[:opened_on],
        sold_in: values[:sold_in],
        label_text: label,
        finding: label.empty? ? nil : labels.read(label, sold_in: values[:sold_in]).finding,
        note: values[:note].to_s
      }
    end

    private

    def checked
      result =
        Contract.new.call(
          state.to_h { |name, value| [name, NUMBERS.include?(name) ? value.strip.tr(",", ".") : value] }
        )
      return result.to_h if result.success?

      field, messages = result.errors.to_h.first
      raise InvalidInput, "#{WORDS.fetch(field, field)}: #{messages.first}, got '#{state[field.to_s].to_s[0, 40]}'"
    end

    # A flour known by its label.   @raise [InvalidInput]
    def own_flour(values)
      missing = %i[name protein fat fibre carbohydrate cup_g].find { |field| values[field].nil? || values[field] == "" }
      if missing
        raise InvalidInput, "a flour of your own needs its #{WORDS.fetch(missing, missing)}: read it off the label"
      end

      figures = Cupboard::OwnFlour::FIGURES.to_h { |figure| [figure, values[figure] || 0.0] }
      Cupboard::OwnFlour.ingredient(key: OWN, name: values[:name], cup_g: values[:cup_g], **figures)
      figures.transform_keys(&:to_s).merge("name" => values[:name], "cup_g" => values[:cup_g])
    end
  end
end
