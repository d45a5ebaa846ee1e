module Restauro
  module Recipes
    # An HTML page that holds a schema.org Recipe as JSON-LD. Nokogiri is loaded only here.
    module Html
      module_function

      # @return [Array<Outline::Entry>]   @raise [InvalidInput]
      def read(text)
        require "nokogiri"
        scripts = Nokogiri::HTML5(text, max_errors: 0).css("script").select { |s| s["type"].to_s.downcase.include?("ld+json") }
        recipe = scripts.lazy.filter_map { |script| recipe_in(script.text) }.first
        recipe ? JsonLd.entries(recipe) : raise(InvalidInput, "no schema.org Recipe in this page; copy the ingredient lines and paste them as text")
      rescue LoadError
        raise InvalidInput, "reading HTML needs the set-up: run bin/start once, or paste the recipe as text"
      end

      def recipe_in(json)
        JsonLd.find(JSON.parse(json, max_nesting: 60))
      rescue JSON::ParserError, JSON::NestingError
        nil
      end
    end
  end
end
