# frozen_string_literal: true

module Restauro
  module Dishes
    # What a recipe says of the fat it is fried in.
    module FatSaid
      DEEP, SHALLOW, HEATED, BY_NAME =
        DataFiles.words("dishes/words.yml").values_at(:deep_fried, :shallow_fried, :oil_heated, :swims_by_name)
      # No higher in the pan than a finger.
      LOW = /\bshallow|\b(?:[1-9]|1\d|2[0-4])\s*mm\b|\b(?:1|2|1\.5)\s*cm\b|
        \b(?:1\/4|1\/2|3\/4|½|¼|¾)\s*-?\s*(?:in\b|inch)/ix
      # "Fry at 325 till done", "hot oil (365)".
      BARE_DEGREES = /(?<=\bat |\boil \()\d{3}\b(?!\s*(?:°|[CF]\b|g\b|ml\b))/i
      HOT = /(?<=\boil)\s+(?:at |@ ?)?(\d{3}(?:\s*°?\s*[CF])?)\s*\z/i
      private_constant :HOT, :BARE_DEGREES, :DEEP, :SHALLOW, :HEATED, :BY_NAME, :LOW

      module_function

      # What is said of deep fat before a dish's name: "Fried chicken" may swim as well.
      # @param recipe [Recipes::Recipe]   @param sentences [Array<String>] of its title and steps
      # @return [Array(String, String), nil] "180C" or "175C shallow", and where that was read
      def of(recipe, sentences)
        fried = (sentences + fats(recipe)).select { |text| fried?(text) }
        text = fried.find { |said| swims?(said) } || fried.first or return

        depth = fried.lazy.filter_map { |said| Recipes::FatDepth.mm(said) }.first
        deep = deep?(recipe, text, fried) && !(depth && depth < Constants.fetch(:heat, :finger_mm))
        usual = Heat::Frying.usual(how(recipe, deep))
        fat = Heat::Frying.fat_in(recipe.ingredients)
        heat = [text, *fried].lazy.filter_map { |said| degrees(said) }.first || "#{usual.celsius.round}C"
        litres = Heat::Frying.litres_of(recipe.ingredients)
        ["#{heat}#{" shallow#{" #{depth} mm" if depth}" unless deep}#{" #{Heat::Oil.row(fat)["say"]}" if fat}" \
         "#{" #{litres} litres" if deep && litres != 1}", text]
      end

      # What has a batter all round swims, unless it is said not to.
      def by_name?(recipe) = recipe.title.to_s.match?(BY_NAME)
      def fried?(text) = [DEEP, SHALLOW, HEATED].any? { |words| text.match?(words) } || !Recipes::FatDepth.mm(text).nil?

      def deep?(recipe, text, fried) =
        Heat::Frying.swims?(recipe.ingredients) || swims?(text) || (by_name?(recipe) && fried.none?(LOW))

      def swims?(text) = text.match?(DEEP) || (text.match?(HEATED) && !text.match?(LOW))

      # @return [Symbol] deep, shallow, or wrapped: what is as thick as an egg in its meat swims cooler
      def how(recipe, deep)
        return :shallow unless deep

        Families::Breading::WrappedEggs.in(recipe).any? ? :wrapped : :deep
      end

      # @param text [String]   @return [String, nil] "180C" or "350F"
      def degrees(text)
        text = OvenSaid.with_unit(text).sub(BARE_DEGREES) { |number| OvenSaid.degrees(number) }
        found = text.match(/(1[4-9]\d|200)\s*°?\s*(C)\b/) || text.match(/(3[0-9]\d)\s*°?\s*(F)\b/)
        found&.captures&.join
      end

      # "Oil for deep frying", "1/2 inch oil", "oil 375" in the list.
      def fats(recipe)
        fats = recipe.ingredients.select { |line| line.role == "fat" }.map(&:text)
        fats.select { |text| text.match?(DEEP) || Recipes::FatDepth.mm(text) } + fats.grep(HOT).map { |text| text.sub(HOT, ' at \1') }
      end
    end
  end
end
