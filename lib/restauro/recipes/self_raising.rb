# frozen_string_literal: true

module Restauro
  module Recipes
    # Self-raising flour read as what it is: plain flour, its baking powder, and in US packs salt.
    module SelfRaising
      KEY = "self_raising_flour"

      module_function

      # @param line [Line]   @return [Array<Line>] itself, or one line for each thing in the pack
      def parts(line, catalogue, system)
        return [line] unless line.ingredient == KEY

        shares =
          {
            "baking_powder" => share(:self_raising_powder),
            "fine_salt" => system == "us" ? share(:self_raising_salt) : 0.0
          }.reject { |_, g| g.zero? }
        flour = 1 / (1 + shares.values.sum)
        split = {"wheat_flour" => flour, **shares.transform_values { |part| part * flour }}
        split.each_with_index.map { |(key, part), index| one(line, catalogue.fetch(key), part, index) }
      end

      # @return [Float] of data/constants/lift.yml
      def share(name) = Constants.fetch(:lift, name)

      # @return [Line] the flour, or the powder that was in it
      def one(line, ingredient, part, index)
        grams = line.grams && line.grams * part
        text = grams ? "#{WeighedLine.tenths(grams.value.round(1))} g #{ingredient.say}" : line.text
        line.with(
          text: text,
          warnings: line.warnings + (index.zero? ? [] : Labels.marks(ingredient, text)),
          ingredient: ingredient.key,
          grams: line.grams && line.grams * part,
          role: LineReader::ROLES.fetch(ingredient.group, "other"),
          name_text: ingredient.say,
          amount_text: index.zero? ? line.amount_text : nil,
          number: line.number + index
        )
      end
    end
  end
end
