module Restauro
  # Who eats, what that leaves out, and what takes its place.
  module Diets
    autoload :Exclusion, "restauro/diets/exclusion"
    autoload :Substitution, "restauro/diets/substitution"
    autoload :Substitutes, "restauro/diets/substitutes"

    # One rule of an eater.   key · say · allergens, groups and keys left out · words of things known by name alone ·
    # note for the cook · also what people type for it
    Diet = Struct.new(:key, :say, :allergens, :groups, :keys, :note, :words, :also, keyword_init: true) do
      def initialize(words: [], also: [], **)
        super
        freeze
      end
    end

    ALL = DataFiles.yaml("diets.yml").map { |key, row| Diet.new(key: key, **row.transform_keys(&:to_sym)) }.freeze
    private_constant :ALL

    module_function

    # @return [Array<Diet>]
    def all = ALL

    # @param word [String] as it is typed   @return [String] the key of the diet that it means, else itself
    def meant(word) = all.find { |diet| diet.also.include?(word.downcase.tr(" -", "_")) }&.key || word

    # @raise [NotFound]
    def fetch(key)
      all.find { |diet| diet.key == key.to_s } or raise NotFound, "no diet '#{key}'; use #{all.map(&:key).join(", ")}"
    end
  end
end
