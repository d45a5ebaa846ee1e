module Restauro
  module Recipes
    # An HTML page: the schema.org Recipe that it holds as JSON-LD, else what its headings, lists and paragraphs say. Nokogiri is loaded only here.
    module Html
      module_function

      BESIDE = "script, style, nav, footer, header, aside, form, noscript".freeze
      BLOCKS = "h1, h2, h3, h4, h5, li, p, td, dt, dd".freeze

      # @return [JsonLd::Listed, String] a string is the page's own lines   @raise [InvalidInput]
      def read(text)
        require "nokogiri"
        page = Nokogiri::HTML5(text, max_errors: 0)
        scripts = page.css("script").select { |s| s["type"].to_s.downcase.include?("ld+json") }
        recipe = scripts.lazy.filter_map { |script| recipe_in(script.text) }.first
        recipe ? JsonLd.listed(recipe) : words(page)
      rescue LoadError
        raise InvalidInput, "reading HTML needs the set-up: run bin/start once, or paste the recipe as text"
      end

      # What stands in the page's blocks, a line each; a list inside a list once.
      def words(page)
        page.css(BESIDE).each(&:remove)
        lines = page.css(BLOCKS).reject { |block| block.css(BLOCKS).any? }.map { |block| block.text.gsub(/\s+/, " ").strip }.reject(&:empty?)
        raise InvalidInput, "no recipe was found in this page; copy the ingredient lines and paste them as text" if lines.empty?

        lines.join("\n")
      end

      def recipe_in(json)
        JsonLd.find(JSON.parse(json, max_nesting: 60))
      rescue JSON::ParserError, JSON::NestingError
        nil
      end
    end
  end
end
