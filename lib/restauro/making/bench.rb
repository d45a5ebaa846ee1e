module Restauro
  module Making
    # The bench sheet: every line of the gluten-free side that has a weight, known to the catalogue or not, in the order
    # that its method needs, dry and wet bowls apart.
    module Bench
      DRY = %w[thickener flour starch lift crumb seasoning].freeze
      BOWLS = {
        "gel" => "the gel's bowl",
        "pan" => "the pan",
        "slurry" => "the slurry's cup",
        "dry" => "the dry bowl",
        "fat" => "by itself",
        "wet" => "the wet bowl",
        "filling" => "the filling's bowl",
        "late" => "by itself, for the end"
      }.freeze
      # What the method asks for first.
      ORDER = %w[gel pan dry slurry fat wet filling late].freeze

      module_function

      # @param answer [Dishes::Answer]   @return [Array<Item>] part by part, each in the order that its method needs
      def of(answer, catalogue)
        ids = {}.compare_by_identity
        answer.lines.each_with_index { |line, index| ids[line] = "i#{index}" }
        several = !answer.dish.one_part?
        answer.parts.flat_map { |part| of_part(part, ids, catalogue, several ? part.name : nil) }
      end

      # @return [Array<Item>] of one part
      def of_part(part, ids, catalogue, name)
        weighed = part.lines.select { |line| line.grams&.value&.positive? }
        gel = gel?(weighed)
        school = part.swap.respond_to?(:school) && part.swap&.school.is_a?(String) ? part.swap.school : nil
        items = weighed.map do |line|
          item(
            line,
            ids.fetch(line),
            step_bowl(line, part.steps) || bowl(line, part.family, school, gel, catalogue),
            catalogue,
            name
          )
        end
        items.sort_by.with_index { |item, index| [ORDER.index(item.bowl), fat_first(item, catalogue), index] }
      end

      # Where its step says: spice goes into the pan with the roux it is stirred in with, what goes in at the end stands
      # by itself.
      def step_bowl(line, steps)
        step = steps.find { |candidate| candidate.uses.any? { |other| other.equal?(line) } } or return
        return "late" if step.kind == "finish"

        if step.kind == "brown" && line.role == "seasoning" && step.uses.any? { |other| other.role == "thickener" }
          "pan"
        end
      end

      # Into a pan the fat goes first.
      def fat_first(item, catalogue) = item.bowl == "pan" && catalogue.find_key(item.key)&.fat? ? 0 : 1

      def gel?(lines) =
        lines.any? { |line| psyllium?(line) } && lines.any? { |line| line.added && line.role == "liquid" }

      def psyllium?(line) = line.ingredient.to_s.start_with?("psyllium")

      # @return [Item]
      def item(line, id, bowl, catalogue, part)
        return unknown(line, id, bowl, part) unless line.ingredient

        ingredient = catalogue.fetch(line.ingredient)
        twin = DataFiles.yaml("making/lookalikes.yml")[ingredient.key]
        Item.new(
          id: id,
          part: part,
          key: ingredient.key,
          name: line.role == "seasoning" && line.name_text ? line.name_text : ingredient.say,
          grams: line.grams.value.round(1),
          spoons: line.amount_text,
          bowl: bowl,
          lookalike: twin && asked(twin, catalogue)
        )
      end

      # Leeks, nettles: weighed by their own words.
      def unknown(line, id, bowl, part)
        name = line.text.strip.delete_prefix(line.amount_text.to_s).strip
        Item.new(
          id: id,
          part: part,
          name: name.empty? ? line.text.strip : name,
          grams: line.grams.value.round(1),
          bowl: bowl
        )
      end

      # @return [Hash] what is taken for it, and how to tell
      def asked(twin, catalogue) =
        {"other" => catalogue.fetch(twin["other"]).say, "ask" => twin["ask"], "why" => twin["why"]}

      # @return [String] where a line is weighed into
      def bowl(line, family, school, gel, catalogue)
        return "filling" if family.nil? || line.part.to_s.match?(Recipes::Parts::FILLING)
        return "gel" if gel && (psyllium?(line) || (line.added && line.role == "liquid"))

        family.bowl(line, school) || plain_bowl(line, catalogue)
      end

      # @return [String] by what the ingredient is
      def plain_bowl(line, catalogue)
        return "fat" if line.role == "fat"

        if DRY.include?(line.role) || catalogue.find_key(line.ingredient)&.group == "sugar" || (line.role == "binder")
          "dry"
        else
          "wet"
        end
      end
    end
  end
end
