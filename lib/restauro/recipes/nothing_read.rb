# frozen_string_literal: true

module Restauro
  module Recipes
    # What to say where nothing of a recipe was found: what was pasted instead, and what to do.
    module NothingRead
      ADDRESS = %r{\A\s*(?:https?://|www\.)\S+\s*\z}i

      module_function

      # @param lines [Array<Line>] as far as they were read   @return [String]
      def words(text, lines)
        if ADDRESS.match?(text)
          return "this is an address, and pages are not fetched from here: open it, copy the whole page, and paste that"
        end

        meant = lines.flat_map(&:warnings).filter_map { |warning| warning.text[/did you mean .+\?/] }.uniq.first(3)
        return "no ingredient could be read in '#{text.strip[0, 40]}...'; #{meant.join(" ")}" if meant.any?

        start = text.match?(/\d/) ? "no ingredient could be read in" : "there is no recipe in"
        "#{start} '#{text.strip[0, 40]}...'; type lines such as '2 cups milk' or '30 g flour'"
      end
    end
  end
end
