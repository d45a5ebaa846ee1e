require "json"

module Restauro
  module Recipes
    # schema.org Recipe JSON-LD, in and out.
    module JsonLd
      # Letters of what it yields that are kept.
      MOST_YIELD = 80

      module_function

      # A recipe as a document holds it.   name · ingredients, steps Array of lines · yields "Serves 4" or nil
      Listed = Struct.new(:name, :ingredients, :steps, :yields)

      # @param text [String] JSON   @return [Listed]   @raise [InvalidInput] no recipe in it
      def read(text)
        listed(recipe_in(JSON.parse(text, max_nesting: 60)))
      rescue JSON::ParserError # nested too deep is one of them
        raise InvalidInput,
              "this begins like JSON but does not parse (#{text.strip[0, 40].inspect}); " \
                "paste the recipe as plain text or a whole JSON-LD block"
      end

      # @return [Hash] a schema.org Recipe
      def write(name:, ingredients:, steps:)
        {
          "@context" => "https://schema.org",
          "@type" => "Recipe",
          "name" => name,
          "recipeIngredient" => ingredients,
          "recipeInstructions" => steps.map { |step| {"@type" => "HowToStep", "text" => step} }
        }
      end

      # The first Recipe in a document, a list or a graph; nil when there is none.
      def find(node)
        case node
        when Array
          node.lazy.filter_map { |child| find(child) }.first
        when Hash
          return node if Array(node["@type"]).any? { |type| type.to_s.split("/").last == "Recipe" }

          node.values.lazy.filter_map { |child| find(child) if child.is_a?(Array) || child.is_a?(Hash) }.first
        end
      end

      # @return [Hash] the Recipe in a document or its graph   @raise [InvalidInput] where there is none
      def recipe_in(document)
        find(document) or
          raise InvalidInput,
                "no schema.org Recipe in this JSON; it needs \"@type\": \"Recipe\" and \"recipeIngredient\""
      end

      # @return [Listed]
      def listed(recipe)
        ingredients = lines(recipe["recipeIngredient"] || recipe["ingredients"])
        if ingredients.empty?
          raise InvalidInput,
                "the Recipe in this JSON has no recipeIngredient lines; add them or paste the recipe as text"
        end

        steps = steps(recipe["recipeInstructions"])
        Listed.new(text_of(recipe["name"]), ingredients, steps, yields(recipe["recipeYield"]))
      end

      # "4", 4, ["4", "4 servings"], {"value": 4} or "Makes 12": the most that is said, a bare number being servings.
      # @return [String, nil]
      def yields(node)
        node = [*node["value"], *node["unitText"]].join(" ") if node.is_a?(Hash)
        said = Array(node).map { |one| text_of(one) }.reject(&:empty?).max_by(&:length) or return
        said.match?(/\A\d+\z/) ? "Serves #{said}" : said[0, MOST_YIELD]
      end

      # A list of lines, or one text of several.
      def lines(node)
        case node
        when Array
          node.flat_map { |child| lines(child) }
        when Hash
          lines(node["itemListElement"] || (node["text"] || node["name"]).to_s)
        else
          node.to_s.split(%r{\n+|<br\s*/?>}).map { |line| text_of(line) }.reject(&:empty?)
        end
      end

      # @return [Array<String>] steps, whatever sections they stand in
      def steps(node)
        case node
        when String
          text_of(node).split(/\n+/).map(&:strip).reject(&:empty?)
        when Array
          node.flat_map { |child| steps(child) }
        when Hash
          steps(node["itemListElement"] || (node["text"] || node["name"]).to_s)
        else
          []
        end
      end

      # @return [String] without tags
      def text_of(value) = Entities.decode(value.to_s).gsub(/<[^<>]*>/, " ").gsub(/[ \t]+/, " ").strip
    end
  end
end
