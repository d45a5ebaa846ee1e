module Restauro
  module Making
    # The bench sheet: every line of the gluten-free side that has a weight, known to the catalogue or not, in the order that its method needs,
    # dry and wet bowls apart.
    module Bench
      DRY = %w[thickener flour starch lift crumb seasoning].freeze
      BOWLS = {"gel" => "the gel's bowl", "pan" => "the pan", "slurry" => "the slurry's cup", "dry" => "the dry bowl", "fat" => "by itself",
               "wet" => "the wet bowl", "filling" => "the filling's bowl"}.freeze
      # What the method asks for first.
      ORDER = %w[gel pan dry slurry fat wet filling].freeze

      module_function

      # @param family [String] key   @param lines [Array<Recipes::Line>] of the gluten-free side   @param school [String, nil]
      # @return [Array<Item>]
      def of(family, lines, catalogue, school: nil)
        weighed = lines.select { |line| line.grams&.value&.positive? }
        gel = gel?(weighed)
        items = weighed.each_with_index.map { |line, index| item(line, index, bowl(line, family, school, gel, catalogue), catalogue) }
        items.sort_by.with_index { |item, index| [ORDER.index(item.bowl), fat_first(item, catalogue), index] }
      end

      # Into a pan the fat goes first.
      def fat_first(item, catalogue) = item.bowl == "pan" && catalogue.find_key(item.key)&.fat? ? 0 : 1

      def gel?(lines) = lines.any? { |line| psyllium?(line) } && lines.any? { |line| line.added && line.role == "liquid" }

      def psyllium?(line) = line.ingredient.to_s.start_with?("psyllium")

      def item(line, index, bowl, catalogue)
        return unknown(line, index, bowl) unless line.ingredient

        ingredient = catalogue.fetch(line.ingredient)
        twin = DataFiles.yaml("making/lookalikes.yml")[ingredient.key]
        Item.new(id: "i#{index}", key: ingredient.key, name: line.role == "seasoning" && line.name_text ? line.name_text : ingredient.say,
                 grams: line.grams.value.round(1), spoons: line.amount_text, bowl: bowl, lookalike: twin && asked(twin, catalogue))
      end

      # Leeks, nettles: weighed by their own words.
      def unknown(line, index, bowl)
        name = line.text.strip.delete_prefix(line.amount_text.to_s).strip
        Item.new(id: "i#{index}", name: name.empty? ? line.text.strip : name, grams: line.grams.value.round(1), bowl: bowl)
      end

      def asked(twin, catalogue) = {"other" => catalogue.fetch(twin["other"]).say, "ask" => twin["ask"], "why" => twin["why"]}

      def bowl(line, family, school, gel, catalogue)
        return "filling" if line.part.to_s.match?(Recipes::Parts::FILLING)
        return "gel" if gel && (psyllium?(line) || (line.added && line.role == "liquid"))
        return sauce_bowl(line, school) if family == "sauce"

        plain_bowl(line, catalogue)
      end

      # A roux starts in the pan; a slurry is stirred apart, cold.
      def sauce_bowl(line, school)
        return line.role == "fat" || line.role == "thickener" ? "pan" : "wet" unless school == "slurry"

        line.role == "thickener" || (line.added && line.role == "liquid") ? "slurry" : "pan"
      end

      def plain_bowl(line, catalogue)
        return "fat" if line.role == "fat"

        DRY.include?(line.role) || catalogue.find_key(line.ingredient)&.group == "sugar" || (line.role == "binder") ? "dry" : "wet"
      end
    end
  end
end
