# frozen_string_literal: true

module Restauro
  module Recipes
    # What cut, cooked or whole things weigh in a cup: by the words of their line, else by their kind.
    module CupDensity
      TABLE = DataFiles.yaml("ingredients/cups.yml")
      CUP_ML = KitchenUnits.of("us").millilitres(:cup)
      ROWS = TABLE.fetch("by_words").map { |row| [DataFiles.pattern(row["words"]), Float(row["grams"])] }
      KINDS = TABLE.fetch("by_kind").transform_values { |row| Float(row["grams"]) }
      private_constant :TABLE, :CUP_ML, :ROWS, :KINDS

      module_function

      # @param text [String] the line   @param kind [String] a bystander's, or a group of the catalogue
      # @return [Float, nil] g/mL
      def of(text, kind)
        _, grams = ROWS.find { |words, _| text.match?(words) }
        (grams || KINDS[kind])&./(CUP_ML)
      end
    end
  end
end
